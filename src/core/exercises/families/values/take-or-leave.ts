/**
 * Family `take-or-leave`: a capture with everything that may follow on its square, every order of captures looked at, each side free to stop
 * (exact, by complete search over the captures on that square).
 */
import type { Side } from '../../../board';
import { z } from 'zod/mini';
import {
  findPosition,
  getDraft,
  getMove,
  getPosition,
  makeSan,
  makeSanLine,
  parseMoveText,
} from '../../../notation';
import { findCaptured, listAttackers, listLegalMoves } from '../../../rules';
import { exchangeAfter } from '../../../tactics';
import { chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { boardTextSchema, sceneOf } from '../../family/lessonBoard';
import { scaleSchema } from './scale';

export const exchangeTaskSchema = z
  .object({ fen: boardTextSchema, move: z.string(), values: scaleSchema })
  .check(
    z.refine(({ fen, move }) => {
      const position = findPosition(fen);
      const parsed = parseMoveText(move);
      return (
        position !== undefined &&
        parsed !== undefined &&
        listLegalMoves(position).some(({ from, to }) => from === parsed.from && to === parsed.to) &&
        findCaptured(position, parsed) !== undefined
      );
    }, 'no capture'),
  );

export type ExchangeTask = z.infer<typeof exchangeTaskSchema>;

export const EXCHANGE_OPTIONS = ['wins-men', 'comes-out-even', 'loses-men'] as const;

export interface TakeOrLeaveQuestion {
  readonly code: 'take-or-leave';
  readonly turn: Side;
  readonly move: string;
}

/** Men after one another on one square: what each takes, in points, and what it comes to. */
export interface ExchangeReason {
  readonly code: 'exchange';
  readonly moves: readonly string[];
  readonly gain: number;
}

export const takeOrLeaveFamily = defineFamily<
  ExchangeTask,
  'choose',
  TakeOrLeaveQuestion,
  ChoiceNote<ExchangeReason>
>({
  id: 'take-or-leave',
  version: 1,
  stage: 'values',
  skill: 'exchanges',
  answerMode: 'choose',
  levels: 4,
  taskSchema: exchangeTaskSchema,
  question({ fen, move }) {
    const position = getPosition(fen);
    return { code: 'take-or-leave', turn: position.turn, move: makeSan(position, getMove(move)) };
  },
  scene({ fen, move }) {
    const draft = getDraft(fen);
    return sceneOf(draft, { bottom: draft.turn, asked: [getMove(move).to] });
  },
  ask: () => ({ kind: 'choose', options: EXCHANGE_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([kindOfExchange(exchangeOf(task).gain)]),
  judge(task, answer) {
    const { gain, moves } = exchangeOf(task);
    return compareOptions([kindOfExchange(gain)], answer, () => ({ code: 'exchange', moves, gain }));
  },
  measure(task) {
    const { to } = getMove(task.move);
    const { board } = getDraft(task.fen);
    const men = listAttackers(board, to, 'white').length + listAttackers(board, to, 'black').length;
    return men + exchangeOf(task).moves.length;
  },
  hints: () => [],
});

function kindOfExchange(gain: number): (typeof EXCHANGE_OPTIONS)[number] {
  return gain > 0 ? 'wins-men' : gain < 0 ? 'loses-men' : 'comes-out-even';
}

function exchangeOf({ fen, move, values }: ExchangeTask) {
  const position = getPosition(fen);
  const { gain, moves } = exchangeAfter(position, getMove(move), values);
  return { gain, moves: makeSanLine(position, moves) };
}
