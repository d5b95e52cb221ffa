export { createMateExplainer, type ExplainLimits, type MateExplainer } from './explain';
export { createFateSearch, type FateLimits, type FateSearch } from './fateSearch';
export { createMateSearch, type AskOptions, type MateSearch, type ProveLimits } from './mateSearch';
export { type OnProgress } from './meter';
export { listSearchMoves, searchPerft, searchPerftPlayed } from './perft';
