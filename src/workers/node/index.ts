export { askPool, closePool, type PoolAnswer } from './pool';
