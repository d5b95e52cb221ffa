import { useRef, useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { Result } from '@/core/shared';
import { faultText } from '@/text';
import * as commonText from '@/text/screens/common';

/**
 * Sends something to the server: whether anything is on its way, and what was wrong with it. Nothing typed is lost by a failure. Of
 * several on their way at once a failure stays to be read, also when another one comes to a good end after it. `away`: what is said when
 * the network or the server is away. `refuse`: tells a refusal itself, beside its field, and says whether it did.
 */
export function useSending({
  away = commonText.noAnswer,
  refuse = () => false,
}: { readonly away?: string; readonly refuse?: (fault: ServiceFault) => boolean } = {}) {
  const batch = useRef({ underway: 0, hasFailed: false });
  const [isBusy, setIsBusy] = useState(false);
  const [error, setError] = useState('');
  const [success, setSuccess] = useState('');

  function fail(text: string): void {
    batch.current.hasFailed = true;
    setError(text);
    setSuccess('');
  }

  /** Gives the value of a success, undefined when it was refused or the server is away. `successText` is what a success is told with. */
  async function send<Value>(
    work: () => Promise<Result<Value, ServiceFault>>,
    successText?: (value: Value) => string,
  ): Promise<{ readonly value: Value } | undefined> {
    if (batch.current.underway === 0) batch.current.hasFailed = false;
    batch.current.underway += 1;
    setIsBusy(true);
    try {
      const result = await work();
      if (!result.ok) {
        fail(refuse(result.error) ? '' : faultText(result.error));
        return undefined;
      }
      if (!batch.current.hasFailed) {
        setError('');
        setSuccess(successText?.(result.value) ?? '');
      }
      return { value: result.value };
    } catch {
      // An action rejects when the network or the server is away.
      fail(away);
      return undefined;
    } finally {
      batch.current.underway -= 1;
      if (batch.current.underway === 0) setIsBusy(false);
    }
  }

  return {
    send,
    isBusy,
    error,
    /** What there is to say of it in one line: the failure, else the success. */
    status: error === '' ? success : error,
    /** For something that goes wrong without the server. */
    fail,
    /** Nothing is said any more. */
    clear: () => {
      setError('');
      setSuccess('');
    },
  };
}
