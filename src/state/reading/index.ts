export { readStored } from './follow-stored.ts';
export { BACKUP_STATE, DELETED, OF_NOBODY, UNREAD_COUNTS } from './of-backup.ts';
export { ENTRIES, LOG, SESSIONS, SET_FOR_PLAYER, type SetForPlayer, WEEK } from './of-practice.ts';
export {
  NEWEST_PIECES,
  PIECE,
  type PieceList,
  PIECES,
  PIECES_USING,
  STORED_PIECES,
  STUDIO,
  STUDIO_WITH_PIECES,
  type StudioWithPieces,
} from './of-studio.ts';
export { type Version, VERSIONS, versionsNumbered } from './of-versions.ts';
export type { StoredQuery } from './queries.ts';
export { readyToRead } from './ready.ts';
export { type Elsewhere, type ShownRecords, useRecords } from './use-records.ts';
export { storedOr, useStored } from './use-stored.ts';
