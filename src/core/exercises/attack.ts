/**
 * Families of attack and defence, on boards without kings. `unprotected`: their men that none of their own protects; that a protector
 * might be pinned is another lesson. `trapped`: their pieces that cannot go anywhere without being taken there (the first grade of
 * safe); pawns are not asked about. `attack-from`: where one man of ours attacks a man of theirs and cannot be taken.
 */
import { z } from 'zod/mini';
import { opponentOf, type Square } from '../board';
import { listAttackers, listLawfulReach, type PositionDraft } from '../rules';
import { squareSchema } from './answer';
import { defineFamily } from './family';
import { getDraft } from '../notation';
import { boardTextSchema, getRole, sceneOf } from './lessonBoard';
import { wander } from './looseMoves';
import { noteNotReached } from './reachNotes';
import { compareMarks, tapHints, tapSquares } from './tapVerdict';
import { defineTheirMen, listMen } from './theirMen';
import type { Note } from './verdict';

export const unprotectedFamily = defineTheirMen({
  id: 'unprotected',
  stage: 'attack',
  skill: 'protection',
  levels: 4,
  question: ({ turn }) => ({ code: 'unprotected', side: opponentOf(turn) }),
  listRight: (draft) =>
    listMen(draft, opponentOf(draft.turn), (square) => listProtectors(draft, square).length === 0),
  noteExtra(draft, square) {
    const [by] = listProtectors(draft, square);
    if (by === undefined) throw new Error('a man that was marked too much has a protector');
    return { code: 'protected', square, role: getRole(draft, square), by, byRole: getRole(draft, by) };
  },
  noteMissed: (draft, square) => ({ code: 'unprotected', square, role: getRole(draft, square) }),
  /** Every man of the other side is held against every other one, and own men stand in the lines. */
  measure: (own, others) => others * (others - 1) + own,
});

export const trappedFamily = defineTheirMen({
  id: 'trapped',
  stage: 'attack',
  skill: 'safe-squares',
  levels: 3,
  question: ({ turn }) => ({ code: 'trapped', side: opponentOf(turn) }),
  listRight: (draft) =>
    listMen(
      draft,
      opponentOf(draft.turn),
      (square) => draft.board[square]?.role !== 'pawn' && findSafeSquare(draft, square) === undefined,
    ),
  noteExtra(draft, square): Note {
    const role = getRole(draft, square);
    const target = role === 'pawn' ? undefined : findSafeSquare(draft, square);
    return target === undefined
      ? { code: 'not-asked', square, role }
      : { code: 'has-a-way', square, role, target };
  },
  noteMissed: (draft, square) => ({ code: 'has-no-way', square, role: getRole(draft, square) }),
  measure: (own, others) => own * others,
});

function listProtectors({ board, turn }: PositionDraft, square: Square): Square[] {
  return listAttackers(board, square, opponentOf(turn));
}

/** A square one of their men can go to without being taken there. */
function findSafeSquare(draft: PositionDraft, from: Square): Square | undefined {
  const theirs = { ...draft, turn: opponentOf(draft.turn) };
  return listLawfulReach(theirs, from).find(
    (move) => listAttackers(wander(theirs, move).board, move.to, draft.turn).length === 0,
  )?.to;
}

const attackFromShape = z.object({ fen: boardTextSchema, square: squareSchema, target: squareSchema });
type AttackFromTask = z.infer<typeof attackFromShape>;
const attackFromTaskSchema = attackFromShape.check(
  z.refine(({ fen, square, target }) => {
    const { board, turn } = getDraft(fen);
    return board[square]?.side === turn && board[target]?.side === opponentOf(turn);
  }, 'the two men are not there'),
  z.refine((task) => listAttackingSquares(task).length > 0, 'no such square'),
);

export const attackFromFamily = defineFamily<AttackFromTask, 'tap'>({
  id: 'attack-from',
  version: 1,
  stage: 'attack',
  skill: 'attacking',
  answerMode: 'tap',
  levels: 4,
  taskSchema: attackFromTaskSchema,
  question({ fen, square, target }) {
    return { code: 'attack-from', role: getRole(getDraft(fen), square), target };
  },
  scene({ fen, square, target }) {
    const draft = getDraft(fen);
    return sceneOf(draft, { bottom: draft.turn, asked: [square, target] });
  },
  ask: () => ({ kind: 'tap', isSingle: false, labels: [] }),
  solution: (task) => tapSquares(listAttackingSquares(task)),
  judge(task, answer) {
    const role = getRole(getDraft(task.fen), task.square);
    return compareMarks(
      listAttackingSquares(task),
      answer,
      (square) => noteNoAttack(task, square),
      (square) => ({ code: 'would-attack', square, role, target: task.target }),
    );
  },
  /** Squares to be looked at, and their men that guard them. */
  measure({ fen, square }) {
    const draft = getDraft(fen);
    const others = draft.board.filter((man) => man?.side === opponentOf(draft.turn)).length;
    return listLawfulReach(draft, square).length * others;
  },
  hints: (task) => tapHints(listAttackingSquares(task)),
});

function listAttackingSquares({ fen, square, target }: AttackFromTask): Square[] {
  const draft = getDraft(fen);
  return listLawfulReach(draft, square)
    .filter(({ to }) => attacks(draft, square, to, target) && listGuards(draft, square, to).length === 0)
    .map(({ to }) => to)
    .sort((one, other) => one - other);
}

function attacks(draft: PositionDraft, from: Square, to: Square, target: Square): boolean {
  return to !== target && listAttackers(wander(draft, { from, to }).board, target, draft.turn).includes(to);
}

/** Their men that take a man of ours that goes there. */
function listGuards(draft: PositionDraft, from: Square, to: Square): Square[] {
  return listAttackers(wander(draft, { from, to }).board, to, opponentOf(draft.turn));
}

function noteNoAttack({ fen, square: from, target }: AttackFromTask, square: Square): Note {
  const draft = getDraft(fen);
  const role = getRole(draft, from);
  if (square === target) return { code: 'is-the-target', square };
  if (!listLawfulReach(draft, from).some(({ to }) => to === square))
    return noteNotReached(draft, from, square);
  if (!attacks(draft, from, square, target)) return { code: 'attacks-not', square, role, target };
  const [by] = listGuards(draft, from, square);
  if (by === undefined) throw new Error('a square that is not right is guarded');
  return { code: 'can-be-taken', square, role, by, byRole: getRole(draft, by) };
}
