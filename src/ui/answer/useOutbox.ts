'use client';
import { useEffect, useState } from 'react';
import { newAttemptSchema, type NewAttempt } from '@/contracts/attempts';
import { newSuggestionSchema, type NewSuggestion } from '@/contracts/live';
import { createOutbox, type Outbox, type OutboxState } from '@/core/shared';
import { postAttempt, postSuggestion } from './sending';

const RETRY_MS = 5000;

/** The outbox of one student's answers on this device. */
export function useOutbox(studentId: number) {
  return useSending<NewAttempt>((onChange) =>
    createOutbox({
      store: window.localStorage,
      key: `vorschule-outbox-${studentId}`,
      schema: newAttemptSchema,
      send: postAttempt,
      onChange,
    }),
  );
}

/** The same for moves suggested in a lesson. */
export function useSuggestions(studentId: number) {
  return useSending<NewSuggestion>((onChange) =>
    createOutbox({
      store: window.localStorage,
      key: `vorschule-suggestions-${studentId}`,
      schema: newSuggestionSchema,
      send: postSuggestion,
      onChange,
    }),
  );
}

/** Sends at once, again when the network is back, and every few seconds. `make` is asked once, in the browser. */
function useSending<Item extends { readonly clientId: string }>(
  make: (onChange: (state: OutboxState) => void) => Outbox<Item>,
) {
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
