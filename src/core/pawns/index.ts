export {
  findPawnEnd,
  listPawnMoves,
  PAWN_GOALS,
  playPawnMove,
  startPawnGame,
  type PawnEnd,
  type PawnGoal,
} from './pawnGame';
export { choosePawnMove, PAWN_STRENGTHS, type PawnStrength } from './pawnPlayer';
