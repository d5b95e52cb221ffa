'use client';
import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { Result } from '@/core/shared';
import { faultText } from '@/text';
import { useRequestId } from './useRequestId';
import classes from './NameForm.module.css';
import * as commonText from '@/text/screens/common';

/**
 * One name and one button. The request id stays the same until the server has answered, so a second press or a second try
 * after a lost answer makes nothing twice.
 */
export function NameForm<Value>(props: {
  readonly label: string;
  readonly button: string;
  readonly maxLength: number;
  readonly initial?: string;
  readonly onName: (input: { requestId: string; name: string }) => Promise<Result<Value, ServiceFault>>;
  readonly onDone?: (value: Value) => void;
}) {
  const { label, button, maxLength, initial = '', onName, onDone } = props;
  const [name, setName] = useState(initial);
  const request = useRequestId();
  const [error, setError] = useState<string | undefined>();
  const [isBusy, setIsBusy] = useState(false);

  async function submit() {
    setIsBusy(true);
    try {
      const result = await onName({ requestId: request.idFor(name), name });
      setError(result.ok ? undefined : faultText(result.error));
      if (!result.ok) return;
      setName('');
      request.done();
      onDone?.(result.value);
    } catch {
      // An action rejects when the network or the server is away; the name stays in the field.
      setError(commonText.noAnswer);
    } finally {
      setIsBusy(false);
    }
  }

  return (
    <form
      className={classes.form}
      onSubmit={(event) => {
        event.preventDefault();
        if (!isBusy) void submit();
      }}
    >
      <TextInput
        className={classes.field}
        label={label}
        value={name}
        maxLength={maxLength}
        error={error}
        errorProps={{ role: 'alert' }}
        autoComplete="off"
        onChange={(event) => setName(event.currentTarget.value)}
      />
      <Button type="submit" loading={isBusy} disabled={name.trim() === ''}>
        {button}
      </Button>
    </form>
  );
}
