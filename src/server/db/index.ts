export {
  closeDb,
  getDb,
  isDuplicateError,
  migrate,
  openDb,
  storeOnce,
  withTransaction,
  type Db,
} from './connection';
export { migrationSource, MIGRATIONS } from './migrations';
