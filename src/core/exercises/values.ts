/**
 * Families of values and exchanges. `who-is-ahead`: the men of both sides in points. `trade`: men given and taken, told without a board.
 * `count-on-square`: how many of one side can take part in the fight for a square, those lined up behind included; a man pinned to its
 * king counts only where it may go. `take-or-leave`: a capture with everything that may follow on its square, every order of captures
 * looked at, each side free to stop (exact, by complete search over the captures on that square).
 */
import { z } from 'zod/mini';
import { findBalance, opponentOf, type Role, type Side, type Square, type ValueScale } from '../board';
import {
  findPosition,
  getDraft,
  getMove,
  getPosition,
  makeSan,
  makeSanLine,
  parseMoveText,
} from '../notation';
import {
  EMPTY_DRAFT,
  findCaptured,
  findKing,
  listAttackers,
  listLegalMoves,
  type PositionDraft,
} from '../rules';
import { exchangeAfter } from '../tactics';
import { squareSchema } from './answer';
import { chooseHints, chooseOptions, compareOptions } from './chooseVerdict';
import { defineFamily } from './family';
import { boardTextSchema, sceneOf } from './lessonBoard';
import { without } from './looseMoves';
import { compareNumber } from './numberVerdict';

/** Points for each man as the club counts them, when the task was made; the king has none. */
const pointsSchema = z.number().check(z.minimum(0), z.maximum(20));
export const scaleSchema = z.object({
  pawn: pointsSchema,
  knight: pointsSchema,
  bishop: pointsSchema,
  rook: pointsSchema,
  queen: pointsSchema,
  king: z.literal(0),
}) satisfies z.ZodMiniType<ValueScale>;
export type Scale = z.infer<typeof scaleSchema>;

export const aheadTaskSchema = z.object({ fen: boardTextSchema, values: scaleSchema });
export type AheadTask = z.infer<typeof aheadTaskSchema>;

export const whoIsAheadFamily = defineFamily<AheadTask, 'choose'>({
  id: 'who-is-ahead',
  version: 1,
  stage: 'values',
  skill: 'balance',
  answerMode: 'choose',
  levels: 4,
  taskSchema: aheadTaskSchema,
  question: () => ({ code: 'who-is-ahead' }),
  scene: ({ fen }) => sceneOf(getDraft(fen), { turn: undefined }),
  ask: (task) => ({ kind: 'choose', options: listBalanceOptions(task), isMultiple: false }),
  solution: (task) => chooseOptions([makeBalance(balanceOf(task))]),
  judge: (task, answer) =>
    compareOptions([makeBalance(balanceOf(task))], answer, () => ({
      code: 'worth',
      white: worthOf(task, 'white'),
      black: worthOf(task, 'black'),
    })),
  measure: ({ fen }) => getDraft(fen).board.filter((man) => man !== undefined && man.role !== 'king').length,
  hints: (task) => chooseHints(listBalanceOptions(task), [makeBalance(balanceOf(task))]),
});

function balanceOf({ fen, values }: AheadTask): number {
  return findBalance(getDraft(fen).board, 'white', values);
}

function worthOf({ fen, values }: AheadTask, side: Side): number {
  return getDraft(fen).board.reduce((sum, man) => sum + (man?.side === side ? values[man.role] : 0), 0);
}

/** "white-2", "even", "black-1". */
function makeBalance(points: number): string {
  if (points === 0) return 'even';
  return `${points > 0 ? 'white' : 'black'}-${Math.abs(points)}`;
}

/** The right one, its opposite and their neighbours, from White's side to Black's. */
function listBalanceOptions(task: AheadTask): string[] {
  const right = balanceOf(task);
  const near = right === 0 ? [3, 1, 0, -1, -3] : [right, right - 1, right + 1, -right, 0];
  return [...new Set(near)].sort((one, other) => other - one).map(makeBalance);
}

export const TRADE_OPTIONS = ['good', 'even', 'bad'] as const;
const menSchema = z
  .array(z.enum(['pawn', 'knight', 'bishop', 'rook', 'queen']))
  .check(z.minLength(1), z.maxLength(4));
export const tradeTaskSchema = z.object({ given: menSchema, taken: menSchema, values: scaleSchema });
export type TradeTask = z.infer<typeof tradeTaskSchema>;

