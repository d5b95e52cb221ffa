/**
 * Family `count-on-square`: how many of one side can take part in the fight for a square, those lined up behind included. A man pinned to its
 * king counts only where it may go.
 */
import { z } from 'zod/mini';
import { opponentOf, type Side, type Square } from '../../../board';
import { getDraft } from '../../../notation';
import { findKing, listAttackers, type PositionDraft } from '../../../rules';
import { compareNumber, type NumberNote } from '../../answers/number';
import { squareSchema } from '../../family/answer';
import { defineFamily } from '../../family/family';
import { boardTextSchema, sceneOf } from '../../family/lessonBoard';
import { without } from '../movement/looseMoves';

export const countTaskSchema = z.object({
  fen: boardTextSchema,
  square: squareSchema,
  side: z.enum(['white', 'black']),
});

export type CountTask = z.infer<typeof countTaskSchema>;

export interface CountOnSquareQuestion {
  readonly code: 'count-attackers' | 'count-defenders';
  readonly square: Square;
  readonly side: Side;
}

export const countOnSquareFamily = defineFamily<CountTask, 'number', CountOnSquareQuestion, NumberNote>({
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
