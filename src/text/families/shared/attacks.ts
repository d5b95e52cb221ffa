import { makeSquareName } from '@/core/board';
import type { QuestionOf } from '@/core/exercises';
import type { Terms } from '../../terms';

/** "The pawn on h2 attacks the knight on g3." */
export function attackText(question: QuestionOf<'attack-kinds' | 'attack-men'>, terms: Terms): string {
  const { attacker, attackerRole, target, targetRole } = question;
  return `The ${terms.one(attackerRole)} on ${makeSquareName(attacker)} attacks the ${terms.one(targetRole)} on ${makeSquareName(target)}.`;
}
