export { runInPool, askPrinter, askWeakness, closePool } from './pool';
