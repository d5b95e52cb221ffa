'use client';
import { useEffect, useRef, useState } from 'react';
import { parseFen } from '@/core/notation';
import type { PositionDraft } from '@/core/rules';
import { faultText } from '@/text';

/** Letters of a position at most; a longer text is none. */
const MOST_LETTERS = 200;

/**
 * Hears a position (FEN) pasted anywhere on the page but in a field, which has its own. What cannot be read is told as long as this board is
 * shown, which stays as it is.
 */
export function usePastedPosition(shown: PositionDraft, onPosition: (draft: PositionDraft) => void): string {
  const [fault, setFault] = useState<{ readonly shown: PositionDraft; readonly text: string }>();
  const hear = useRef({ shown, onPosition });
  useEffect(() => {
    hear.current = { shown, onPosition };
  });
  useEffect(() => {
    function paste(event: ClipboardEvent) {
      if (event.target instanceof Element && event.target.closest('input,textarea') !== null) return;
      const text = event.clipboardData?.getData('text').trim().slice(0, MOST_LETTERS) ?? '';
      if (text === '') return;
      event.preventDefault();
      const parsed = parseFen(text);
      if (parsed.ok) hear.current.onPosition(parsed.value);
      else setFault({ shown: hear.current.shown, text: faultText(parsed.error) });
    }
    document.addEventListener('paste', paste);
    return () => document.removeEventListener('paste', paste);
  }, []);
  return fault?.shown === shown ? fault.text : '';
}
