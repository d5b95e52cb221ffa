/**
 * Family `may-castle`: may the king castle here, and if not, which condition fails (FIDE Laws of Chess, article 3.8)? What a diagram
 * cannot show, who has moved before, is told with the question. A rook that is attacked, an attacked square beside it on the long
 * side and an earlier check do not matter. A task has one failing condition at most, so that one answer is right.
 */
import { z } from 'zod/mini';
import { opponentOf, rankOf, type Square, type Side } from '../../../board';
import { getPosition } from '../../../notation';
import { findKing, listAttackers, type PositionDraft, type CastlingWing } from '../../../rules';
import { chooseHints, chooseOptions, compareWithReason, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { positionTextSchema, sceneOfPosition } from '../../family/legalTask';
import type { PlainReason, SquaresReason } from '../../family/note';
import { without } from '../movement/looseMoves';

export const CASTLING_OPTIONS = [
  'may-castle',
  'has-moved',
  'in-the-way',
  'in-check',
  'passes-attack',
  'lands-in-check',
] as const;

type CastlingAnswer = (typeof CASTLING_OPTIONS)[number];

const castlingShape = z.object({
  fen: positionTextSchema,
  wing: z.enum(['short', 'long']),
  /** Who has moved earlier in the game and come back. */
  hasMoved: z.enum(['nobody', 'king', 'rook', 'other-rook']),
  wasInCheck: z.boolean(),
});

type CastlingTask = z.infer<typeof castlingShape>;

const castlingTaskSchema = castlingShape.check(
  z.refine((task) => listFailing(task).length <= 1, 'more than one condition fails'),
);

export interface MayCastleQuestion {
  readonly code: 'may-castle';
  readonly turn: Side;
  readonly wing: CastlingWing;
  readonly hasMoved: 'nobody' | 'king' | 'rook' | 'other-rook';
  readonly wasInCheck: boolean;
}

type CastlingReason =
  | PlainReason<'all-conditions-hold' | 'has-moved' | 'does-not-matter' | 'nothing-does'>
  | SquaresReason<'in-the-way'>
  /** These men attack a square; nobody does when there are none. */
  | { readonly code: 'guards'; readonly square: Square; readonly squares: readonly Square[] };

export const mayCastleFamily = defineFamily<
  CastlingTask,
  'choose',
  MayCastleQuestion,
  ChoiceNote<CastlingReason>
>({
  id: 'may-castle',
  version: 1,
  stage: 'special-moves',
  skill: 'castling',
  answerMode: 'choose',
  levels: 4,
  taskSchema: castlingTaskSchema,
  question: ({ fen, wing, hasMoved, wasInCheck }) => ({
    code: 'may-castle',
    turn: getPosition(fen).turn,
    wing,
    hasMoved,
    wasInCheck,
  }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: () => ({ kind: 'choose', options: CASTLING_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([solve(task)]),
  judge: (task, answer) => compareWithReason(solve(task), answer, (option) => reasonOf(task, option)),
  /** Men that look at the king's way, or seem to, and what is told. */
  measure({ fen, hasMoved, wasInCheck }) {
    const { board, turn } = getPosition(fen);
    const home = rankOf(findKing(board, turn) ?? 0) * 8;
    const looked = Array.from(
      { length: 8 },
      (_, file) => listAttackers(board, home + file, opponentOf(turn)).length,
    );
    return (
      board.filter((man) => man !== undefined).length +
      4 * looked.filter((count) => count > 0).length +
      (hasMoved === 'nobody' ? 0 : 4) +
      (wasInCheck ? 4 : 0)
    );
  },
  hints: (task) => chooseHints(CASTLING_OPTIONS, [solve(task)]),
});

interface Way {
  readonly king: Square;
  readonly between: readonly Square[];
  readonly passed: Square;
  readonly landing: Square;
}

function wayOf({ fen, wing }: CastlingTask): { draft: PositionDraft; way: Way } {
  const draft = getPosition(fen);
  const king = draft.turn === 'white' ? 4 : 60;
  const step = wing === 'short' ? 1 : -1;
  const between = wing === 'short' ? [king + 1, king + 2] : [king - 1, king - 2, king - 3];
  return { draft, way: { king, between, passed: king + step, landing: king + 2 * step } };
}

/** Their men that attack the square once the king has left its own. */
function listGuards(draft: PositionDraft, king: Square, square: Square): Square[] {
  return listAttackers(without(draft, king).board, square, opponentOf(draft.turn));
}

/** Every condition that fails, by the words of article 3.8.2. */
function listFailing(task: CastlingTask): CastlingAnswer[] {
  const { draft, way } = wayOf(task);
  const isGuarded = (square: Square) => listGuards(draft, way.king, square).length > 0;
  const failing: CastlingAnswer[] = [];
  if (task.hasMoved === 'king' || task.hasMoved === 'rook') failing.push('has-moved');
  if (way.between.some((square) => draft.board[square] !== undefined)) failing.push('in-the-way');
  if (isGuarded(way.king)) failing.push('in-check');
  if (isGuarded(way.passed)) failing.push('passes-attack');
  if (isGuarded(way.landing)) failing.push('lands-in-check');
  return failing;
}

function solve(task: CastlingTask): CastlingAnswer {
  return listFailing(task)[0] ?? 'may-castle';
}

/** Of a wrong "it may": the condition that fails. Of any other: whether that one does. */
function reasonOf(task: CastlingTask, option: string): CastlingReason | undefined {
  const { draft, way } = wayOf(task);
  const guards = (square: Square): CastlingReason => ({
    code: 'guards',
    square,
    squares: listGuards(draft, way.king, square),
  });
  switch (option) {
    case 'may-castle': {
      const [failing] = listFailing(task);
      return failing === undefined ? { code: 'all-conditions-hold' } : reasonOf(task, failing);
    }
    case 'has-moved':
      return solve(task) === 'has-moved' ? { code: 'has-moved' } : { code: 'does-not-matter' };
    case 'in-the-way': {
      const squares = way.between.filter((square) => draft.board[square] !== undefined);
      return squares.length === 0 ? { code: 'nothing-does' } : { code: 'in-the-way', squares };
    }
    case 'in-check':
      return guards(way.king);
    case 'passes-attack':
      return guards(way.passed);
    case 'lands-in-check':
      return guards(way.landing);
    default:
      return undefined;
  }
}
