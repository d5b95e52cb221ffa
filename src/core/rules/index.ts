export { checkPosition, listPositionFaults, type PositionFault } from './checkPosition';
export { listAttackers } from './attacks';
export { isCheckmate, listBetween } from './checkmate';
export { findBoardState, type BoardState } from './boardState';
export { boardText, perft } from './debug';
export {
  findCaptured,
  findCastlingWing,
  isCheck,
  isSameMove,
  listCheckers,
  listLawfulReach,
  listLegalMoves,
  listLegalMovesFrom,
  listReach,
  listUncheckedMoves,
  passTurn,
  playMove,
  type Move,
} from './moves';
export { listHandMoves, tryHandMove, type HandFault, type HandMove } from './handMove';
export { findOutcome, type Outcome } from './outcome';
export {
  EMPTY_DRAFT,
  findKing,
  INITIAL_POSITION,
  NO_CASTLING,
  type CastlingRights,
  type CastlingWing,
  type Position,
  type PositionDraft,
} from './position';
export { mirrorFiles, swapColours, turnQuarter } from './twins';
