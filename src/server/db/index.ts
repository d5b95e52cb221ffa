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
export {
  columnsOf,
  computed,
  countRows,
  findRow,
  findValue,
  insertRow,
  listRows,
  listValues,
  optional,
  parsed,
  readJson,
  readRows,
  selectColumns,
  under,
  type Columns,
  type Selected,
} from './select';
export { sendTogether, type Statement } from './together';
export { watchDatabase } from './watch';
