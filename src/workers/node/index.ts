export { askPool, closePool } from './pool';
