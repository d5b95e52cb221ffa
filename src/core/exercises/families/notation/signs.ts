/**
 * Family `signs`: which sign has a move earned? The fates of all moves are worked out when the task is composed, proved or seen to a depth;
 * the task carries those it needs, and the sign follows from them by a fixed rule (what each sign means is common practice, the borders in
 * points are ours):
 *   !!  alone as good as it is, by two points or more, and a man is given up for it
 *   !   alone as good as it is, by two points or more
 *   !?  as good as any other, though a man is given up for it
 *   ?!  worse than the best by a point, and not lost
 *   ?   worse by two to four points
 *   ??  worse by five points or more, or it lets a mate go or allows one
 *   none  nothing of these
 * A fate that is only seen may change when one looks deeper, so a move is asked about only when it earns the same at each of
 * `SIGN_DEPTHS`; mates are proved.
 */
import type { Side } from '../../../board';
import { z } from 'zod/mini';
import { getPosition, makeSan } from '../../../notation';
import { storedFateSchema, type StoredFate } from '../../../puzzles';
import { chooseHints, chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { findLegalMove, positionTextSchema, sceneOfPosition } from '../../family/legalTask';

export const SIGNS = ['!!', '!', '!?', '?!', '?', '??', 'none'] as const;

export type Sign = (typeof SIGNS)[number];

/** Half-moves at which a verdict has to be the same. */
export const SIGN_DEPTHS = [4, 5, 6] as const;

const movedSchema = z.object({ move: z.string(), fate: storedFateSchema });

const signShape = z.object({
  fen: positionTextSchema,
  own: movedSchema,
  /** The best of the other moves. */
  other: movedSchema,
  /** The man that moved could be taken at a loss: it is given up. */
  isGivenUp: z.boolean(),
  options: z.array(z.enum(SIGNS)).check(z.minLength(2)),
});

export type SignTask = z.infer<typeof signShape>;

export interface SignsQuestion {
  readonly code: 'sign';
  readonly turn: Side;
  readonly move: string;
}

/** What becomes of a move, and of the best other one. */
export interface FatesReason {
  readonly code: 'fates';
  readonly move: string;
  readonly fate: StoredFate;
  readonly other: string;
  readonly otherFate: StoredFate;
  readonly isGivenUp: boolean;
}

export const signsFamily = defineFamily<SignTask, 'choose', SignsQuestion, ChoiceNote<FatesReason>>({
  id: 'signs',
  version: 2,
  stage: 'notation',
  skill: 'annotation',
  answerMode: 'choose',
  levels: 3,
  taskSchema: signShape.check(
    z.refine(({ fen, own, other }) => {
      const position = getPosition(fen);
      return [own, other].every(({ move }) => findLegalMove(position, move) !== undefined);
    }, 'not a legal move'),
    z.refine(
      (task) => task.options.some((sign) => sign === earnSign(task)),
      'the sign is not among the choices',
    ),
  ),
  question: (task) => ({ code: 'sign', turn: getPosition(task.fen).turn, move: sanOf(task, task.own.move) }),
  scene({ fen, own }) {
    const move = findLegalMove(getPosition(fen), own.move);
    return sceneOfPosition(fen, { trace: move });
  },
  ask: ({ options }) => ({ kind: 'choose', options, isMultiple: false }),
  solution: (task) => chooseOptions([earnSign(task)]),
  judge: (task, answer) => compareOptions([earnSign(task)], answer, () => reasonOf(task)),
  measure: ({ options }) => options.length,
  hints: (task) => chooseHints(task.options, [earnSign(task)]),
});

/** Points for an order of fates: mates far above, being mated far below. */
function worthOf(fate: StoredFate): number {
  switch (fate.kind) {
    case 'mates':
      return 1_000 - fate.inMoves;
    case 'mated':
      return fate.inMoves - 1_000;
    case 'draw':
    case 'material':
      return fate.gain;
    case 'open':
      return 0;
  }
}

/** The sign by the rule above. */
export function earnSign({ own, other, isGivenUp }: Pick<SignTask, 'own' | 'other' | 'isGivenUp'>): Sign {
  const [mine, best] = [worthOf(own.fate), worthOf(other.fate)];
  // A mate that is a move longer is still a mate.
  const isSameMate = own.fate.kind === 'mates' && other.fate.kind === 'mates';
  if (isSameMate || mine === best) return isGivenUp && own.fate.kind !== 'mated' ? '!?' : 'none';
  if (mine - best >= 2 && own.fate.kind !== 'mated') return isGivenUp ? '!!' : '!';
  const less = best - mine;
  if (less >= 5) return '??';
  if (less >= 2) return '?';
  return less >= 1 && mine > -2 ? '?!' : 'none';
}

function sanOf({ fen }: SignTask, text: string): string {
  const position = getPosition(fen);
  const move = findLegalMove(position, text);
  return move === undefined ? text : makeSan(position, move);
}

function reasonOf(task: SignTask): FatesReason {
  const { own, other, isGivenUp } = task;
  return {
    code: 'fates',
    move: sanOf(task, own.move),
    fate: own.fate,
    other: sanOf(task, other.move),
    otherFate: other.fate,
    isGivenUp,
  };
}