export const tradeFamily = defineFamily<TradeTask, 'choose'>({
  id: 'trade',
  version: 1,
  stage: 'values',
  skill: 'trades',
  answerMode: 'choose',
  levels: 3,
  taskSchema: tradeTaskSchema,
  question: ({ given, taken }) => ({ code: 'trade', given, taken }),
  scene: () => sceneOf(EMPTY_DRAFT, { turn: undefined, isHidden: true }),
  ask: () => ({ kind: 'choose', options: TRADE_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([kindOfGain(gainOfTrade(task))]),
  judge: (task, answer) =>
    compareOptions([kindOfGain(gainOfTrade(task))], answer, () => ({
      code: 'given-and-taken',
      given: sumOf(task.given, task.values),
      taken: sumOf(task.taken, task.values),
    })),
  measure: (task) => 10 * (task.given.length + task.taken.length) - Math.abs(gainOfTrade(task)),
  hints: () => [],
});

function sumOf(men: readonly Role[], values: ValueScale): number {
  return men.reduce((sum, role) => sum + values[role], 0);
}

function gainOfTrade({ given, taken, values }: TradeTask): number {
  return sumOf(taken, values) - sumOf(given, values);
}

function kindOfGain(gain: number): (typeof TRADE_OPTIONS)[number] {
  return gain > 0 ? 'good' : gain < 0 ? 'bad' : 'even';
}

export const countTaskSchema = z.object({
  fen: boardTextSchema,
  square: squareSchema,
  side: z.enum(['white', 'black']),
});
export type CountTask = z.infer<typeof countTaskSchema>;

export const countOnSquareFamily = defineFamily<CountTask, 'number'>({
  id: 'count-on-square',
  version: 1,
  stage: 'values',
  skill: 'counting',
  answerMode: 'number',
  levels: 4,
  taskSchema: countTaskSchema,
  question({ fen, square, side }) {
    const isOwn = getDraft(fen).board[square]?.side === side;
    return { code: isOwn ? 'count-defenders' : 'count-attackers', square, side };
  },
  scene: ({ fen, square }) => sceneOf(getDraft(fen), { turn: undefined, asked: [square] }),
  ask: () => ({ kind: 'number', least: 0, most: 9 }),
  solution: (task) => ({ kind: 'number', value: listTakingPart(task).length }),
  judge(task, answer) {
    const taking = listTakingPart(task);
    const verdict = compareNumber(taking.length, answer);
    return verdict.outcome === 'right' ? { ...verdict, right: taking } : { ...verdict, missed: taking };
  },
  /** Men lined up behind and pinned ones are what is overlooked. */
  measure(task) {
    const { fen, square, side } = task;
    const draft = getDraft(fen);
    const direct = listAttackers(draft.board, square, side);
    const pinned = direct.filter((from) => isPinnedAway(draft, from, square, side)).length;
    const behind = listTakingPart(task).length - (direct.length - pinned);
    return direct.length + 3 * behind + 4 * pinned;
  },
  hints: (task) =>
    listTakingPart(task)
      .slice(0, 1)
      .map((square) => ({ kind: 'man', square })),
});

/** Attackers of the square, then those that attack it once the ones in front are gone; pinned ones only where they may go. */
function listTakingPart({ fen, square, side }: CountTask): Square[] {
  const start = getDraft(fen);
  const found: Square[] = [];
  let draft = start;
  for (;;) {
    const next = listAttackers(draft.board, square, side).filter(
      (from) => !isPinnedAway(start, from, square, side),
    );
    if (next.length === 0) return found.sort((one, other) => one - other);
    found.push(...next);
    draft = next.reduce(without, draft);
  }
}

/** Is the man bound to its king and may not go to the square? */
function isPinnedAway({ board }: PositionDraft, from: Square, square: Square, side: Side): boolean {
  const king = findKing(board, side);
  if (king === undefined || king === from) return false;
  const after = board.slice();
  after[square] = after[from];
  after[from] = undefined;
  const countChecks = (on: PositionDraft['board']) => listAttackers(on, king, opponentOf(side)).length;
  return countChecks(after) > countChecks(board);
}

export const exchangeTaskSchema = z
  .object({ fen: boardTextSchema, move: z.string(), values: scaleSchema })
  .check(
    z.refine(({ fen, move }) => {
      const position = findPosition(fen);
      const parsed = parseMoveText(move);
      return (
        position !== undefined &&
        parsed !== undefined &&
        listLegalMoves(position).some(({ from, to }) => from === parsed.from && to === parsed.to) &&
        findCaptured(position, parsed) !== undefined
      );
    }, 'no capture'),
  );
export type ExchangeTask = z.infer<typeof exchangeTaskSchema>;

export const EXCHANGE_OPTIONS = ['wins-men', 'comes-out-even', 'loses-men'] as const;

export const takeOrLeaveFamily = defineFamily<ExchangeTask, 'choose'>({
  id: 'take-or-leave',
  version: 1,
  stage: 'values',
  skill: 'exchanges',
  answerMode: 'choose',
  levels: 4,
  taskSchema: exchangeTaskSchema,
  question({ fen, move }) {
    const position = getPosition(fen);
    return { code: 'take-or-leave', turn: position.turn, move: makeSan(position, getMove(move)) };
  },
  scene({ fen, move }) {
    const draft = getDraft(fen);
    return sceneOf(draft, { bottom: draft.turn, asked: [getMove(move).to] });
  },
  ask: () => ({ kind: 'choose', options: EXCHANGE_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([kindOfExchange(exchangeOf(task).gain)]),
  judge(task, answer) {
    const { gain, moves } = exchangeOf(task);
    return compareOptions([kindOfExchange(gain)], answer, () => ({ code: 'exchange', moves, gain }));
  },
  measure(task) {
    const { to } = getMove(task.move);
    const { board } = getDraft(task.fen);
    const men = listAttackers(board, to, 'white').length + listAttackers(board, to, 'black').length;
    return men + exchangeOf(task).moves.length;
  },
  hints: () => [],
});

function kindOfExchange(gain: number): (typeof EXCHANGE_OPTIONS)[number] {
  return gain > 0 ? 'wins-men' : gain < 0 ? 'loses-men' : 'comes-out-even';
}

function exchangeOf({ fen, move, values }: ExchangeTask) {
  const position = getPosition(fen);
  const { gain, moves } = exchangeAfter(position, getMove(move), values);
  return { gain, moves: makeSanLine(position, moves) };
}
