import type { ExerciseTaskOf } from '../../../exercises';
import { getPosition } from '../../../notation';
import { pickOne } from '../../../shared';
import { findAttack, listAttackAnswers, type AttackAnswer } from '../../../tactics';
import { sampleUntil, type Composer } from '../../draw';
import { sampleAttack } from './attacked';

/** Kinds of answer a level asks for, the rarest first. */
const ANSWERS_OF_LEVEL: readonly (readonly AttackAnswer[])[] = [
  ['take', 'go-away'],
  ['protect', 'take', 'go-away'],
  ['put-between', 'protect'],
  ['free-guard', 'pin', 'open-line', 'counter', 'in-between'],
];

/** 1: take it or go away. 2: protect. 3: something between. 4: pins, opened lines, counter-attacks, moves in between. */
export const composeAttackMen: Composer<ExerciseTaskOf<'attack-men'>> = (random, level, values) =>
  sampleUntil(() => {
    const task = sampleAttack(random, 2 + 2 * level, values);
    const position = task && getPosition(task.fen);
    const attack = task && position && findAttack(position, task.target, values);
    if (task === undefined || position === undefined || attack === undefined) return undefined;
    const sound = listAttackAnswers(position, attack, values).filter(({ isSound }) => isSound);
    const found = new Set(sound.flatMap(({ kinds }) => kinds));
    const wanted = (ANSWERS_OF_LEVEL[level - 1] ?? []).filter((answer) => found.has(answer));
    const [rarest = 'take'] = wanted;
    return wanted.length === 0
      ? undefined
      : { ...task, answer: random() < 0.6 ? rarest : pickOne(random, wanted) };
  });
