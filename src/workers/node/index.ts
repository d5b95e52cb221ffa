export { askPool, askPrinter, closePool } from './pool';
