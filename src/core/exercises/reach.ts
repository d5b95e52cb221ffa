/**
 * Family `reach`: tap every square the man in question can go to, captures included (stage of movement). The board has no kings, so
 * nothing but the way the men go decides (FIDE Laws of Chess, articles 3.1 to 3.8).
 */
import { z } from 'zod';
import { fileOf, rankOf, type Role, type Square } from '../board';
import { listReach, type PositionDraft } from '../rules';
import type { TapFamily, TapNote } from './family';
import { boardTextSchema, findManBetween, getDraft, getRole, isOnItsWay, squareSchema } from './lessonBoard';
import { compareMarks } from './tapVerdict';

export const reachTaskSchema = z
  .object({ fen: boardTextSchema, square: squareSchema })
  .refine(({ fen, square }) => {
    const { board, turn } = getDraft(fen);
    return board[square]?.side === turn && listTargets(fen, square).length > 0;
  }, 'no man that can move stands there');
export type ReachTask = z.infer<typeof reachTaskSchema>;

/** How strange a man's way is to a beginner: a rook's is the plainest. Common practice. */
const STRANGENESS: Readonly<Record<Role, number>> = {
  rook: 1,
  bishop: 2,
  king: 2,
  pawn: 3,
  queen: 4,
  knight: 4,
};

export const reachFamily: TapFamily<ReachTask> = {
  id: 'reach',
  version: 1,
  skill: 'movement',
  answerMode: 'tap',
  levels: 5,
  taskSchema: reachTaskSchema,
  scene({ fen, square }) {
    const { board, turn } = getDraft(fen);
    return { board, turn, bottom: 'white', hasCoordinates: true, asked: square, isSingle: false };
  },
  solution: ({ fen, square }) => listTargets(fen, square),
  judge({ fen, square: from }, marks) {
    const draft = getDraft(fen);
    const role = getRole(draft, from);
    return compareMarks(
      listTargets(fen, from),
      marks,
      (square) => noteExtra(draft, from, square),
      (square) => ({ code: 'missed', square, from, role }),
    );
  },
  /** The man's strangeness, what stands in its way, and captures twice. */
  measure({ fen, square }) {
    const draft = getDraft(fen);
    const role = getRole(draft, square);
    const targets = listTargets(fen, square);
    const captures = targets.filter((target) => draft.board[target] !== undefined).length;
    const blocked = draft.board.filter(
      (_, target) => isOnItsWay(role, square, target) && !targets.includes(target),
    ).length;
    return STRANGENESS[role] + blocked + 2 * captures;
  },
};

/** A pawn on the last rank but one reaches one square by four moves. */
function listTargets(fen: string, square: Square): Square[] {
  const targets = listReach(getDraft(fen), square).map(({ to }) => to);
  return [...new Set(targets)].sort((one, other) => one - other);
}

function noteExtra(draft: PositionDraft, from: Square, square: Square): TapNote {
  const role = getRole(draft, from);
  const man = draft.board[square];
  if (square === from) return { code: 'own-square', square, role };
  if (role === 'pawn') return notePawn(draft, from, square);
  if (!isOnItsWay(role, from, square)) return { code: 'not-its-way', square, role };
  const by = role === 'knight' || role === 'king' ? undefined : findManBetween(draft, from, square);
  if (by !== undefined) return { code: 'behind', square, role, by };
  if (man !== undefined) return { code: 'own-man', square, role: man.role };
  return { code: 'not-its-way', square, role };
}

/** Pawns go straight and take slantwise (article 3.7). */
function notePawn({ board, turn }: PositionDraft, from: Square, square: Square): TapNote {
  const forward = turn === 'white' ? 1 : -1;
  const files = Math.abs(fileOf(square) - fileOf(from));
  const ranks = (rankOf(square) - rankOf(from)) * forward;
  const man = board[square];
  if (files === 1 && ranks === 1) {
    return man === undefined
      ? { code: 'pawn-needs-a-man', square }
      : { code: 'own-man', square, role: man.role };
  }
  if (files === 0 && ranks === 1 && man !== undefined) return { code: 'pawn-takes-slantwise', square };
  const isDouble = files === 0 && ranks === 2 && rankOf(from) === (turn === 'white' ? 1 : 6);
  const middle = from + 8 * forward;
  if (isDouble && board[middle] !== undefined) return { code: 'behind', square, role: 'pawn', by: middle };
  if (isDouble && man !== undefined) return { code: 'pawn-takes-slantwise', square };
  return { code: 'not-its-way', square, role: 'pawn' };
}
