export { createProverClient, startProveWorker, type ProverOutcome } from './proverClient';
