export {
  closeDb,
  getDb,
  isDuplicateError,
  retryDeadlocks,
  storeOnce,
  withTransaction,
  type Db,
} from './connection';
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
export { watchDatabase } from './watch';
