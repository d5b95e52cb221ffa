'use client';
import { Button } from '@/ui/controls';
import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { RoundId } from '@/contracts/ids';
import type { Stage } from '@/core/exercises';
import type { Result } from '@/core/shared';
import { faultText } from '@/text';
import { useRequestId } from '@/ui/forms/useRequestId';
import styles from '../path.module.css';
import * as seatPagesText from '@/text/screens/seatPages';

/** Begins a round of fresh tasks and goes there. */
export function PractiseButton(props: {
  /** Without one it is the child's next round. */
  readonly stage?: Stage;
  readonly label: string;
  readonly says: string;
  readonly isNext: boolean;
  readonly onStart: (input: { requestId: string; stage?: Stage }) => Promise<Result<RoundId, ServiceFault>>;
}) {
  const { stage, label, says, isNext, onStart } = props;
  const router = useRouter();
  const request = useRequestId();
  const [error, setError] = useState('');
  const [isBusy, startTransition] = useTransition();

  function start() {
    startTransition(async () => {
      try {
        const round = await onStart({
          requestId: request.idFor(stage ?? ''),
          ...(stage === undefined ? {} : { stage }),
        });
        if (!round.ok) {
          setError(faultText(round.error));
          return;
        }
        request.done();
        router.push(`/seat/practice/${round.value}`);
      } catch {
        // A server action rejects when the network or the server is away.
        setError(seatPagesText.noConnection);
      }
    });
  }

  return (
    <span>
      <Button variant={isNext ? 'filled' : 'default'} isBusy={isBusy} aria-label={says} onClick={start}>
        {label}
      </Button>
      {error !== '' && (
        <span className={styles.failed} role="alert">
          {error}
        </span>
      )}
    </span>
  );
}
