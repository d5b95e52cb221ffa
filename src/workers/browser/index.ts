export { createProverClient, startProveWorker, type ProverClient, type ProverOutcome } from './proverClient';
