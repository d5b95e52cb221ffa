/**
 * Family `king-squares`: every square round a king gets one of three labels. free: the king may go or take there; own-man: a man of its
 * own stands there; guarded: it could be taken there (FIDE Laws of Chess, article 3.9.2). A line goes on through the king, and a
 * pinned man guards too (article 3.1.3), so the squares are looked at on the board without the king.
 */
import { z } from 'zod';
import { kingDistance, opponentOf, type Square } from '../board';
import { findKing, listAttackers, type PositionDraft } from '../rules';
import { defineFamily } from './family';
import { getDraft } from '../notation';
import { boardTextSchema, findManBetween, getRole, sceneOf } from './lessonBoard';
import { without } from './looseMoves';
import { tapHints } from './tapVerdict';
import { RIGHT, wrongFor, type Note } from './verdict';
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
  taskSchema: z.object({ fen: boardTextSchema }).refine(({ fen }) => {
    const { board, turn } = getDraft(fen);
    return findKing(board, turn) !== undefined;
  }, 'no king'),
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
  judge({ fen }, { marks }) {
    const draft = getDraft(fen);
    const neighbours = listNeighbours(draft);
    const given = new Map(marks.map(({ square, label }) => [square, label]));
    const isRight = (square: Square) => given.get(square) === labelOf(draft, square);
    const right = neighbours.filter(isRight);
    const missed = neighbours.filter((square) => !given.has(square));
    const extra = [...given.keys()]
      .filter((square) => !neighbours.includes(square) || !isRight(square))
      .sort((one, other) => one - other);
    if (right.length === neighbours.length && extra.length === 0) return { ...RIGHT, right };
    const notes = [...extra, ...missed].map((square) => noteOf(draft, square, neighbours));
    return wrongFor(notes, { right, extra, missed });
  },
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
  const isThrough = findManBetween(draft, by, square) === getKing(draft);
  return {
    code: isThrough ? 'guarded-through-king' : 'is-guarded',
    square,
    role: undefined,
    by,
    byRole: getRole(draft, by),
  };
}
