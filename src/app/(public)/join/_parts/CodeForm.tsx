'use client';
import { Button, Stack, TextInput } from '@mantine/core';
import { useActionState } from 'react';
import type { FormState } from '../../../_parts/FormState';
import * as doorText from '@/text/screens/door';

export function CodeForm({ action }: { action: (state: FormState, form: FormData) => Promise<FormState> }) {
  const [state, submit, isPending] = useActionState(action, {});
  return (
    <form action={submit}>
      <Stack>
        <TextInput
          name="joinCode"
          aria-label={doorText.classCode}
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
          {doorText.goToMyClass}
        </Button>
      </Stack>
    </form>
  );
}
