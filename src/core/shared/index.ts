export { assertNever } from './assertNever';
export type { Brand } from './brand';
export {
  createOutbox,
  type DeviceClocks,
  type KeyStore,
  type Outbox,
  type OutboxState,
  type Sendable,
  type SendResult,
} from './outbox';
export { createRandom, pickOne, randomBelow, type Random } from './random';
export { failure, success, type Result } from './result';
