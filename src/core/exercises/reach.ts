/**
 * Families about where one man can go, captures included. The board has no kings, so nothing but the way the men go decides (FIDE Laws
 * of Chess, articles 3.1 to 3.8): `reach` taps the squares, `count-reach` says how many they are, `pawn-moves` asks a pawn alone,
 * en passant included.
 */
import { z } from 'zod/mini';
import { fileOf, rankOf, type Role, type Square } from '../board';
import { listLawfulReach, type PositionDraft } from '../rules';
import { squareSchema } from './answer';
import { defineFamily } from './family';
import { getDraft } from '../notation';
import { boardTextSchema, getRole, isOnItsWay, sceneOf } from './lessonBoard';
import { compareNumber } from './numberVerdict';
import { noteNotReached } from './reachNotes';
import { compareMarks, tapHints, tapSquares } from './tapVerdict';

export const reachTaskSchema = z.object({ fen: boardTextSchema, square: squareSchema }).check(
  z.refine(({ fen, square }) => {
    const { board, turn } = getDraft(fen);
    return board[square]?.side === turn && listTargets(fen, square).length > 0;
  }, 'no man that can move stands there'),
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
function measureReach({ fen, square }: ReachTask): number {
  const draft = getDraft(fen);
  const role = getRole(draft, square);
  const targets = listTargets(fen, square);
  const captures = targets.filter((target) => draft.board[target] !== undefined).length;
  const blocked = draft.board.filter(
    (_, target) => isOnItsWay(role, square, target) && !targets.includes(target),
  ).length;
  return STRANGENESS[role] + blocked + 2 * captures;
}

const REACH_PARTS = {
  version: 1,
  stage: 'movement',
  taskSchema: reachTaskSchema,
  scene: ({ fen, square }: ReachTask) => sceneOf(getDraft(fen), { asked: [square] }),
} as const;

const TAP_PARTS = {
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
      (square) => ({ code: 'missed', square, from, role }),
    );
  },
  hints: ({ fen, square }: ReachTask) => tapHints(listTargets(fen, square)),
} as const;

export const reachFamily = defineFamily<ReachTask, 'tap'>({
  id: 'reach',
  skill: 'ways-of-the-men',
  ...REACH_PARTS,
  ...TAP_PARTS,
  levels: 5,
  question: ({ fen, square }) => ({ code: 'reach', role: getRole(getDraft(fen), square) }),
  measure: measureReach,
});

export const countReachFamily = defineFamily<ReachTask, 'number'>({
  id: 'count-reach',
  skill: 'mobility',
  ...REACH_PARTS,
  answerMode: 'number',
  levels: 5,
  question: ({ fen, square }) => ({ code: 'count-reach', role: getRole(getDraft(fen), square) }),
  ask: () => ({ kind: 'number', least: 0, most: 27 }),
  solution: ({ fen, square }) => ({ kind: 'number', value: listTargets(fen, square).length }),
  judge({ fen, square }, answer) {
    const targets = listTargets(fen, square);
    const verdict = compareNumber(targets.length, answer);
    // Shown once it is answered: the squares that count.
    return verdict.outcome === 'right' ? { ...verdict, right: targets } : { ...verdict, missed: targets };
  },
  measure: measureReach,
  hints: ({ fen, square }) =>
    listTargets(fen, square)
      .slice(0, 1)
      .map((one) => ({ kind: 'man', square: one })),
});

export const pawnMovesFamily = defineFamily<ReachTask, 'tap'>({
  id: 'pawn-moves',
  skill: 'pawns',
  ...REACH_PARTS,
  ...TAP_PARTS,
  stage: 'capturing',
  levels: 4,
  taskSchema: reachTaskSchema.check(
    z.refine(({ fen, square }) => getDraft(fen).board[square]?.role === 'pawn', 'not a pawn'),
  ),
  question: () => ({ code: 'pawn-moves', role: 'pawn' }),
  scene({ fen, square }) {
    const draft = getDraft(fen);
    return sceneOf(draft, { asked: [square], bottom: draft.turn, trace: findLastStep(draft) });
  },
  /** Men close to it, and a pawn that has just passed counts much. */
  measure({ fen, square }) {
    const { board, enPassant } = getDraft(fen);
    const near = board.filter(
      (man, other) =>
        man !== undefined &&
        other !== square &&
        Math.abs(fileOf(other) - fileOf(square)) <= 1 &&
        Math.abs(rankOf(other) - rankOf(square)) <= 2,
    ).length;
    return near + listTargets(fen, square).length + (enPassant === undefined ? 0 : 6);
  },
});

/** The double step that lets a pawn be taken in passing. */
function findLastStep({ enPassant, turn }: PositionDraft): { from: Square; to: Square } | undefined {
  if (enPassant === undefined) return undefined;
  const forward = turn === 'white' ? 8 : -8;
  return { from: enPassant + forward, to: enPassant - forward };
}

/** A pawn on the last rank but one reaches one square by four moves. */
function listTargets(fen: string, square: Square): Square[] {
  const targets = listLawfulReach(getDraft(fen), square).map(({ to }) => to);
  return [...new Set(targets)].sort((one, other) => one - other);
}
