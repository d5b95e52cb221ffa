export { askPool, askPrinter, askWeakness, closePool } from './pool';
