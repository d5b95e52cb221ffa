'use client';
import { Alert, Button, PasswordInput, Stack, TextInput } from '@mantine/core';
import { useActionState } from 'react';
import type { FormState } from '../../../_parts/FormState';
import * as doorText from '@/text/screens/door';

export function SignInForm({ action }: { action: (state: FormState, form: FormData) => Promise<FormState> }) {
  const [state, submit, isPending] = useActionState(action, {});
  return (
    <form action={submit}>
      <Stack>
        <TextInput
          name="signInName"
          label={doorText.signInName}
          autoComplete="username"
          defaultValue={state.values?.signInName}
          required
          withAsterisk={false}
        />
        <PasswordInput
          name="password"
          label={doorText.password}
          autoComplete="current-password"
          required
          withAsterisk={false}
        />
        {state.error !== undefined && (
          <Alert color="clay" role="alert">
            {state.error}
          </Alert>
        )}
        <Button type="submit" loading={isPending}>
          {doorText.signIn}
        </Button>
      </Stack>
    </form>
  );
}
