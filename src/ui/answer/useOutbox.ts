'use client';
import { useEffect, useState } from 'react';
import { keptAttemptSchema, keptShownSchema, type KeptAttempt, type KeptShown } from '@/contracts/attempts';
import type { StudentId } from '@/contracts/ids';
import { keptSuggestionSchema, type KeptSuggestion } from '@/contracts/live';
import { createOutbox, type DeviceClocks, type Outbox, type OutboxState, type Sendable } from '@/core/shared';
import { postAttempt, postShown, postSuggestion } from './sending';

const RETRY_MS = 5000;

const CLOCKS: DeviceClocks = {
  sinceMs: (moment) => Date.now() - Date.parse(moment),
  steadyMs: () => performance.now(),
};

/** What is sent of an answer that was kept: not the clock of the device, but how long it lay there, and whose it is. */
function toSent<Kept extends Sendable>(
  { answeredAt: _, ...item }: Kept,
  waitedMs: number,
  studentId: StudentId,
) {
  return { ...item, waitedMs, studentId };
}

/** The outbox of one student's answers on this device. */
export function useOutbox(studentId: StudentId) {
  return useSending<KeptAttempt>((onChange) =>
    createOutbox({
      store: window.localStorage,
      key: `vorschule-outbox-${studentId}`,
      schema: keptAttemptSchema,
      clocks: CLOCKS,
      send: (item, waitedMs) => postAttempt(toSent(item, waitedMs, studentId)),
      onChange,
    }),
  );
}

/** The same for solutions the student was shown. */
export function useShownOutbox(studentId: StudentId) {
  return useSending<KeptShown>((onChange) =>
    createOutbox({
      store: window.localStorage,
      key: `vorschule-shown-${studentId}`,
      schema: keptShownSchema,
      clocks: CLOCKS,
      send: (item, waitedMs) => postShown(toSent(item, waitedMs, studentId)),
      onChange,
    }),
  );
}

/** The same for moves suggested in a lesson. */
export function useSuggestions(studentId: StudentId) {
  return useSending<KeptSuggestion>((onChange) =>
    createOutbox({
      store: window.localStorage,
      key: `vorschule-suggestions-${studentId}`,
      schema: keptSuggestionSchema,
      clocks: CLOCKS,
      send: (item, waitedMs) => postSuggestion(toSent(item, waitedMs, studentId)),
      onChange,
    }),
  );
}

/** Sends at once, again when the network is back, and every few seconds. `make` is asked once, in the browser. */
function useSending<Item extends Sendable>(make: (onChange: (state: OutboxState) => void) => Outbox<Item>) {
  const [state, setState] = useState<OutboxState>({ waiting: 0, trouble: undefined, refused: 0 });
  // A page belongs to one student: its outbox is made once.
  const [outbox] = useState(() => (typeof window === 'undefined' ? undefined : make(setState)));
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
  return { state, add: (item: Item) => outbox?.add(item) };
}
