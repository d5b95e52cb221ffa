export type { ProofReport, ProveResult } from './proveResult';
