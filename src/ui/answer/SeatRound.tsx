'use client';
import { Button } from '@mantine/core';
import { useState, useSyncExternalStore } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { SeatRound as SeatRoundData, SeatTask } from '@/contracts/attempts';
import type { StudentId, TaskId } from '@/contracts/ids';
import type { Answer, FamilyId } from '@/core/exercises';
import { countWords, FAMILY_WORDS, SEAT_REASON_WORDS } from '@/text';
import { ExercisePlayer } from './ExercisePlayer';
import { MateSeat } from './MateSeat';
import { FRESH_PLAY } from './playState';
import { placeOf, playOf, readPlace, writePlace, type SeatPlace } from './seatPlace';
import classes from './SeatRound.module.css';
import { useOutbox } from './useOutbox';

/** Where a round is left for, as its button says. */
export type SeatBack = 'My place' | 'My path' | 'The board' | 'Go on';

const BACK_WORDS: Readonly<Record<SeatBack, string>> = {
  'My place': 'Back to my place',
  'My path': 'Back to my path',
  'The board': 'Back to the board',
  'Go on': 'Go on',
};

interface SeatRoundProps {
  readonly round: SeatRoundData;
  readonly studentId: StudentId;
  /** Where leaving leads to. */
  readonly back?: SeatBack;
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

/** The tasks of a set one after another, answers sent as they are given. */
function OpenRound({ round, studentId, back = 'My place', onLeave }: SeatRoundProps) {
  const placeKey = `vorschule-place-${round.roundId}`;
  const [start] = useState(() => startOf(round, readPlace(window.localStorage, placeKey)));
  const [solved, setSolved] = useState(start.solved);
  const [index, setIndex] = useState(start.index);
  const [play, setPlay] = useState(start.play);
  const [startedAt, setStartedAt] = useState(() => performance.now());
  // Stairs climbed elsewhere are skipped until the child wants them.
  const [skipped, setSkipped] = useState(start.skipped);
  // Tasks whose first answer today was not right.
  const [stumbled, setStumbled] = useState<ReadonlySet<TaskId>>(new Set());
  const outbox = useOutbox(studentId);

  const task = round.tasks[index];
  if (task === undefined)
    return (
      <Finished
        tasks={round.tasks.filter(({ taskId }) => !skipped.includes(taskId))}
        climbed={skipped.length}
        stumbled={stumbled}
        back={back}
        onLeave={onLeave}
        onClimb={() => {
          setSkipped([]);
          open(firstOpen(round.tasks, solved));
        }}
      />
    );
  const { taskId } = task;
  const why = round.reasons?.[index];

  function keep(played: typeof play, known: readonly number[]) {
    writePlace(window.localStorage, placeKey, placeOf(taskId, played, known));
  }

  function answer(given: Answer, isRight: boolean, hints: number) {
    if (isRight) {
      const known = [...new Set([...solved, Number(taskId)])];
      setSolved(known);
      keep(FRESH_PLAY, known);
    } else {
      setStumbled(new Set([...stumbled, taskId]));
    }
    outbox.add({
      clientId: makeUuid(),
      roundId: round.roundId,
      taskId,
      answer: given,
      hints,
      spentMs: performance.now() - startedAt,
      answeredAt: new Date().toISOString(),
    });
  }

  function open(at: number) {
    setStartedAt(performance.now());
    setPlay(FRESH_PLAY);
    setIndex(at);
  }

  const nextOpen = nextAfter(round.tasks, [...solved, ...skipped], index);
  const common = {
    next: nextOpen === undefined ? 'Done' : 'Next one',
    onAnswer: answer,
    onNext: () => open(nextOpen ?? round.tasks.length),
  };
  return (
    <div className={classes.round}>
      <header className={classes.head}>
        <Button size="md" mih={56} variant="default" onClick={onLeave}>
          {back}
        </Button>
        <span className={classes.where}>
          Task {index + 1} of {round.tasks.length}
          <br />
          <span className={classes.soft}>
            {why !== undefined && `${SEAT_REASON_WORDS[why]}. `}
            {solved.length} solved{skipped.length > 0 && `, ${skipped.length} climbed before`}
          </span>
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
      {task.family === 'mate' ? (
        <MateSeat
          key={taskId}
          puzzle={task}
          ours={round.ours}
          start={play}
          {...common}
          onPlay={(next, hasBegunAgain) => {
            keep(next, solved);
            if (hasBegunAgain) setStartedAt(performance.now());
          }}
        />
      ) : (
        <ExercisePlayer key={taskId} task={task} {...common} />
      )}
    </div>
  );
}

/** Where to go on: the place kept on this device, else the first task not solved yet. */
function startOf(round: SeatRoundData, place: SeatPlace | undefined) {
  const stored = round.tasks.filter(({ isSolved }) => isSolved).map(({ taskId }) => Number(taskId));
  const solved = [...new Set([...stored, ...(place?.solved ?? [])])];
  const skipped = round.tasks
    .filter(({ taskId, isClimbed }) => isClimbed && !solved.includes(taskId))
    .map(({ taskId }) => taskId);
  const at = round.tasks.findIndex(({ taskId }) => taskId === place?.taskId);
  return place === undefined || at < 0 || solved.includes(place.taskId)
    ? { solved, skipped, index: firstOpen(round.tasks, [...solved, ...skipped]), play: FRESH_PLAY }
    : { solved, skipped, index: at, play: playOf(place) };
}

function firstOpen(tasks: readonly SeatTask[], solved: readonly number[]): number {
  const at = tasks.findIndex(({ taskId }) => !solved.includes(taskId));
  return at < 0 ? tasks.length : at;
}

/** The next unsolved task, going round; undefined when all are solved. */
function nextAfter(tasks: readonly SeatTask[], solved: readonly number[], index: number): number | undefined {
  for (let step = 1; step <= tasks.length; step += 1) {
    const at = (index + step) % tasks.length;
    const taskId = tasks[at]?.taskId;
    if (taskId !== undefined && !solved.includes(taskId)) return at;
  }
  return undefined;
}

/** What went well, and one thing to look at once more. */
function Finished(props: {
  /** Those that were not skipped. */
  readonly tasks: readonly SeatTask[];
  /** Stairs that were skipped. */
  readonly climbed: number;
  readonly stumbled: ReadonlySet<TaskId>;
  readonly back: SeatBack;
  readonly onLeave: () => void;
  /** Wants the skipped ones as well. */
  readonly onClimb: () => void;
}) {
  const { tasks, climbed, stumbled, back, onLeave } = props;
  const again = findCommonest(tasks.filter(({ taskId }) => stumbled.has(taskId)).map(({ family }) => family));
  return (
    <div className={classes.finished}>
      <h1>All done.</h1>
      {tasks.length > 0 && (
        <p>
          {climbed > 0
            ? `You have climbed ${countWords(tasks.length, 'stair')}.`
            : `You have solved all ${tasks.length} tasks of this set.`}
        </p>
      )}
      {tasks.length > 0 && (
        <p>
          {stumbled.size === 0
            ? 'You found every one at once.'
            : `You found ${tasks.length - stumbled.size} of them at once.`}
        </p>
      )}
      {climbed > 0 && (
        <p>
          {countWords(climbed, 'stair')} you had climbed before.{' '}
          <Button size="md" mih={56} variant="default" onClick={props.onClimb}>
            Climb {climbed === 1 ? 'it' : 'them'} again
          </Button>
        </p>
      )}
      {again !== undefined && <p>Look at this once more: {FAMILY_WORDS[again]}.</p>}
      <Button size="lg" mih={56} onClick={onLeave}>
        {BACK_WORDS[back]}
      </Button>
    </div>
  );
}

function findCommonest(families: readonly FamilyId[]): FamilyId | undefined {
  const count = (family: FamilyId) => families.filter((other) => other === family).length;
  return [...new Set(families)].sort((one, other) => count(other) - count(one))[0];
}

function OutboxNote({ state }: { state: ReturnType<typeof useOutbox>['state'] }) {
  const text =
    state.trouble === 'sign-in'
      ? 'Your answers are kept here. Sign in again to send them.'
      : state.trouble === 'offline'
        ? 'No connection. Go on: your answers are kept and sent later.'
        : state.trouble === 'failed'
          ? 'An answer could not be stored yet. It is kept here and sent again.'
          : state.refused > 0
            ? 'An answer could not be stored. Tell your coach.'
            : '';
  return (
    <p className={classes.note} role="status">
      {text}
    </p>
  );
}
