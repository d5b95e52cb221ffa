/** Composers about how games end. */
import { opponentOf, SIDES } from '../board';
import { EXERCISES, type ExerciseTaskOf, type Level, wander } from '../exercises';
import { makeFen, makeSan } from '../notation';
import { findOutcome, listLegalMoves, listReach, playMove, type Position } from '../rules';
import { pickOne, randomBelow, type Random } from '../shared';
import { findLegal, shuffle, throwUntil, type Composer } from './draw';
import { throwStalemate, throwState } from './checkLessons';

type DrawTask = ExerciseTaskOf<'draw-kind'>;
type Story = DrawTask['story'];

const PLAIN_STORY: Story = { times: 1, quietMoves: 0, haveAgreed: false };

/** What is told for a kind of end; from the second level on with things that come near it but do not count. */
function tellStory(random: Random, kind: string, level: Level): Story {
  const near: Story =
    level === 1
      ? PLAIN_STORY
      : {
          times: level === 3 || random() < 0.5 ? 2 : 1,
          quietMoves: level === 3 || random() < 0.5 ? pickOne(random, [12, 30, 44, 49]) : 0,
          haveAgreed: false,
        };
  switch (kind) {
    case 'repetition':
      return { ...near, times: level === 3 ? pickOne(random, [3, 4, 5]) : 3 };
    case 'fifty-moves':
      return { ...near, quietMoves: level === 3 ? pickOne(random, [50, 51, 60, 74]) : 50 };
    case 'agreement':
      return { ...near, haveAgreed: true };
    default:
      return near;
  }
}

const MEN: Readonly<Partial<Record<Level, readonly [number, number]>>> = { 1: [1, 3], 2: [2, 4], 3: [4, 5] };

/** 1: the board says it, or they agree. 2: told repetition and fifty moves. 3: things that come near it. */
export const composeDrawKind: Composer<DrawTask> = (random, level) => {
  const kinds =
    level === 1
      ? ['stalemate', 'dead', 'agreement', 'no-draw']
      : ['stalemate', 'repetition', 'fifty-moves', 'agreement', 'no-draw'];
  const kind = pickOne(random, kinds);
  return throwUntil(() => {
    const position = throwEnd(random, kind, level);
    if (position === undefined) return undefined;
    const task = { fen: makeFen(position), story: tellStory(random, kind, level) };
    return EXERCISES['draw-kind'].isTask(task) && EXERCISES['draw-kind'].solution(task).options[0] === kind
      ? task
      : undefined;
  });
};

type StopTask = ExerciseTaskOf<'why-stopped'>;

/** 1: mate, stalemate, giving up, agreement. 2: told repetition and fifty moves too. 3: things that come near it. */
export const composeWhyStopped: Composer<StopTask> = (random, level) => {
  const kind = pickOne(random, [
    'mate',
    'resignation',
    'stalemate',
    'agreement',
    ...(level === 1 ? ['dead'] : ['repetition', 'fifty-moves']),
  ]);
  return throwUntil(() => {
    const position = throwEnd(random, kind, level);
    if (position === undefined) return undefined;
    const outcome = findOutcome(position);
    const story = { ...tellStory(random, kind, level), haveAgreed: false };
    const decided = pickOne(random, ['1-0', '0-1'] as const);
    const result =
      outcome?.kind === 'mate'
        ? outcome.winner === 'white'
          ? ('1-0' as const)
          : ('0-1' as const)
        : kind === 'resignation'
          ? decided
          : ('1/2-1/2' as const);
    const task: StopTask = { fen: makeFen(position), story, result };
    return EXERCISES['why-stopped'].isTask(task) &&
      EXERCISES['why-stopped'].solution(task).options[0] === kind
      ? task
      : undefined;
  });
};

function throwEnd(random: Random, kind: string, level: Level): Position | undefined {
  const [own, others] = MEN[level] ?? [1, 3];
  const isOnBoard = kind === 'stalemate' || kind === 'dead' || kind === 'mate';
  const position = throwState(random, isOnBoard ? kind : 'goes-on', own, others);
  return position !== undefined && (isOnBoard || findOutcome(position) === undefined) ? position : undefined;
}

type StalematingTask = ExerciseTaskOf<'stalemating'>;

/** 1: three moves and few men. 2: four. 3: five, and more men. */
export const composeStalemating: Composer<StalematingTask> = (random, level) => {
  const [own, others, count] = (
    [
      [0, 2, 3],
      [1, 4, 4],
      [2, 6, 5],
    ] as const
  )[level - 1] ?? [0, 2, 3];
  return throwUntil(() => {
    const ended = throwStalemate(random, pickOne(random, SIDES), own, others);
    const position = ended && takeBack(random, ended);
    if (position === undefined) return undefined;
    const moves = listLegalMoves(position);
    const right = moves.filter((move) => findOutcome(playMove(position, move))?.kind === 'stalemate');
    const taken = shuffle(random, right).slice(0, 1 + randomBelow(random, 2));
    const left = shuffle(
      random,
      moves.filter((move) => !right.includes(move)),
    ).slice(0, count - taken.length);
    if (taken.length === 0 || left.length === 0) return undefined;
    const sans = shuffle(random, [...taken, ...left]).map((move) => makeSan(position, move));
    return sans.length === count ? { fen: makeFen(position), sans } : undefined;
  });
};

/** A position from which a piece of the side that waits can have come here; undefined when none is found. */
function takeBack(random: Random, after: Position): Position | undefined {
  const mover = opponentOf(after.turn);
  const pieces = after.board.flatMap((man, square) =>
    man?.side === mover && man.role !== 'pawn' ? [square] : [],
  );
  const to = pickOne(random, pieces);
  // Men but pawns go back the way they came.
  const back = listReach({ ...after, turn: mover }, to).filter((move) => after.board[move.to] === undefined);
  if (back.length === 0) return undefined;
  return findLegal(wander({ ...after, turn: mover }, pickOne(random, back)));
}

/** 1: mate, giving up, time. 2: draws among them. 3: a bare king when the time runs out, and games that go on. */
export const composeResult: Composer<ExerciseTaskOf<'result'>> = (random, level) => ({
  ending: pickOne(
    random,
    (
      [
        ['mates', 'resigns', 'time-runs-out'],
        ['resigns', 'time-runs-out', 'stalemate', 'agreement', 'repetition'],
        ['time-runs-out-bare-king', 'still-playing', 'repetition'],
      ] as const
    )[level - 1] ?? ['mates'],
  ),
  side: pickOne(random, SIDES),
});
