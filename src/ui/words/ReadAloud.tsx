'use client';
import { Button } from '@/ui/controls';
import { useEffect, useSyncExternalStore } from 'react';
import * as shellText from '@/text/screens/shell';
import type { Spoken } from '@/text';

const never = () => () => undefined;

/** Reads a text aloud where the browser can; its place is kept where it cannot, so that nothing moves. */
export function ReadAloud({ text }: { readonly text: Spoken }) {
  const canSpeak = useSyncExternalStore(
    never,
    () => 'speechSynthesis' in window,
    () => false,
  );
  // What is being read stops when its task goes.
  useEffect(() => () => stopSpeaking(), [text]);
  return (
    <Button
      variant="default"
      size="small"
      style={{ visibility: canSpeak ? 'visible' : 'hidden' }}
      onClick={() => speak(text)}
    >
      {shellText.readAloud}
    </Button>
  );
}

/** Once more from the beginning, whatever is being read. */
function speak(text: string): void {
  stopSpeaking();
  const spoken = new SpeechSynthesisUtterance(text);
  spoken.lang = 'en';
  // A little slower than usual: children listen and look at the board.
  spoken.rate = 0.9;
  window.speechSynthesis.speak(spoken);
}

function stopSpeaking(): void {
  if ('speechSynthesis' in window) window.speechSynthesis.cancel();
}
