/**
 * `who-takes` asks the same of a mate: which kind of man takes each square from the king, or that an own man does.
 *
 * Family `king-squares`: every square round a king gets one of three labels. free: the king may go or take there; own-man: a man of its
 * own stands there; guarded: it could be taken there (FIDE Laws of Chess, article 3.9.2). A line goes on through the king, and a
 * pinned man guards too (article 3.1.3), so the squares are looked at on the board without the king.
 */
import { z } from 'zod/mini';
import { kingDistance, opponentOf, ROLES, type Square } from '../board';
import { findKing, isCheckmate, listAttackers, type PositionDraft } from '../rules';
import type { AnswerOf } from './answer';
import { defineFamily } from './family';
import { getDraft } from '../notation';
import { boardTextSchema, findManBetween, getRole, sceneOf } from './lessonBoard';
import { without } from './looseMoves';
import { tapHints } from './tapVerdict';
import { RIGHT, wrongFor, type Note, type Verdict } from './verdict';
import { positionTextSchema } from './legalTask';
import type { BoardTask } from './theirMen';

export const KING_SQUARE_LABELS = ['free', 'own-man', 'guarded'] as const;
type KingSquareLabel = (typeof KING_SQUARE_LABELS)[number];

export const kingSquaresFamily = defineFamily<BoardTask, 'tap'>({
  id: 'king-squares',
  version: 1,
  stage: 'check',
  skill: 'flights',
  answerMode: 'tap',
  levels: 4,
  taskSchema: z.object({ fen: boardTextSchema }).check(
    z.refine(({ fen }) => {
      const { board, turn } = getDraft(fen);
      return findKing(board, turn) !== undefined;
    }, 'no king'),
  ),
  question: ({ fen }) => ({ code: 'king-squares', turn: getDraft(fen).turn }),
  scene({ fen }) {
    const draft = getDraft(fen);
    return sceneOf(draft, { bottom: draft.turn, asked: [getKing(draft)] });
  },
  ask: () => ({ kind: 'tap', isSingle: false, labels: KING_SQUARE_LABELS }),
  solution({ fen }) {
    const draft = getDraft(fen);
    return {
      kind: 'tap',
      marks: listNeighbours(draft).map((square) => ({ square, label: labelOf(draft, square) })),
    };
  },
  judge: ({ fen }, answer) => judgeLabels(getDraft(fen), answer, labelOf),
  /** Squares, guarded ones twice, and those behind the king on a line four times. */
  measure({ fen }) {
    const draft = getDraft(fen);
    return listNeighbours(draft).reduce((sum, square) => {
      if (labelOf(draft, square) !== 'guarded') return sum + 1;
      return sum + (isBehindKing(draft, square) ? 4 : 2);
    }, 0);
  },
  hints({ fen }) {
    const draft = getDraft(fen);
    return tapHints(listNeighbours(draft).filter((square) => labelOf(draft, square) === 'free'));
  },
});

/** Compares the label of each square beside the king with the right one. */
function judgeLabels(
  draft: PositionDraft,
  { marks }: AnswerOf<'tap'>,
  rightLabel: (draft: PositionDraft, square: Square) => string,
): Verdict {
  const neighbours = listNeighbours(draft);
  const given = new Map(marks.map(({ square, label }) => [square, label]));
  const isRight = (square: Square) => given.get(square) === rightLabel(draft, square);
  const right = neighbours.filter(isRight);
  const missed = neighbours.filter((square) => !given.has(square));
  const extra = [...given.keys()]
    .filter((square) => !neighbours.includes(square) || !isRight(square))
    .sort((one, other) => one - other);
  if (right.length === neighbours.length && extra.length === 0) return { ...RIGHT, right };
  const notes = [...extra, ...missed].map((square) => noteOf(draft, square, neighbours));
  return wrongFor(notes, { right, extra, missed });
}

