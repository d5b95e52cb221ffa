'use client';
import { useEffect, useRef, useState } from 'react';
import { keptAttemptSchema, keptShownSchema, type KeptAttempt, type KeptShown } from '@/contracts/attempts';
import type { StudentId } from '@/contracts/ids';
import { keptSuggestionSchema, type KeptSuggestion } from '@/contracts/seatLesson';
import { createOutbox, type DeviceClocks, type Outbox, type OutboxState, type Sendable } from '@/core/shared';
import { makeAnswerStore } from '@/ui/device';
import { postAttempt, postShown, postSuggestion } from './post';

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
  const key = `vorschule-outbox-${studentId}`;
  return useSending<KeptAttempt>(key, (onChange) =>
    createOutbox({
      store: makeAnswerStore(window.localStorage),
      key,
      schema: keptAttemptSchema,
      clocks: CLOCKS,
      send: (item, waitedMs) => postAttempt(toSent(item, waitedMs, studentId)),
      onChange,
    }),
  );
}

/** The same for solutions the student was shown. */
export function useShownOutbox(studentId: StudentId) {
  const key = `vorschule-shown-${studentId}`;
  return useSending<KeptShown>(key, (onChange) =>
    createOutbox({
      store: makeAnswerStore(window.localStorage),
      key,
      schema: keptShownSchema,
      clocks: CLOCKS,
      send: (item, waitedMs) => postShown(toSent(item, waitedMs, studentId)),
      onChange,
    }),
  );
}

/** The same for moves suggested in a lesson. */
export function useSuggestions(studentId: StudentId) {
  const key = `vorschule-suggestions-${studentId}`;
  return useSending<KeptSuggestion>(key, (onChange) =>
    createOutbox({
      store: makeAnswerStore(window.localStorage),
      key,
      schema: keptSuggestionSchema,
      clocks: CLOCKS,
      send: (item, waitedMs) => postSuggestion(toSent(item, waitedMs, studentId)),
      onChange,
    }),
  );
}

const IDLE: OutboxState = { waiting: 0, trouble: undefined, refused: 0 };

/** The server has decided on the last answer that waited here. Before anything is heard of the outbox, this is not known. */
export const isEmptied = (state: OutboxState) => state !== IDLE && state.waiting === 0;

/** An outbox in use: one a page, whatever parts of it send. */
interface OpenOutbox {
  readonly outbox: Outbox<never>;
  readonly listeners: Set<(state: OutboxState) => void>;
  readonly stop: () => void;
}

const open = new Map<string, OpenOutbox>();

/** Sends at once, again when the network is back, and every few seconds. */
function useSending<Item extends Sendable>(
  key: string,
  make: (onChange: (state: OutboxState) => void) => Outbox<Item>,
) {
  const [state, setState] = useState(IDLE);
  const latestMake = useRef(make);
  useEffect(() => {
    const known = open.get(key) ?? begin(key, latestMake.current);
    known.listeners.add(setState);
    void known.outbox.flush();
    return () => {
      known.listeners.delete(setState);
      if (known.listeners.size > 0) return;
      known.stop();
      open.delete(key);
    };
  }, [key]);
  return {
    state,
    add: (item: Item) => (open.get(key)?.outbox as Outbox<Item> | undefined)?.add(item),
    /** Sends now what waits; resolves when it has been tried. */
    flush: () => open.get(key)?.outbox.flush() ?? Promise.resolve(),
  };
}

function begin<Item extends Sendable>(
  key: string,
  make: (onChange: (state: OutboxState) => void) => Outbox<Item>,
): OpenOutbox {
  const listeners: OpenOutbox['listeners'] = new Set();
  const outbox = make((state) => listeners.forEach((listen) => listen(state)));
  const flush = () => void outbox.flush();
  window.addEventListener('online', flush);
  const timer = window.setInterval(flush, RETRY_MS);
  const stop = () => {
    window.removeEventListener('online', flush);
    window.clearInterval(timer);
  };
  const made: OpenOutbox = { outbox: outbox, listeners, stop };
  open.set(key, made);
  return made;
}
