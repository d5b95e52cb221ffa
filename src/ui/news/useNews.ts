'use client';
import { useEffect, useState } from 'react';

/** How reading goes: still no answer, the last one reached the server, or it did not. */
export type NewsState = 'waiting' | 'there' | 'away';

/**
 * Reads an address again and again while the page is open and seen, the next time only when the last has ended. `read` takes what came and
 * says whether it was understood; `addressOf` is asked anew each time, so that it can carry a cursor.
 */
export function useNews(options: {
  readonly addressOf: () => string;
  readonly everyMs: number;
  readonly read: (answer: unknown) => boolean;
}): NewsState {
  const [state, setState] = useState<NewsState>('waiting');
  const [latest] = useState({ ...options });
  useEffect(() => {
    Object.assign(latest, options);
  });
  useEffect(() => {
    const ended = new AbortController();
    let timer: number | undefined;
    async function readOnce(): Promise<void> {
      if (document.visibilityState === 'visible') {
        const isThere = await readNews(latest.addressOf(), ended.signal, latest.read);
        if (ended.signal.aborted) return;
        setState(isThere ? 'there' : 'away');
      }
      timer = window.setTimeout(() => void readOnce(), latest.everyMs);
    }
    void readOnce();
    return () => {
      ended.abort();
      window.clearTimeout(timer);
    };
  }, [latest]);
  return state;
}

async function readNews(
  address: string,
  signal: AbortSignal,
  read: (answer: unknown) => boolean,
): Promise<boolean> {
  try {
    const response = await fetch(address, { signal, cache: 'no-store' });
    if (!response.ok) return false;
    const answer: unknown = await response.json();
    return !signal.aborted && read(answer);
  } catch {
    // No network, no server, or half an answer: read again later.
    return false;
  }
}
