export { exchangeAfter, exchangeOn, findTaken, type Exchange } from './exchange';
export {
  ATTACK_ANSWERS,
  findAttack,
  listAttackAnswers,
  type AnsweringMove,
  type Attack,
  type AttackAnswer,
} from './attackAnswers';
