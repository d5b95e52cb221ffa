export {
  getMan,
  findBalance,
  MAN_VALUES,
  opponentOf,
  PROMOTION_ROLES,
  ROLES,
  SIDES,
  type Board,
  type Man,
  type PromotionRole,
  type Role,
  type Side,
  type ValueScale,
} from './men';
export {
  FILE_LETTERS,
  fileOf,
  isDarkSquare,
  kingDistance,
  makeSquareName,
  parseSquareName,
  rankOf,
  squareAt,
  type Square,
} from './square';
export { BISHOP_STEPS, KNIGHT_STEPS, QUEEN_STEPS, ROOK_STEPS, tabulateRays, tabulateSteps } from './steps';
