/** Family `right-order`: the mating side's own moves are given and laid in their order. A wrong order is answered by what breaks it. */
import type { Side } from '../../../board';
import { z } from 'zod/mini';
import { getPosition, makeMoveText, makeSan, parseSan, type MoveText } from '../../../notation';
import { listLegalMoves, playMove } from '../../../rules';
import type { AnswerOf } from '../../family/answer';
import { defineFamily } from '../../family/family';
import { findLegalMove, sceneOfPosition } from '../../family/legalTask';
import { RIGHT, wrongFor, type Verdict } from '../../family/verdict';
import {
  askOf,
  asNotes,
  getHome,
  habitShape,
  hintMan,
  mateTaskOf,
  measureMate,
  noteOfMove,
  PARTS,
  playText,
  type HabitTask,
  type BreakNote,
  type TooShortNote,
} from './habitTask';
import { mateFamily } from './mate';

const orderShape = z.extend(habitShape, {
  /** The own moves of a right line, in the order in which they are shown. */
  shown: z.array(z.string()).check(z.minLength(2), z.maxLength(5)),
});

export type OrderTask = z.infer<typeof orderShape>;

export interface RightOrderQuestion {
  readonly code: 'right-order';
  readonly turn: Side;
  readonly moves: number;
}

/** In this order a move is not possible; or the line breaks, or does not end. */
export type RightOrderNote = { readonly code: 'cannot-yet'; readonly san: string } | BreakNote | TooShortNote;

export const rightOrderFamily = defineFamily<OrderTask, 'choose', RightOrderQuestion, RightOrderNote>({
  ...PARTS,
  id: 'right-order',
  skill: 'thinking-ahead',
  answerMode: 'choose',
  taskSchema: orderShape.check(
    z.refine(
      (task) =>
        new Set(task.shown).size === task.shown.length &&
        listOwnSans(task).every((san) => task.shown.includes(san)),
      'these are not the moves of the line',
    ),
  ),
  question: (task) => ({ code: 'right-order', ...askOf(task) }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ shown }) => ({ kind: 'choose', options: shown, isMultiple: true, isOrdered: true }),
  solution: (task) => ({ kind: 'choose', options: listOwnSans(task), ordered: true }),
  judge: judgeOrder,
  measure: measureMate,
  hints: hintMan,
});

/** The own moves of the main line, in SAN without the signs that would tell which one is the last. */
export function listOwnSans(task: HabitTask): string[] {
  let position = getPosition(task.fen);
  return mateFamily.solution(mateTaskOf(task), task.graph).flatMap((text, ply) => {
    const move = findLegalMove(position, text);
    if (move === undefined) return [];
    const san = makeSan(position, move);
    position = playMove(position, move);
    return ply % 2 === 0 ? [san.replace(/[+#]$/, '')] : [];
  });
}

/** Plays the order out against a longest defence. */
function judgeOrder(task: OrderTask, { options }: AnswerOf<'choose'>): Verdict<RightOrderNote> {
  const moves: MoveText[] = [];
  let position = getHome(task.fen);
  for (const san of options) {
    const move = parseSan(position, san);
    if (
      !move.ok ||
      !listLegalMoves(position).some((legal) => makeMoveText(legal) === makeMoveText(move.value))
    ) {
      return wrongFor([{ code: 'cannot-yet', san }]);
    }
    moves.push(makeMoveText(move.value));
    const after = playMove(position, move.value);
    const response = mateFamily.respond(mateTaskOf(task), task.graph, moves);
    if (response.kind === 'reply') {
      const next = playText(after, response.move);
      if (next === undefined) throw new Error('a stored reply is legal');
      moves.push(response.move);
      position = next;
      continue;
    }
    if (response.verdict.outcome === 'right') return RIGHT;
    return { ...response.verdict, ...asNotes(noteOfMove(position, san, after, response.verdict)) };
  }
  return wrongFor([{ code: 'line-too-short', moves: moves.length }]);
}
