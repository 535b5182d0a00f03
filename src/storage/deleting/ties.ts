import type { DocumentName } from '#core/documents';
import { LINKS, type PieceRecord, type PlayerRecord, type Uses } from '../../records/record.ts';
import { THIS_TAB } from '../../records/this-tab.ts';
import { database } from '../database/index.ts';
import type { OfKind, Tie } from './deletion.ts';

/** Finds the links to some records of those that stay. */
export async function tiesTo(records: readonly OfKind[]): Promise<readonly Tie[]> {
  const gone = new Set(records.map(({ kind, record }) => nameOf(kind, record.id)));
  const tiesOf = (kind: Tie['kind'], record: { readonly id: string } & Partial<Uses>): readonly Tie[] =>
    LINKS.flatMap((link) => {
      const to = record[link];
      return typeof to === 'string' && gone.has(nameOf(KIND_OF[link], to)) ? [{ kind, id: record.id, link, to }] : [];
    });
  const stays = (kind: Tie['kind']) => (record: { readonly id: string }) => !gone.has(nameOf(kind, record.id));
  if (!records.some(({ kind }) => kind === 'instrument' || kind === 'player' || kind === 'school')) return [];
  const [pieces, players] = await Promise.all([
    database.pieces.filter(stays('piece')).toArray(),
    database.players.filter(stays('player')).toArray(),
  ]);
  return [...pieces.flatMap((piece) => tiesOf('piece', piece)), ...players.flatMap((player) => tiesOf('player', player))];
}

/** The kind of record that a link leads to. */
const KIND_OF = { instrumentId: 'instrument', playerId: 'player', schoolId: 'school' } as const satisfies Record<keyof Uses, DocumentName>;

function nameOf(kind: DocumentName, id: string): string {
  return `${kind}/${id}`;
}

/** A record while its link is changed in its table. */
type Changing = { -readonly [Field in keyof Uses | 'revision' | 'writtenBy']: (PieceRecord & PlayerRecord)[Field] };

/** Sets a link of a record, unless it was set to something else meanwhile; a page that shows the record learns of it from the revision. */
export async function setLink({ kind, id, link, to }: Tie, next: string | null): Promise<void> {
  const was = next === null ? to : null;
  await database
    .tableOf(kind)
    .where('id')
    .equals(id)
    .modify((record: Partial<Changing>) => {
      if (record[link] !== was) return;
      record[link] = next;
      record.revision = (record.revision ?? 0) + 1;
      if (record.writtenBy !== THIS_TAB) record.writtenBy = null;
    });
}
