'use client';
import { Button } from '@/ui/controls';
import { lazy, Suspense, type ReactNode, useEffect, useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { SeatRound as SeatRoundData, SeatTask } from '@/contracts/attempts';
import type { StudentId } from '@/contracts/ids';
import type { Answer } from '@/core/exercises';
import { SEAT_REASON_WORDS, type Spoken } from '@/text';
import { clearOldDrafts, draftKeyOf, dropDraft, openDraft, useIsBrowser, type Draft } from '@/ui/device';
import { MateSeat } from './MateSeat';
import { readPlace, writePlace } from './seatPlace';
import classes from './SeatRound.module.css';
import { useOutbox, useShownOutbox } from '@/ui/sending';
import * as seatPagesText from '@/text/screens/seatPages';

/** What not every round needs comes when it does: the player of exercises, their families, and the end. */
const loadExercises = () => import('./SeatExercise');
const loadEnd = () => import('./RoundEnd');
const SeatExercise = lazy(() => loadExercises().then(({ SeatExercise: player }) => ({ default: player })));
const RoundEnd = lazy(() => loadEnd().then(({ RoundEnd: end }) => ({ default: end })));

/** Fetches what a task is played with; resolves when that is here, or can't be had now: then the player tries again itself. */
async function fetchFor(task: SeatTask | undefined): Promise<void> {
  if (task === undefined || task.family === 'mate') return;
  const { family } = task;
  // The player first: what it shares with a family is then not fetched twice.
  await Promise.allSettled([loadExercises().then(({ fetchFamilies }) => fetchFamilies([family]))]);
}

/** Fetches all that the tasks of a round need, so that it goes on without a network; what can't be fetched now is fetched when it is needed. */
function fetchAll(tasks: readonly SeatTask[]): void {
  const families = [...new Set(tasks.map(({ family }) => family))].filter((family) => family !== 'mate');
  const exercises =
    families.length === 0 ? undefined : loadExercises().then(({ fetchFamilies }) => fetchFamilies(families));
  void Promise.allSettled([exercises, loadEnd()]);
}

/** Where a round is left for. */
export type SeatBack = 'place' | 'path' | 'board' | 'next-task';

const FETCH_LATER_MS = 800;

/** On the button at the head of a round, short. A task that the class's board asks has no head: the lesson has its own ways. */
const LEAVE_WORDS: Readonly<Record<Exclude<SeatBack, 'next-task'>, Spoken>> = {
  place: seatPagesText.myPlace,
  path: seatPagesText.myPath,
  board: seatPagesText.theBoard,
};
/** On the button at its end. */
const BACK_WORDS: Readonly<Record<SeatBack, Spoken>> = {
  place: seatPagesText.backToMyPlace,
  path: seatPagesText.backToMyPath,
  board: seatPagesText.backToTheBoard,
  'next-task': seatPagesText.goOn,
};

interface SeatRoundProps {
  readonly round: SeatRoundData;
  readonly studentId: StudentId;
  /** Shown until the device's memory is read and the first player is there. */
  readonly waiting?: ReactNode;
  /** Where leaving leads to. */
  readonly back?: SeatBack;
  readonly onLeave: () => void;
}

/** A round on the seat. It reads the device's memory, so it is drawn in the browser only; its place is kept until then. */
export function SeatRound(props: SeatRoundProps) {
  // While the page still wakes: a slow phone takes half a second for that.
  if (typeof window !== 'undefined') void fetchFor(props.round.tasks[startAt(props.round).index]);
  const waiting = props.waiting ?? <div className={classes.waiting} />;
  return useIsBrowser() ? (
    <Suspense fallback={waiting}>
      <OpenRound {...props} />
    </Suspense>
  ) : (
    waiting
  );
}

/** The tasks of a set one after another, answers sent as they are given. */
function OpenRound({ round, studentId, back = 'place', onLeave }: SeatRoundProps) {
  const placeKey = placeKeyOf(round);
  const [start] = useState(() => startAt(round));
  const [solved, setSolved] = useState(start.solved);
  const [index, setIndex] = useState(start.index);
  const [startedAt, setStartedAt] = useState(() => performance.now());
  // Stairs climbed elsewhere are skipped until the child wants them.
  const [skipped, setSkipped] = useState(start.skipped);
  // Tasks whose first answer today was not right.
  const [stumbled, setStumbled] = useState(start.stumbled);
  const outbox = useOutbox(studentId);
  const shownOutbox = useShownOutbox(studentId);

  const task = round.tasks[index];
  const draftKey = draftKeyOf(round.roundId, task?.taskId ?? 0);
  // A task that is opened again is a new visit: it begins with what is kept of it now.
  const [visit, setVisit] = useState(0);
  useEffect(() => {
    if (task !== undefined)
      writePlace(window.localStorage, placeKey, { taskId: task.taskId, solved, stumbled });
  }, [placeKey, task, solved, stumbled]);
  useEffect(() => clearOldDrafts(window.localStorage), []);
  // What the first task needs itself comes first, however slow the network is.
  useEffect(() => {
    let timer: number | undefined;
    let left = false;
    void fetchFor(round.tasks[start.index]).then(() => {
      if (!left) timer = window.setTimeout(() => fetchAll(round.tasks), FETCH_LATER_MS);
    });
    return () => {
      left = true;
      window.clearTimeout(timer);
    };
  }, [round.tasks, start.index]);
  if (task === undefined)
    return (
      <RoundEnd
        tasks={round.tasks.filter(({ taskId }) => !skipped.includes(taskId))}
        climbed={skipped.length}
        stumbled={stumbled}
        back={BACK_WORDS[back]}
        onLeave={onLeave}
        onClimb={() => {
          setSkipped([]);
          open(firstOpen(round.tasks, solved));
        }}
        onRepeat={(taskId) => open(round.tasks.findIndex((task) => task.taskId === taskId))}
      />
    );
  const { taskId } = task;
  const why = round.reasons?.[index];

  function stumble() {
    if (!stumbled.includes(taskId)) setStumbled([...stumbled, taskId]);
  }

  function answer(given: Answer, isRight: boolean, hints: number) {
    if (isRight) {
      setSolved([...new Set([...solved, Number(taskId)])]);
    } else stumble();
    outbox.add({ ...makeEntry(), answer: given, hints, spentMs: performance.now() - startedAt });
  }

  function tellShown() {
    stumble();
    shownOutbox.add(makeEntry());
  }

  const makeEntry = () => ({
    clientId: makeUuid(),
    roundId: round.roundId,
    taskId,
    answeredAt: new Date().toISOString(),
  });

  function open(at: number) {
    setStartedAt(performance.now());
    setVisit(visit + 1);
    setIndex(at);
  }

  const nextOpen = nextAfter(round.tasks, [...solved, ...skipped], index);
  const common = {
    next:
      nextOpen === undefined
        ? seatPagesText.done
        : nextOpen === index
          ? seatPagesText.nowYouButton
          : seatPagesText.nextOne,
    onAnswer: answer,
    onShown: tellShown,
    onNext() {
      dropDraft(window.localStorage, draftKey);
      open(nextOpen ?? round.tasks.length);
    },
  };
  return (
    <div className={classes.round}>
      {back !== 'next-task' && (
        <header className={classes.head}>
          <Button variant="default" onClick={onLeave}>
            {LEAVE_WORDS[back]}
          </Button>
          <span className={classes.where}>
            {seatPagesText.taskOf(index + 1, round.tasks.length)}
            <br />
            <span className={classes.soft}>
              {why !== undefined && `${SEAT_REASON_WORDS[why]}. `}
              {seatPagesText.solved(solved.length)}
              {skipped.length > 0 && seatPagesText.climbedBefore(skipped.length)}
            </span>
          </span>
          <Button
            variant="default"
            disabled={nextOpen === undefined || nextOpen === index}
            onClick={() => open(nextOpen ?? index)}
          >
            {seatPagesText.later}
          </Button>
        </header>
      )}
      <OutboxNote state={outbox.state} />
      <Suspense fallback={<div className={classes.waiting} />}>
        <Visit key={visit} draftKey={draftKey}>
          {(draft) =>
            task.family === 'mate' ? (
              <MateSeat
                puzzle={task}
                ours={round.ours}
                draft={draft}
                {...common}
                onAgain={() => setStartedAt(performance.now())}
              />
            ) : (
              <SeatExercise task={task} draft={draft} {...common} />
            )
          }
        </Visit>
      </Suspense>
    </div>
  );
}

/** A task while it is open, with what was kept of its answer when it was opened. */
function Visit(props: { readonly draftKey: string; readonly children: (draft: Draft) => ReactNode }) {
  const [draft] = useState(() => openDraft(window.localStorage, props.draftKey));
  return props.children(draft);
}

const placeKeyOf = ({ roundId }: SeatRoundData) => `vorschule-place-${roundId}`;

/** Where to go on: the place kept on this device, else the first task not solved yet. */
function startAt(round: SeatRoundData) {
  const place = readPlace(window.localStorage, placeKeyOf(round));
  const stored = round.tasks.filter(({ isSolved }) => isSolved).map(({ taskId }) => Number(taskId));
  const solved = [...new Set([...stored, ...(place?.solved ?? [])])];
  const skipped = round.tasks
    .filter(({ taskId, isClimbed }) => isClimbed && !solved.includes(taskId))
    .map(({ taskId }) => taskId);
  const at = round.tasks.findIndex(({ taskId }) => taskId === place?.taskId);
  const isKept = place !== undefined && at >= 0 && !solved.includes(place.taskId);
  return {
    solved,
    skipped,
    stumbled: place?.stumbled ?? [],
    index: isKept ? at : firstOpen(round.tasks, [...solved, ...skipped]),
  };
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

function OutboxNote({ state }: { state: ReturnType<typeof useOutbox>['state'] }) {
  const text =
    state.trouble === 'sign-in'
      ? seatPagesText.keptUntilSignedIn
      : state.trouble === 'offline'
        ? seatPagesText.keptOffline
        : state.trouble === 'failed'
          ? seatPagesText.keptNotSaved
          : state.refused > 0
            ? seatPagesText.notSavedTellCoach
            : '';
  return (
    <p className={classes.note} role="status">
      {text}
    </p>
  );
}
