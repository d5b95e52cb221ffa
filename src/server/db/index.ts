export { closeDb, getDb, isDuplicateError, migrate, storeOnce, withTransaction, type Db } from './connection';
export { migrationSource, MIGRATIONS } from './migrations';
