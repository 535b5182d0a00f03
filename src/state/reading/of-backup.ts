import { countSetAside } from '../../storage/reading/index.ts';
import { backupState, type BackupState } from '../backup/index.ts';
import type { StoredQuery } from './queries.ts';

/** Reads the state of the backup; it is asked again each `turn`, since a browser does not report when it gives a permission. */
export const BACKUP_STATE: StoredQuery<[turn?: number], BackupState> = { read: async () => await backupState() };

/** Counts the records that are set aside. */
export const SET_ASIDE_COUNT: StoredQuery<[], number> = { read: countSetAside };
