import { DOCUMENT_NAMES, type DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';
import { database } from '../database/index.ts';
import type { OfKind } from './deletion.ts';

/** Lists everything the browser keeps of a player: the player, the log, sessions, the week, stages, and the pieces for this player. */
export async function recordsOfPlayer(playerId: string): Promise<readonly OfKind[]> {
  return await recordsWhere((record) => record.id === playerId || ('playerId' in record && record.playerId === playerId));
}

/** Lists the records of all kinds that something is true of. */
export async function recordsWhere(isWanted: (record: RecordOf<DocumentName>, kind: DocumentName) => boolean): Promise<readonly OfKind[]> {
  const found = await Promise.all(
    DOCUMENT_NAMES.map(async (kind) => {
      const records = await database
        .tableOf(kind)
        .filter((record) => isWanted(record, kind))
        .toArray();
      return records.map((record): OfKind => ({ kind, record }));
    }),
  );
  return found.flat();
}
