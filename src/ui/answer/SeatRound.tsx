'use client';
import { Button } from '@mantine/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { SeatRound as SeatRoundData, SeatTask } from '@/contracts/attempts';
import { opponentOf } from '@/core/board';
import { mateFamily } from '@/core/exercises';
import { parseFen } from '@/core/notation';
import { checkPosition, type Position } from '@/core/rules';
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
import { placeOf, playOf, readPlace } from './seatPlace';
import classes from './SeatRound.module.css';
import { useOutbox } from './useOutbox';

/** A round on the seat: the puzzles of a set one after another, answers sent as they are given. */
export function SeatRound(props: {
  readonly round: SeatRoundData;
  readonly studentId: number;
  readonly onLeave: () => void;
}) {
  const { round, studentId, onLeave } = props;
  const placeKey = `vorschule-place-${round.roundId}`;
  const [solved, setSolved] = useState(() =>
    round.tasks.filter(({ isSolved }) => isSolved).map(({ taskId }) => Number(taskId)),
  );
  const [index, setIndex] = useState(() => firstOpen(round.tasks, solved));
  const [play, setPlay] = useState<PlayState>(FRESH_PLAY);
  const [isReady, setIsReady] = useState(false);
  const startedAt = useRef(0);
  const outbox = useOutbox(studentId);

  // The device's memory is there only in the browser; until it is read the board does not take moves.
  useEffect(() => {
    const place = readPlace(window.localStorage, placeKey);
    if (place !== undefined) {
      const known = [...new Set([...solved, ...place.solved])];
      const at = round.tasks.findIndex(({ taskId }) => taskId === place.taskId);
      setSolved(known);
      if (at >= 0 && !known.includes(place.taskId)) {
        setIndex(at);
        setPlay(playOf(place));
      } else setIndex(firstOpen(round.tasks, known));
    }
    startedAt.current = Date.now();
    setIsReady(true);
    // Read once for the round; later changes are written, not read.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [placeKey]);

  const task = round.tasks[index];
  if (task === undefined || !isReady) {
    return isReady ? (
      <Finished count={round.tasks.length} onLeave={onLeave} />
    ) : (
      <div className={classes.waiting} />
    );
  }
  const current = task;

  function act(action: PlayAction) {
    const next = reducePlay(play, action, judgeOf(current));
    const hasEnded = next.phase.kind === 'ended' && play.phase.kind !== 'ended';
    const isRight = next.phase.kind === 'ended' && next.phase.verdict.outcome === 'right';
    const known = isRight ? [...new Set([...solved, Number(current.taskId)])] : solved;
    setPlay(next);
    setSolved(known);
    window.localStorage.setItem(placeKey, JSON.stringify(placeOf(current.taskId, next, known)));
    if (action.kind === 'again' || action.kind === 'home') startedAt.current = Date.now();
    if (!hasEnded) return;
    outbox.add({
      clientId: makeUuid(),
      roundId: round.roundId,
      taskId: current.taskId,
      answer: { kind: 'play', moves: [...answerMoves(next)], slips: next.slips },
      hints: next.hints,
      spentMs: Math.min(86_400_000, Date.now() - startedAt.current),
      answeredAt: new Date().toISOString(),
    });
  }

  function open(at: number) {
    startedAt.current = Date.now();
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
  const home = useMemo(() => positionOfTask(task.fen), [task.fen]);
  const words: PlayWords = {
    question: mateQuestion(home.turn, task.mateInMoves),
    right: rightSentence(task.mateInMoves),
    wrong: (reply) =>
      wrongSentence(
        props.play.phase.kind === 'ended' ? props.play.phase.verdict.diagnoses[0] : undefined,
        opponentOf(home.turn),
        task.mateInMoves,
        reply,
      ),
  };
  return <PlayPlayer {...props} home={home} words={words} />;
}

function judgeOf({ task, solution }: SeatTask): PlayJudge {
  return {
    respond: (moves) => mateFamily.respond(task, solution, moves),
    hint: (moves) => mateFamily.hint(task, solution, moves),
  };
}

/** Only checked positions are ever stored, so anything else is a bug. */
function positionOfTask(fen: string): Position {
  const draft = parseFen(fen);
  const checked = draft.ok ? checkPosition(draft.value) : draft;
  if (!checked.ok) throw new Error(`stored task is no position: ${fen}`);
  return checked.value;
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
