/**
 * Where one man can go, captures included, by the way the men go and, where there are kings, by the laws of kings (FIDE Laws of Chess,
 * articles 3.1 to 3.9).
 */
import { z } from 'zod/mini';
import type { Role, Square } from '../../../board';
import { getDraft } from '../../../notation';
import { listLawfulReach } from '../../../rules';
import { compareMarks, tapHints, tapSquares } from '../../answers/tap';
import { squareSchema } from '../../family/answer';
import { boardTextSchema, getRole, isOnItsWay, sceneOf } from '../../family/lessonBoard';
import { noteNotReached, type NotReachedNote, type MissedNote } from './reachNotes';

export const reachTaskSchema = z.object({ fen: boardTextSchema, square: squareSchema }).check(
  z.refine(({ fen, square }) => {
    const { board, turn } = getDraft(fen);
    return board[square]?.side === turn;
  }, 'no man of the side to move stands there'),
);

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

/** The man's strangeness, what stands in its way, and captures twice. */
export function measureReach({ fen, square }: ReachTask): number {
  const draft = getDraft(fen);
  const role = getRole(draft, square);
  const targets = listTargets(fen, square);
  const captures = targets.filter((target) => draft.board[target] !== undefined).length;
  const blocked = draft.board.filter(
    (_, target) => isOnItsWay(role, square, target) && !targets.includes(target),
  ).length;
  return STRANGENESS[role] + blocked + 2 * captures;
}

export const REACH_PARTS = {
  version: 1,
  stage: 'movement',
  taskSchema: reachTaskSchema,
  scene: ({ fen, square }: ReachTask) => sceneOf(getDraft(fen), { asked: [square] }),
} as const;

/** What is said of tapped squares. */
export type ReachNote = NotReachedNote | MissedNote;

export const TAP_PARTS = {
  answerMode: 'tap',
  ask: () => ({ kind: 'tap', isSingle: false, labels: [] }) as const,
  solution: ({ fen, square }: ReachTask) => tapSquares(listTargets(fen, square)),
  judge({ fen, square: from }: ReachTask, answer: Parameters<typeof compareMarks>[1]) {
    const draft = getDraft(fen);
    const role = getRole(draft, from);
    return compareMarks(
      listTargets(fen, from),
      answer,
      (square) => noteNotReached(draft, from, square),
      (square): MissedNote => ({ code: 'missed', square, from, role }),
    );
  },
  hints: ({ fen, square }: ReachTask) => tapHints(listTargets(fen, square)),
} as const;

/** A pawn on the last rank but one reaches one square by four moves. */
export function listTargets(fen: string, square: Square): Square[] {
  const targets = listLawfulReach(getDraft(fen), square).map(({ to }) => to);
  return [...new Set(targets)].sort((one, other) => one - other);
}
