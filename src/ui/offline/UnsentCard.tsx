'use client';
import { Button } from '@/ui/controls';
import { useState } from 'react';
import type { StudentId } from '@/contracts/ids';
import { unsentText } from '@/text';
import { useOutbox, useShownOutbox, useSuggestions } from '@/ui/sending';
import classes from './UnsentCard.module.css';
import * as seatPagesText from '@/text/screens/seatPages';

/** On the child's home: answers that are still on this device. They are sent by themselves; the button tries at once. Nothing when all are sent. */
export function UnsentCard({ studentId }: { readonly studentId: StudentId }) {
  const answers = useOutbox(studentId);
  const moves = useSuggestions(studentId);
  // What was shown is no answer, so it is sent and not counted.
  useShownOutbox(studentId);
  const [isSending, setSending] = useState(false);
  const waiting = answers.state.waiting + moves.state.waiting;
  const trouble = answers.state.trouble ?? moves.state.trouble;
  if (waiting === 0 || trouble === undefined) return null;
  return (
    <section className={classes.card} aria-label={seatPagesText.answersDevice}>
      <p role="status">{unsentText(waiting, trouble)}</p>
      <Button
        variant="default"
        isBusy={isSending}
        onClick={() => {
          setSending(true);
          void Promise.all([answers.flush(), moves.flush()]).finally(() => setSending(false));
        }}
      >
        {seatPagesText.sendNow}
      </Button>
    </section>
  );
}
