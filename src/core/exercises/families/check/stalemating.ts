/** Family `stalemating`: which of these moves give stalemate? */
import type { Side } from '../../../board';
import { z } from 'zod/mini';
import { getPosition, parseSan } from '../../../notation';
import { findOutcome, playMove } from '../../../rules';
import { chooseHints, chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { positionTextSchema, sceneOfPosition } from '../../family/legalTask';
import { findState, reasonOfMoves, whyState, type StateReason } from './boardState';

const stalematingShape = z.object({
  fen: positionTextSchema,
  sans: z.array(z.string()).check(z.minLength(3), z.maxLength(5)),
});

export type StalematingTask = z.infer<typeof stalematingShape>;

function listStalemating({ fen, sans }: StalematingTask): string[] {
  const position = getPosition(fen);
  return sans.filter((san) => {
    const read = parseSan(position, san);
    return read.ok && findOutcome(playMove(position, read.value))?.kind === 'stalemate';
  });
}

const stalematingTaskSchema = stalematingShape.check(
  z.refine(({ fen, sans }) => sans.every((san) => parseSan(getPosition(fen), san).ok), 'not a move'),
  z.refine((task) => listStalemating(task).length > 0, 'no stalemate'),
);

export interface StalematingQuestion {
  readonly code: 'stalemating';
  readonly turn: Side;
}

export const stalematingFamily = defineFamily<
  StalematingTask,
  'choose',
  StalematingQuestion,
  ChoiceNote<StateReason>
>({
  id: 'stalemating',
  version: 1,
  stage: 'check',
  skill: 'stalemate',
  answerMode: 'choose',
  levels: 3,
  taskSchema: stalematingTaskSchema,
  question: ({ fen }) => ({ code: 'stalemating', turn: getPosition(fen).turn }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ sans }) => ({ kind: 'choose', options: sans, isMultiple: true }),
  solution: (task) => chooseOptions(listStalemating(task)),
  judge(task, answer) {
    const position = getPosition(task.fen);
    return compareOptions(listStalemating(task), answer, (san) => {
      const read = parseSan(position, san);
      if (!read.ok) return undefined;
      const after = playMove(position, read.value);
      const state = findState(after);
      return state === 'mate' || state === 'stalemate' ? whyState(after, state) : reasonOfMoves(after);
    });
  },
  /** Moves to look at, and men that guard squares. */
  measure: ({ fen, sans }) =>
    5 * sans.length + getPosition(fen).board.filter((man) => man !== undefined).length,
  hints: (task) => chooseHints(task.sans, listStalemating(task)),
});
