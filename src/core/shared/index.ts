export { assertNever } from './assertNever';
export type { Brand } from './brand';
export { createRandom, pickOne, randomBelow, type Random } from './random';
export { failure, success, type Result } from './result';
