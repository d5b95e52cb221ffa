'use client';
import { Button } from '@/ui/controls';
import { useRef, useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { StudentId } from '@/contracts/ids';
import { leaveUnsentText } from '@/text';
import { useOutbox, useSuggestions } from '@/ui/sending';
import { forgetPages } from './keptPages';
import { countUnsent, tellUnsent } from './unsent';
import classes from './UnsentCard.module.css';
import * as seatPagesText from '@/text/screens/seatPages';

/**
 * Signs the child out, after what waits was sent and its pages were forgotten. What could not be sent is told before: it stays on the device,
 * under this child's name, whoever signs in next.
 */
export function LeaveButton({
  studentId,
  leave,
}: {
  readonly studentId: StudentId;
  readonly leave: () => Promise<void>;
}) {
  const answers = useOutbox(studentId);
  const moves = useSuggestions(studentId);
  const [unsent, setUnsent] = useState(0);
  const isWarned = useRef(false);
  return (
    <form
      action={async () => {
        await Promise.all([answers.flush(), moves.flush()]);
        await tellUnsent(window.localStorage, makeUuid);
        const left = countUnsent(window.localStorage).get(studentId) ?? 0;
        if (left > 0 && !isWarned.current) {
          isWarned.current = true;
          setUnsent(left);
          return;
        }
        await forgetPages();
        await leave();
      }}
    >
      {unsent === 0 ? (
        <Button type="submit" variant="default">
          {seatPagesText.iAmDone}
        </Button>
      ) : (
        <div className={classes.card} role="alert">
          <p>{leaveUnsentText(unsent)}</p>
          <span className={classes.ways}>
            <Button
              onClick={() => {
                isWarned.current = false;
                setUnsent(0);
              }}
            >
              {seatPagesText.stayHere}
            </Button>
            <Button type="submit" variant="default">
              {seatPagesText.leaveAnyway}
            </Button>
          </span>
        </div>
      )}
    </form>
  );
}
