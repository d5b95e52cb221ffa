export { closeDb, getDb, isDuplicateError, storeOnce, withTransaction, type Db } from './connection';
export {
  breakSchemaLock,
  clearSchema,
  countOtherConnections,
  describeSchema,
  isFilled,
  migrate,
  NOTED_STEPS,
  SCHEMA_LOCK,
  SchemaFault,
  withSchemaLock,
} from './migrate';
export { MIGRATIONS } from './migrations';
export { retryDeadlocks } from './retry';
export { sendTogether, type Statement } from './together';
export { watchDatabase } from './watch';
