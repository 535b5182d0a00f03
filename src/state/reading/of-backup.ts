import { countSetAside } from '../../storage/reading/set-aside.ts';
import { backupState, type BackupState } from '../backup/backup.ts';
import type { StoredQuery } from './queries.ts';

/** How the backup stands; asked again each `turn`, for a browser does not tell when it gives a permission. */
export const BACKUP_STATE: StoredQuery<[turn?: number], BackupState> = { read: async () => await backupState() };

/** How many records are set aside. */
export const SET_ASIDE_COUNT: StoredQuery<[], number> = { read: countSetAside };
