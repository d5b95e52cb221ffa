'use client';
import { Button } from '@mantine/core';
import { useMemo, useState, useSyncExternalStore } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { SeatRound as SeatRoundData, SeatTask } from '@/contracts/attempts';
import { opponentOf } from '@/core/board';
import { getAskedLength, mateFamily } from '@/core/exercises';
import { getPosition } from '@/core/notation';
import { mateQuestion, rightSentence, wrongSentence } from '@/text';
import { PlayPlayer, type PlayWords } from './PlayPlayer';
import {
  answerMoves,
  FRESH_PLAY,
  reducePlay,
  type PlayAction,
  type PlayJudge,
  type PlayState,
} from './playState';
import { placeOf, playOf, readPlace, type SeatPlace } from './seatPlace';
import classes from './SeatRound.module.css';
import { useOutbox } from './useOutbox';

interface SeatRoundProps {
  readonly round: SeatRoundData;
  readonly studentId: number;
  readonly onLeave: () => void;
}

/** A round on the seat. It reads the device's memory, so it is drawn in the browser only; its place is kept until then. */
export function SeatRound(props: SeatRoundProps) {
  const isBrowser = useSyncExternalStore(
    subscribeToNothing,
    () => true,
    () => false,
  );
  return isBrowser ? <OpenRound {...props} /> : <div className={classes.waiting} />;
}

const subscribeToNothing = () => () => undefined;

/** The puzzles of a set one after another, answers sent as they are given. */
function OpenRound({ round, studentId, onLeave }: SeatRoundProps) {
  const placeKey = `vorschule-place-${round.roundId}`;
  const [start] = useState(() => startOf(round, readPlace(window.localStorage, placeKey)));
  const [solved, setSolved] = useState(start.solved);
  const [index, setIndex] = useState(start.index);
  const [play, setPlay] = useState<PlayState>(start.play);
  const [startedAt, setStartedAt] = useState(() => Date.now());
  const outbox = useOutbox(studentId);

  const task = round.tasks[index];
  if (task === undefined) return <Finished count={round.tasks.length} onLeave={onLeave} />;
  const current = task;

  function act(action: PlayAction) {
    const next = reducePlay(play, action, judgeOf(current));
    const hasEnded = next.phase.kind === 'ended' && play.phase.kind !== 'ended';
    const isRight = next.phase.kind === 'ended' && next.phase.verdict.outcome === 'right';
    const known = isRight ? [...new Set([...solved, Number(current.taskId)])] : solved;
    setPlay(next);
    setSolved(known);
    window.localStorage.setItem(placeKey, JSON.stringify(placeOf(current.taskId, next, known)));
    if (action.kind === 'again' || action.kind === 'home') setStartedAt(Date.now());
    if (!hasEnded) return;
    outbox.add({
      clientId: makeUuid(),
      roundId: round.roundId,
      taskId: current.taskId,
      answer: { kind: 'play', moves: [...answerMoves(next)], slips: next.slips },
      hints: next.hints,
      spentMs: Math.min(86_400_000, Date.now() - startedAt),
      answeredAt: new Date().toISOString(),
    });
  }

  function open(at: number) {
    setStartedAt(Date.now());
    setPlay(FRESH_PLAY);
    setIndex(at);
  }

  const nextOpen = nextAfter(round.tasks, solved, index);
  return (
    <div>
      <header className={classes.head}>
        <Button size="md" mih={56} variant="default" onClick={onLeave}>
          My place
        </Button>
        <span className={classes.where}>
          Puzzle {index + 1} of {round.tasks.length}
          <br />
          <span className={classes.soft}>{solved.length} solved</span>
        </span>
        <Button
          size="md"
          mih={56}
          variant="default"
          disabled={nextOpen === undefined || nextOpen === index}
          onClick={() => open(nextOpen ?? index)}
        >
          Later
        </Button>
      </header>
      <OutboxNote state={outbox.state} />
      <TaskPlayer
        key={current.taskId}
        task={current}
        play={play}
        isLast={nextOpen === undefined}
        onAction={act}
        onNext={() => open(nextOpen ?? round.tasks.length)}
      />
    </div>
  );
}

function TaskPlayer(props: {
  readonly task: SeatTask;
  readonly play: PlayState;
  readonly isLast: boolean;
  readonly onAction: (action: PlayAction) => void;
  readonly onNext: () => void;
}) {
  const { task } = props.task;
  const home = useMemo(() => getPosition(task.fen), [task.fen]);
  const asked = getAskedLength(task);
  const words: PlayWords = {
    question: mateQuestion(home.turn, asked),
    right: rightSentence,
    wrong: (verdict, shown) =>
      wrongSentence({
        diagnosis: verdict.diagnoses[0],
        fate: verdict.fate,
        defender: opponentOf(home.turn),
        mateInMoves: asked,
        ...shown,
      }),
  };
  return <PlayPlayer {...props} home={home} words={words} />;
}

function judgeOf({ task, solution }: SeatTask): PlayJudge {
  return {
    respond: (moves) => mateFamily.respond(task, solution, moves),
    hint: (moves) => mateFamily.hint(task, solution, moves),
  };
}

/** Where to go on: the place kept on this device, else the first puzzle not solved yet. */
function startOf(round: SeatRoundData, place: SeatPlace | undefined) {
  const stored = round.tasks.filter(({ isSolved }) => isSolved).map(({ taskId }) => Number(taskId));
  const solved = [...new Set([...stored, ...(place?.solved ?? [])])];
  const at = round.tasks.findIndex(({ taskId }) => taskId === place?.taskId);
  return place === undefined || at < 0 || solved.includes(place.taskId)
    ? { solved, index: firstOpen(round.tasks, solved), play: FRESH_PLAY }
    : { solved, index: at, play: playOf(place) };
}

function firstOpen(tasks: readonly SeatTask[], solved: readonly number[]): number {
  const at = tasks.findIndex(({ taskId }) => !solved.includes(taskId));
  return at < 0 ? tasks.length : at;
}

/** The next unsolved puzzle, going round; undefined when all are solved. */
function nextAfter(tasks: readonly SeatTask[], solved: readonly number[], index: number): number | undefined {
  for (let step = 1; step <= tasks.length; step += 1) {
    const at = (index + step) % tasks.length;
    const taskId = tasks[at]?.taskId;
    if (taskId !== undefined && !solved.includes(taskId)) return at;
  }
  return undefined;
}

function Finished({ count, onLeave }: { count: number; onLeave: () => void }) {
  return (
    <div className={classes.finished}>
      <h1>All done.</h1>
      <p>You have solved all {count} puzzles of this set.</p>
      <Button size="lg" mih={56} onClick={onLeave}>
        Back to my place
      </Button>
    </div>
  );
}

function OutboxNote({ state }: { state: ReturnType<typeof useOutbox>['state'] }) {
  const text =
    state.trouble === 'sign-in'
      ? 'Your answers are kept here. Sign in again to send them.'
      : state.trouble === 'offline'
        ? 'No connection. Go on: your answers are kept and sent later.'
        : state.refused > 0
          ? 'An answer could not be stored. Tell your coach.'
          : '';
  return (
    <p className={classes.note} role="status">
      {text}
    </p>
  );
}
