export { makeMoveText, parseMoveText, type MoveText } from './coordinates';
export { makeFen, makeFenLetter, parseFen, type FenFault, type FenField } from './fen';
export { listNumberedMoves, makeNumberedLine, makeSan, parseSan, type SanFault } from './san';
