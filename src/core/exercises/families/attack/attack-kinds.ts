/** Family `attack-kinds`: which kinds of answer there are to an attack on one of our pieces. */
import type { Square, Side, Role } from '../../../board';
import { z } from 'zod/mini';
import { makeSan } from '../../../notation';
import { ATTACK_ANSWERS, type AttackAnswer } from '../../../tactics';
import { chooseHints, chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { sceneOfPosition } from '../../family/legalTask';
import type { MovesReason, PlainReason } from '../../family/note';
import {
  aboutAttack,
  attackedShape,
  getAttack,
  isAttack,
  isOfKind,
  listDeeds,
  listSound,
  showLoss,
  type AttackedTask,
} from './attackedTask';

export interface AttackKindsQuestion {
  readonly code: 'attack-kinds';
  readonly turn: Side;
  readonly target: Square;
  readonly targetRole: Role;
  readonly attacker: Square;
  readonly attackerRole: Role;
}

type AttackKindsReason = MovesReason<'moves-do' | 'but-then'> | PlainReason<'nothing-does'>;

export const attackKindsFamily = defineFamily<
  AttackedTask,
  'choose',
  AttackKindsQuestion,
  ChoiceNote<AttackKindsReason>
>({
  id: 'attack-kinds',
  version: 2,
  stage: 'attack',
  skill: 'answers-to-attack',
  answerMode: 'choose',
  levels: 4,
  taskSchema: attackedShape.check(
    z.refine(isAttack, 'nobody is attacked there'),
    z.refine((task) => listKinds(task).length > 0, 'there is no answer'),
  ),
  question: (task) => ({ code: 'attack-kinds', ...aboutAttack(task) }),
  scene: ({ fen, target }) => sceneOfPosition(fen, { asked: [target] }),
  ask: () => ({ kind: 'choose', options: ATTACK_ANSWERS, isMultiple: true }),
  solution: (task) => chooseOptions(listKinds(task)),
  judge: (task, answer) => compareOptions(listKinds(task), answer, (option) => reasonOfKind(task, option)),
  measure(task) {
    const answers = listSound(task);
    return answers.length + 8 * new Set(answers.flatMap(({ kinds }) => kinds)).size;
  },
  hints: (task) => chooseHints(ATTACK_ANSWERS, listKinds(task)),
});

function listKinds(task: AttackedTask): AttackAnswer[] {
  const found = new Set(listSound(task).flatMap(({ kinds }) => kinds));
  return ATTACK_ANSWERS.filter((kind) => found.has(kind));
}

/** The moves that do it; or a move that does it but loses something, with what comes of it. */
function reasonOfKind(task: AttackedTask, option: string): AttackKindsReason {
  const { position } = getAttack(task);
  const sound = listSound(task).filter(isOfKind(option));
  if (sound.length > 0) return { code: 'moves-do', moves: sound.map(({ move }) => makeSan(position, move)) };
  const tempting = listDeeds(task).find(isOfKind(option));
  return tempting === undefined
    ? { code: 'nothing-does' }
    : { code: 'but-then', moves: showLoss(task, tempting) };
}
