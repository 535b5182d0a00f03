import { DOCUMENT_NAMES, type DocumentName } from '#core/documents';
import { database, together } from '../storage/database/index.ts';
import type { RecordOf } from '../records/record.ts';
import { forgetAllLeft } from '../storage/beside/index.ts';

/** A record of a player with its kind. */
interface OfPlayer<Name extends DocumentName = DocumentName> {
  readonly kind: Name;
  readonly record: RecordOf<Name>;
}

/** Lists everything the browser keeps of a player: the player, the log, sessions, the week, stages, and the pieces for this player. */
export async function recordsOfPlayer(playerId: string): Promise<readonly OfPlayer[]> {
  const found = await Promise.all(
    DOCUMENT_NAMES.map(async (kind) => {
      const records = await database
        .tableOf(kind)
        .filter((record) => belongsTo(record, playerId))
        .toArray();
      return records.map((record): OfPlayer => ({ kind, record }));
    }),
  );
  return found.flat();
}

function belongsTo(record: { readonly id: string }, playerId: string): boolean {
  return record.id === playerId || ('playerId' in record && record.playerId === playerId);
}

/** Deletes everything of a player, earlier versions too; the returned function puts it back, as long as the page is open. */
export async function deletePlayerData(playerId: string): Promise<() => Promise<void>> {
  const all = await recordsOfPlayer(playerId);
  const names = all.map(({ kind, record }) => `${kind}/${record.id}`);
  const versions = await database.versions.where('of').anyOf(names).toArray();
  await together(async () => {
    for (const { kind, record } of all) await database.tableOf(kind).delete(record.id);
    await database.versions.where('of').anyOf(names).delete();
  });
  for (const { record } of all) forgetAllLeft(record.id);
  return async () => {
    await together(async () => {
      for (const { kind, record } of all) await database.tableOf(kind).put(record);
      await database.versions.bulkPut(versions);
    });
  };
}
