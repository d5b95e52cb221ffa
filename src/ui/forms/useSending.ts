import { useRef, useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { Result } from '@/core/shared';
import { faultText } from '@/text';
import * as commonText from '@/text/screens/common';

/**
 * Sends something to the server: whether anything is on its way, and what was wrong with it. Nothing typed is lost by a failure. Of
 * several on their way at once a failure stays to be read, also when another one comes to a good end after it.
 */
export function useSending() {
  const batch = useRef({ underway: 0, hasFailed: false });
  const [isBusy, setIsBusy] = useState(false);
  const [error, setError] = useState('');

  function fail(text: string): void {
    batch.current.hasFailed = true;
    setError(text);
  }

  /** Gives the value of a success, undefined when it was refused or the server is away. */
  async function send<Value>(
    work: () => Promise<Result<Value, ServiceFault>>,
  ): Promise<{ readonly value: Value } | undefined> {
    if (batch.current.underway === 0) batch.current.hasFailed = false;
    batch.current.underway += 1;
    setIsBusy(true);
    try {
      const result = await work();
      if (!result.ok) {
        fail(faultText(result.error));
        return undefined;
      }
      if (!batch.current.hasFailed) setError('');
      return { value: result.value };
    } catch {
      // An action rejects when the network or the server is away.
      fail(commonText.noAnswer);
      return undefined;
    } finally {
      batch.current.underway -= 1;
      if (batch.current.underway === 0) setIsBusy(false);
    }
  }
  return { send, isBusy, error };
}
