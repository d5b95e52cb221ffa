export {
  closeDb,
  getDb,
  isDuplicateError,
  migrate,
  retryDeadlocks,
  storeOnce,
  withTransaction,
  type Db,
} from './connection';
export { migrationSource, MIGRATIONS } from './migrations';
