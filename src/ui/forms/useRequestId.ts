'use client';
import { useRef } from 'react';
import { v4 as makeUuid } from 'uuid';

/**
 * The id under which something is stored once. It stays the same while the same is asked, so that a second try after a lost answer makes
 * nothing twice. Anything else that is asked has another one: under the old id the server would give what it had stored before.
 */
export function useRequestId() {
  const last = useRef<{ readonly text: string; readonly requestId: string } | undefined>(undefined);
  return {
    idFor(asked: unknown): string {
      const text = JSON.stringify(asked);
      if (last.current?.text !== text) last.current = { text, requestId: makeUuid() };
      return last.current.requestId;
    },
    /** It was stored; the same asked once more is wanted once more. */
    done(): void {
      last.current = undefined;
    },
  };
}
