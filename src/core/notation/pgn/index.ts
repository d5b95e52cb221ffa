export { decodePgn, type EncodingFault } from './decodePgn';
export {
  RESULTS,
  type GameResult,
  type PgnFault,
  type PgnGame,
  type PgnLine,
  type PgnMove,
  type PgnWarning,
  type ReadGame,
} from './game';
export { makePgn } from './makePgn';
export { readPgn } from './readPgn';
