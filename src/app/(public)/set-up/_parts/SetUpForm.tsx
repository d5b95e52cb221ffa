'use client';
import { Alert, Button, PasswordInput, Stack, TextInput } from '@mantine/core';
import { useActionState } from 'react';
import type { FormState } from '../../../_parts/FormState';
import * as doorText from '@/text/screens/door';

const FIELDS = [
  ['code', 'Code from the terminal'],
  ['clubName', 'Name of the club'],
  ['timeZone', 'Time zone'],
  ['leadName', 'Your name'],
  ['signInName', 'Sign-in name'],
] as const;

export function SetUpForm({ action }: { action: (state: FormState, form: FormData) => Promise<FormState> }) {
  const [state, submit, isPending] = useActionState(action, {});
  return (
    <form action={submit}>
      <Stack>
        {FIELDS.map(([name, label]) => (
          <TextInput
            key={name}
            name={name}
            label={label}
            placeholder={name === 'timeZone' ? doorText.europeZurich : undefined}
            defaultValue={state.values?.[name]}
            required
            withAsterisk={false}
          />
        ))}
        <PasswordInput
          name="password"
          label={doorText.password}
          description={doorText.atLeast10Characters}
          autoComplete="new-password"
          required
          withAsterisk={false}
        />
        {state.error !== undefined && (
          <Alert color="clay" role="alert">
            {state.error}
          </Alert>
        )}
        <Button type="submit" loading={isPending}>
          {doorText.setUp}
        </Button>
      </Stack>
    </form>
  );
}