/** In a mate: who takes this square from the king. The kinds of man that guard it; the own man that blocks it. */
function listTakers(draft: PositionDraft, square: Square): string[] {
  if (draft.board[square]?.side === draft.turn) return ['own-man'];
  return [...new Set(listGuards(draft, square).map((by) => getRole(draft, by)))];
}

const takerOf = (draft: PositionDraft, square: Square) => listTakers(draft, square)[0] ?? '';

export const whoTakesFamily = defineFamily<BoardTask, 'tap'>({
  id: 'who-takes',
  version: 1,
  stage: 'named-mates',
  skill: 'ingredients',
  answerMode: 'tap',
  levels: 3,
  taskSchema: z.object({ fen: positionTextSchema }).check(
    z.refine(({ fen }) => {
      const draft = getDraft(fen);
      // Where two kinds of men guard a square, both would be right: such a board is not asked about.
      return (
        isCheckmate(draft) && listNeighbours(draft).every((square) => listTakers(draft, square).length === 1)
      );
    }, 'no mate, or two kinds of men guard one square'),
  ),
  question: ({ fen }) => ({ code: 'who-takes', turn: getDraft(fen).turn }),
  scene({ fen }) {
    const draft = getDraft(fen);
    return sceneOf(draft, { bottom: opponentOf(draft.turn), asked: [getKing(draft)] });
  },
  ask({ fen }) {
    const draft = getDraft(fen);
    const takers = new Set(listNeighbours(draft).map((square) => takerOf(draft, square)));
    return { kind: 'tap', isSingle: false, labels: TAKER_LABELS.filter((label) => takers.has(label)) };
  },
  solution({ fen }) {
    const draft = getDraft(fen);
    return {
      kind: 'tap',
      marks: listNeighbours(draft).map((square) => ({ square, label: takerOf(draft, square) })),
    };
  },
  judge: ({ fen }, answer) => judgeLabels(getDraft(fen), answer, takerOf),
  /** Squares, and men to look at. */
  measure({ fen }) {
    const draft = getDraft(fen);
    return listNeighbours(draft).length + 2 * draft.board.filter((man) => man !== undefined).length;
  },
  hints: ({ fen }) => tapHints(listNeighbours(getDraft(fen))),
});

const TAKER_LABELS: readonly string[] = ['own-man', ...ROLES];

function getKing({ board, turn }: PositionDraft): Square {
  const king = findKing(board, turn);
  if (king === undefined) throw new Error('the task has a king');
  return king;
}

function listNeighbours(draft: PositionDraft): Square[] {
  const king = getKing(draft);
  return draft.board.flatMap((_, square) => (kingDistance(king, square) === 1 ? [square] : []));
}

/** Their men that would take the king on this square. */
function listGuards(draft: PositionDraft, square: Square): Square[] {
  return listAttackers(without(draft, getKing(draft)).board, square, opponentOf(draft.turn));
}

function labelOf(draft: PositionDraft, square: Square): KingSquareLabel {
  if (draft.board[square]?.side === draft.turn) return 'own-man';
  return listGuards(draft, square).length > 0 ? 'guarded' : 'free';
}

/** Guarded only by lines that go on through the king. */
function isBehindKing(draft: PositionDraft, square: Square): boolean {
  return listAttackers(draft.board, square, opponentOf(draft.turn)).length === 0;
}

function noteOf(draft: PositionDraft, square: Square, neighbours: readonly Square[]): Note {
  if (!neighbours.includes(square)) return { code: 'not-beside-king', square };
  const label = labelOf(draft, square);
  if (label === 'own-man') return { code: 'is-own-man', square };
  const [by] = listGuards(draft, square);
  if (by === undefined) return { code: 'is-free', square };
  const isThrough = getRole(draft, by) !== 'knight' && findManBetween(draft, by, square) === getKing(draft);
  return {
    code: isThrough ? 'guarded-through-king' : 'is-guarded',
    square,
    role: undefined,
    by,
    byRole: getRole(draft, by),
  };
}
