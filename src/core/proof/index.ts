export { chanceSchema, type Chance } from './chance';
export { countsAsMate } from './blockless';
export { compareFates, type DrawReason, type Fate, type FateTable, type MoveFate } from './fate';
export { FORCING_KINDS, listForcing, type ForcingKind } from './forcing';
export { describeMove, findExchange, type MoveKind } from './moveKinds';
export {
  checkProof,
  type Proof,
  type ProofCover,
  type ProofFault,
  type ProofMove,
  type ProofNode,
  type ProofReply,
} from './proof';
export {
  LONGEST_MATE,
  type BlocklessLength,
  type ProofReport,
  type ProveResult,
  type WhyEnded,
} from './proveResult';
export type { MateSolution, Try } from './solution';
export { listMatingMovesSlowly, SLOW_PROVER_MOVES } from './slowProver';
export { groupSuggestion, putProofFirst, SUGGESTION_GROUPS, type SuggestionGroup } from './suggestions';
export { groupDefences, playText, type DefenceKind, type ToldGroup } from './tell';
