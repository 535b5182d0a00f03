export {
  type CorrectionMade,
  database,
  type EarlierRecord,
  type FactRecord,
  type PieceFactsRecord,
  underOneName,
  type VersionRecord,
} from './database.ts';
export { inTime } from './in-time.ts';
export { DATABASE_NAME, tablesVersion } from './tables.ts';
export { isOfThisVersion } from './this-version.ts';
export { together } from './together.ts';
