'use client';
import { useEffect, useMemo, useState } from 'react';
import type { NewAttempt } from '@/contracts/attempts';
import { createOutbox, postAttempt, type Outbox, type OutboxState } from './outbox';

const RETRY_MS = 5000;

/** The outbox of one student on this device; sends at once, again when the network is back, and every few seconds. */
export function useOutbox(studentId: number) {
  const [state, setState] = useState<OutboxState>({ waiting: 0, trouble: undefined, refused: 0 });
  const outbox = useMemo<Outbox | undefined>(
    () =>
      typeof window === 'undefined'
        ? undefined
        : createOutbox({
            store: window.localStorage,
            key: `vorschule-outbox-${studentId}`,
            send: postAttempt,
            onChange: setState,
          }),
    [studentId],
  );
  useEffect(() => {
    const flush = () => void outbox?.flush();
    flush();
    window.addEventListener('online', flush);
    const timer = window.setInterval(flush, RETRY_MS);
    return () => {
      window.removeEventListener('online', flush);
      window.clearInterval(timer);
    };
  }, [outbox]);
  return { state, add: (attempt: NewAttempt) => outbox?.add(attempt) };
}
