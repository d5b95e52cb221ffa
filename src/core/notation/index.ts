export { getMove, makeMoveText, parseMoveText, type MoveText } from './coordinates';
export { makeEpd, parseEpd, type Epd, type EpdFault, type EpdOperation } from './epd';
export { makeFen, makeFenLetter, parseFen, parseFenLetter, type FenFault, type FenField } from './fen';
export { parseMovetext, type MovetextFault, type WrittenLine, type WrittenMove } from './movetext';
export {
  decodePgn,
  makePgn,
  readPgn,
  RESULTS,
  type EncodingFault,
  type GameResult,
  type PgnFault,
  type PgnGame,
  type PgnLine,
  type PgnMove,
  type PgnWarning,
  type ReadGame,
} from './pgn';
export { findPosition, getDraft, getPosition } from './position';
export { listNumberedMoves, makeNumberedLine, makeSan, makeSanLine, parseSan, type SanFault } from './san';
export {
  LANGUAGES,
  NOTATION_DIAGNOSES,
  readMove,
  readMoveOn,
  readSpokenSquare,
  type Language,
  type NotationDiagnosis,
  type NotationReason,
  type ReadMove,
} from './reader';
