'use client';
import { Button } from '@/ui/controls';
import { useEffect, useState } from 'react';
import { z } from 'zod/mini';
import type { SeatRound as SeatRoundData } from '@/contracts/attempts';
import type { QuestionId, StudentId } from '@/contracts/ids';
import { SEAT_ROUTES } from '@/contracts/seatRoutes';
import { SeatRound } from '@/ui/answer';
import classes from './SeatLesson.module.css';
import * as liveText from '@/text/screens/live';

/** Made by our own server; a page in between, a login of the network say, sends something else. */
const roundSchema = z.custom<SeatRoundData>(
  (value: unknown) => typeof value === 'object' && value !== null && 'roundId' in value && 'tasks' in value,
);

type Opened = SeatRoundData | 'opening' | 'failed';

/** A stored task that the board asks, as a round of one. */
export function SeatTask(props: {
  readonly questionId: QuestionId;
  readonly studentId: StudentId;
  readonly onDone: () => void;
}) {
  const { questionId, studentId, onDone } = props;
  const [tries, setTries] = useState(0);
  const [round, setRound] = useState<Opened>('opening');
  useEffect(() => {
    const ended = new AbortController();
    void openRound(questionId, ended.signal).then((opened) => {
      if (!ended.signal.aborted) setRound(opened);
    });
    return () => ended.abort();
  }, [questionId, tries]);

  if (round === 'opening') return <h1 className={classes.waiting}>{liveText.oneMoment}</h1>;
  if (round === 'failed')
    return (
      <div className={classes.waiting}>
        <p>{liveText.taskNotLoaded}</p>
        <Button
          onClick={() => {
            setRound('opening');
            setTries(tries + 1);
          }}
        >
          {liveText.fetchAgain}
        </Button>
      </div>
    );
  return <SeatRound round={round} studentId={studentId} back="next-task" onLeave={onDone} />;
}

async function openRound(questionId: QuestionId, signal: AbortSignal): Promise<Opened> {
  try {
    const response = await fetch(SEAT_ROUTES.rounds.path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ questionId }),
      signal,
    });
    const parsed = roundSchema.safeParse(response.ok ? await response.json() : undefined);
    return parsed.success ? parsed.data : 'failed';
  } catch {
    // Nothing came back, or no JSON.
    return 'failed';
  }
}
