/** Family `name-mate`: which named mate is on the board? Exactly one of the names shown fits. */
import { z } from 'zod/mini';
import { opponentOf, type Side, type Square, type Role } from '../../../board';
import { getPosition } from '../../../notation';
import { namePatterns, type PatternId, type PatternMatch } from '../../../patterns';
import { chooseHints, chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { positionTextSchema } from '../../family/legalTask';
import type { SquaresReason } from '../../family/note';
import { countMen, getOwnMan, PARTS, patternSchema, sceneOfMate } from './mateBoard';

const nameMateShape = z.object({
  fen: positionTextSchema,
  options: z.array(patternSchema).check(z.minLength(2), z.maxLength(6)),
});

export type NameMateTask = z.infer<typeof nameMateShape>;

/** The names shown that fit, in any reading. */
function listFitting({ fen, options }: NameMateTask): PatternId[] {
  const names = namePatterns(getPosition(fen)).map(({ id }) => id);
  return options.filter((id) => names.includes(id));
}

export interface NameMateQuestion {
  readonly code: 'name-mate';
  readonly turn: Side;
}

type NameMateReason =
  | SquaresReason<'gives-check'>
  /** The name of the mate on the board, and the man that gives it. */
  | { readonly code: 'is-called'; readonly pattern: PatternId; readonly square: Square; readonly role: Role };

export const nameMateFamily = defineFamily<
  NameMateTask,
  'choose',
  NameMateQuestion,
  ChoiceNote<NameMateReason>
>({
  ...PARTS,
  id: 'name-mate',
  skill: 'names-of-mates',
  answerMode: 'choose',
  levels: 4,
  taskSchema: nameMateShape.check(
    z.refine(
      (task) => listFitting(task).length === 1 && new Set(task.options).size === task.options.length,
      'not exactly one name fits',
    ),
  ),
  question: ({ fen }) => ({ code: 'name-mate', turn: opponentOf(getPosition(fen).turn) }),
  scene: ({ fen }) => sceneOfMate(getPosition(fen)),
  ask: ({ options }) => ({ kind: 'choose', options, isMultiple: false }),
  solution: (task) => chooseOptions(listFitting(task)),
  judge: (task, answer) => {
    const fitting = listFitting(task);
    const match = findMatch(task.fen, fitting[0]);
    return compareOptions(fitting, answer, (option) => match && reasonOfName(task, match, option));
  },
  measure: ({ fen, options }) => countMen(getPosition(fen)) + 6 * options.length,
  hints: (task) => chooseHints(task.options, listFitting(task)),
});

/** A wrong name is answered by who gives the check; the right one by the name itself. */
function reasonOfName({ fen }: NameMateTask, { id, roles }: PatternMatch, option: string): NameMateReason {
  const { mating: square } = roles;
  if (option !== id) return { code: 'gives-check', squares: [square] };
  return { code: 'is-called', pattern: id, square, role: getOwnMan(getPosition(fen), square).role };
}

function findMatch(fen: string, id: PatternId | undefined): PatternMatch | undefined {
  return namePatterns(getPosition(fen)).find((match) => match.id === id);
}
