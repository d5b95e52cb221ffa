export { exchangeAfter, exchangeOn, findTaken, type Exchange } from './exchange';
export {
  ATTACK_ANSWERS,
  findAttack,
  listAttackAnswers,
  type AnsweringMove,
  type Attack,
  type AttackAnswer,
} from './attackAnswers';
export { findSight, listArmySights, SAFETIES, type Safety, type Sight } from './sight';
