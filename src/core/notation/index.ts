export { makeMoveText, parseMoveText, type MoveText } from './coordinates';
export { makeEpd, parseEpd, type Epd, type EpdFault, type EpdOperation } from './epd';
export { makeFen, makeFenLetter, parseFen, parseFenLetter, type FenFault, type FenField } from './fen';
export { findPosition, getPosition } from './position';
export { listNumberedMoves, makeNumberedLine, makeSan, makeSanLine, parseSan, type SanFault } from './san';
