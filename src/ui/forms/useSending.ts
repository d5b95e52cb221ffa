import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { Result } from '@/core/shared';
import { faultText } from '@/text';

/** Sends something to the server: whether it is on its way, and what was wrong with it. Nothing typed is lost by a failure. */
export function useSending() {
  const [isBusy, setIsBusy] = useState(false);
  const [error, setError] = useState('');

  /** Gives the value of a success, undefined when it was refused or the server is away. */
  async function send<Value>(
    work: () => Promise<Result<Value, ServiceFault>>,
  ): Promise<{ readonly value: Value } | undefined> {
    setIsBusy(true);
    try {
      const result = await work();
      setError(result.ok ? '' : faultText(result.error));
      return result.ok ? { value: result.value } : undefined;
    } catch {
      // An action rejects when the network or the server is away.
      setError('The server did not answer. Try again.');
      return undefined;
    } finally {
      setIsBusy(false);
    }
  }
  return { send, isBusy, error };
}
