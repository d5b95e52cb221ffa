export {
  boundsOfLevel,
  gradePuzzle,
  gradeSchema,
  levelOfNumber,
  measurePuzzle,
  type Grade,
  type GradeReason,
  type PuzzleFeatures,
} from './grade';
export { KEY_KINDS, listKeyKinds, listPossibleKeyKinds, type KeyKind } from './keyKinds';
export { makePuzzleEpd, makePuzzleGame } from './puzzleFiles';
export { makeExactKey, makeIdeaKey, makeTwinKey } from './puzzleKeys';
export {
  listKeys,
  listLongest,
  listMainLine,
  listSeatNodes,
  listSideLines,
  solutionGraphSchema,
  toStored,
  trimToSeat,
  type SideLine,
  type SolutionGraph,
  type SolutionNode,
} from './solutionGraph';
export { listPuzzleFacts, WINGS, wingOf, type PuzzleFacts, type Wing } from './puzzleFacts';
export { splitLine, storedFateSchema, toStoredFate, type StoredFate } from './storedFate';
