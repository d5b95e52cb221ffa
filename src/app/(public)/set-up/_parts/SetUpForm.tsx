'use client';
import { Alert, Button, PasswordInput, Stack, TextInput } from '@mantine/core';
import { useActionState } from 'react';
import type { FormState } from '../../../_parts/FormState';
import * as doorText from '@/text/screens/door';

const FIELDS = [
  ['code', doorText.codeFromTerminal],
  ['clubName', doorText.nameOfClub],
  ['timeZone', doorText.timeZone],
  ['leadName', doorText.yourName],
  ['signInName', doorText.signInName],
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
            placeholder={name === 'timeZone' ? doorText.timeZoneExample : undefined}
            defaultValue={state.values?.[name]}
            error={state.atFault?.includes(name)}
            required
            withAsterisk={false}
          />
        ))}
        <PasswordInput
          name="password"
          error={state.atFault?.includes('password')}
          label={doorText.password}
          description={doorText.passwordHelp}
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
