import type { DocumentName } from '#core/documents';
import { type PlayerRecord, type Uses } from '../../records/record.ts';
import { THIS_TAB } from '../../records/this-tab.ts';
import { database, together } from '../database/index.ts';
import { untiePieces } from './follow.ts';
import type { SaveOutcome } from './outcome.ts';
import { runWrite } from './written.ts';

/** Deletes a record; see `removeRecord`. */
export async function deleteRecord(name: DocumentName, id: string): Promise<SaveOutcome> {
  return await runWrite(() =>
    together(async () => {
      await database.tableOf(name).delete(id);
      const link = LINK_TO[name];
      if (link === undefined) return;
      await untiePieces(link, id);
      if (link !== 'playerId') await untiePlayers(link, id);
    }),
  );
}

/** The field by which others use a record of a kind. */
const LINK_TO: { readonly [Name in DocumentName]?: keyof Uses } = { instrument: 'instrumentId', player: 'playerId', school: 'schoolId' };

async function untiePlayers(link: Exclude<keyof Uses, 'playerId'>, id: string): Promise<void> {
  await database.players
    .filter((player) => player[link] === id)
    .modify((player: { -readonly [Field in keyof PlayerRecord]: PlayerRecord[Field] }) => {
      player[link] = null;
      player.revision += 1;
      player.writtenBy = THIS_TAB;
    });
}
