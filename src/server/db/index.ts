export {
  closeDb,
  getDb,
  isDuplicateError,
  retryDeadlocks,
  storeOnce,
  withTransaction,
  type Db,
} from './connection';
export { breakSchemaLock, describeSchema, migrate, SchemaFault, withSchemaLock } from './migrate';
export { MIGRATIONS } from './migrations';
export { watchDatabase } from './watch';
