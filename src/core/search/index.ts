export {
  createMateSearch,
  listSearchMoves,
  searchPerft,
  type MateSearch,
  type OnProgress,
  type ProveLimits,
} from './mateSearch';
