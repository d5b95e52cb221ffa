/**
 * Family `poisoned`: a capture wins something on its own square, but the rest of the board has a word too. Exact, one move deep: after the
 * capture the other side may mate at once, or win more by an exchange on another square than was won (every order of captures looked
 * at), or neither.
 */
import type { Side } from '../../../board';
import { z } from 'zod/mini';
import { getPosition, makeSan, makeSanLine } from '../../../notation';
import { findCaptured, listLegalMoves, playMove, type Move, type Position } from '../../../rules';
import { exchangeAfter } from '../../../tactics';
import { chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import {
  findLegalMove,
  listMatingMoves,
  positionTextSchema,
  sceneOfPosition,
  toSans,
} from '../../family/legalTask';
import type { MovesReason, PlainReason } from '../../family/note';
import { scaleSchema } from './scale';
import type { ExchangeReason } from './take-or-leave';

export const POISON_OPTIONS = ['allows-mate', 'loses-more', 'take-it'] as const;

const poisonedShape = z.object({ fen: positionTextSchema, move: z.string(), values: scaleSchema });

export type PoisonedTask = z.infer<typeof poisonedShape>;

export interface PoisonedQuestion {
  readonly code: 'poisoned';
  readonly turn: Side;
  readonly move: string;
  readonly gain: number;
}

type PoisonedReason = MovesReason<'mates'> | ExchangeReason | PlainReason<'nothing-against'>;

export const poisonedFamily = defineFamily<
  PoisonedTask,
  'choose',
  PoisonedQuestion,
  ChoiceNote<PoisonedReason>
>({
  id: 'poisoned',
  version: 1,
  stage: 'values',
  skill: 'exchanges',
  answerMode: 'choose',
  levels: 3,
  taskSchema: poisonedShape.check(
    z.refine((task) => {
      const position = getPosition(task.fen);
      const move = findLegalMove(position, task.move);
      return move !== undefined && findCaptured(position, move) !== undefined && gainOf(task) > 0;
    }, 'no capture that wins something'),
  ),
  question(task) {
    const { position, move } = openTask(task);
    return { code: 'poisoned', turn: position.turn, move: makeSan(position, move), gain: gainOf(task) };
  },
  scene(task) {
    return sceneOfPosition(task.fen, { asked: [openTask(task).move.to] });
  },
  ask: () => ({ kind: 'choose', options: POISON_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([solve(task)]),
  judge: (task, answer) => compareOptions([solve(task)], answer, () => reasonOf(task)),
  /** The answers of the other side that have to be looked at. */
  measure(task) {
    const { position, move } = openTask(task);
    return listLegalMoves(playMove(position, move)).length;
  },
  hints: () => [],
});

function openTask({ fen, move: text }: PoisonedTask): { position: Position; move: Move } {
  const position = getPosition(fen);
  const move = findLegalMove(position, text);
  if (move === undefined) throw new Error('a parsed task has a legal move');
  return { position, move };
}

function gainOf(task: PoisonedTask): number {
  const { position, move } = openTask(task);
  return exchangeAfter(position, move, task.values).gain;
}

/** The dearest exchange on another square once the capture is made. */
function findElsewhere(task: PoisonedTask) {
  const { position, move } = openTask(task);
  const after = playMove(position, move);
  const [dearest] = listLegalMoves(after)
    .filter((reply) => reply.to !== move.to && findCaptured(after, reply) !== undefined)
    .map((reply) => exchangeAfter(after, reply, task.values))
    .sort((one, other) => other.gain - one.gain);
  return dearest;
}

function solve(task: PoisonedTask): (typeof POISON_OPTIONS)[number] {
  const { position, move } = openTask(task);
  if (listMatingMoves(playMove(position, move)).length > 0) return 'allows-mate';
  const captured = findCaptured(position, move);
  const won = captured === undefined ? 0 : task.values[captured.role];
  return (findElsewhere(task)?.gain ?? 0) > won ? 'loses-more' : 'take-it';
}

function reasonOf(task: PoisonedTask): PoisonedReason {
  const { position, move } = openTask(task);
  const after = playMove(position, move);
  switch (solve(task)) {
    case 'allows-mate':
      return { code: 'mates', moves: toSans(after, listMatingMoves(after)) };
    case 'loses-more': {
      const { moves = [], gain = 0 } = findElsewhere(task) ?? {};
      return { code: 'exchange', moves: makeSanLine(after, moves), gain };
    }
    case 'take-it':
      return { code: 'nothing-against' };
  }
}
