'use client';
import { Button, Stack, TextInput } from '@mantine/core';
import { useActionState } from 'react';
import type { FormState } from '../../../_parts/FormState';

export function CodeForm({ action }: { action: (state: FormState, form: FormData) => Promise<FormState> }) {
  const [state, submit, isPending] = useActionState(action, {});
  return (
    <form action={submit}>
      <Stack>
        <TextInput
          name="joinCode"
          aria-label="Class code"
          size="xl"
          autoComplete="off"
          autoCapitalize="characters"
          spellCheck={false}
          defaultValue={state.values?.joinCode}
          error={state.error}
          errorProps={{ role: 'alert', fz: 'lg' }}
          styles={{
            input: {
              fontSize: '1.75rem',
              letterSpacing: '0.12em',
              height: '4.5rem',
              textTransform: 'uppercase',
            },
          }}
        />
        <Button type="submit" size="lg" mih={56} loading={isPending}>
          Go to my class
        </Button>
      </Stack>
    </form>
  );
}
