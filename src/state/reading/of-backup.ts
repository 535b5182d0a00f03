import { countNewer, countSetAside } from '../../storage/reading/index.ts';
import { backupState, type BackupState } from '../backup/index.ts';
import { type DeletedThing, findOfNobody, listDeleted, type OfNobody } from '../deleting/index.ts';
import type { StoredQuery } from './queries.ts';

/** Reads the state of the backup; it is asked again each `turn`, since a browser does not report when it gives a permission. */
export const BACKUP_STATE: StoredQuery<[turn?: number], BackupState> = { read: async () => await backupState() };

/** The numbers of records that do not read. */
interface UnreadCounts {
  readonly setAside: number;
  /** The number of those that a newer version of the application wrote. */
  readonly newer: number;
}

/** Counts the records that do not read. */
export const UNREAD_COUNTS: StoredQuery<[], UnreadCounts> = {
  read: async () => ({ setAside: await countSetAside(), newer: await countNewer() }),
};

/** Lists what was deleted and can be brought back, the newest first. */
export const DELETED: StoredQuery<[], readonly DeletedThing[]> = { read: listDeleted };

/** Finds the practice of players who are not there any more. */
export const OF_NOBODY: StoredQuery<[], readonly OfNobody[]> = { read: findOfNobody };
