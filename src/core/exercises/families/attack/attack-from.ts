/** Family `attack-from`: every square from which one piece of ours attacks a piece of theirs and cannot be captured, kings or not. */
import { z } from 'zod/mini';
import { opponentOf, type Square, type Role } from '../../../board';
import { getDraft } from '../../../notation';
import { listAttackers, listLawfulReach, type PositionDraft } from '../../../rules';
import { compareMarks, tapHints, tapSquares } from '../../answers/tap';
import { squareSchema } from '../../family/answer';
import { defineFamily } from '../../family/family';
import { boardTextSchema, getRole, sceneOf } from '../../family/lessonBoard';
import type { ByNote, SquareNote, TargetNote } from '../../family/note';
import { listThreats, wander } from '../movement/looseMoves';
import { noteNotReached, type NotReachedNote } from '../movement/reachNotes';

const attackFromShape = z.object({ fen: boardTextSchema, square: squareSchema, target: squareSchema });

type AttackFromTask = z.infer<typeof attackFromShape>;

const attackFromTaskSchema = attackFromShape.check(
  z.refine(({ fen, square, target }) => {
    const { board, turn } = getDraft(fen);
    return board[square]?.side === turn && board[target]?.side === opponentOf(turn);
  }, 'the two men are not there'),
);

export interface AttackFromQuestion {
  readonly code: 'attack-from';
  readonly role: Role;
  readonly target: Square;
}

export type AttackFromNote =
  | SquareNote<'is-the-target'>
  | TargetNote<'attacks-not' | 'would-attack'>
  | ByNote<'can-be-taken'>
  | NotReachedNote;

export const attackFromFamily = defineFamily<AttackFromTask, 'tap', AttackFromQuestion, AttackFromNote>({
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
    .filter(
      ({ to }) => attacks(draft, square, to, target) && listThreats(draft, { from: square, to }).length === 0,
    )
    .map(({ to }) => to)
    .sort((one, other) => one - other);
}

function attacks(draft: PositionDraft, from: Square, to: Square, target: Square): boolean {
  return to !== target && listAttackers(wander(draft, { from, to }).board, target, draft.turn).includes(to);
}

function noteNoAttack({ fen, square: from, target }: AttackFromTask, square: Square): AttackFromNote {
  const draft = getDraft(fen);
  const role = getRole(draft, from);
  if (square === target) return { code: 'is-the-target', square };
  if (!listLawfulReach(draft, from).some(({ to }) => to === square))
    return noteNotReached(draft, from, square);
  if (!attacks(draft, from, square, target)) return { code: 'attacks-not', square, role, target };
  const [by] = listThreats(draft, { from, to: square });
  if (by === undefined) throw new Error('a square that is not right is guarded');
  return { code: 'can-be-taken', square, role, by, byRole: getRole(draft, by) };
}
