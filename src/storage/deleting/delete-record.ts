import type { DocumentName } from '#core/documents';
import { pieceTitle } from '../../words/piece/pieces.ts';
import type { PieceRecord } from '../../records/record.ts';
import { database } from '../database/index.ts';
import { runWrite, type SaveOutcome } from '../writing/index.ts';
import { type BringBack, deleteTogether, type Replacing, replaceTogether } from './delete-together.ts';
import type { DeletedWhat, OfKind } from './deletion.ts';
import { recordsOfPlayer } from './of-player.ts';

/** The outcome of deleting: a failure is described for people. */
export type DeleteOutcome = { readonly ok: true; readonly bringBack: BringBack } | Extract<SaveOutcome, { readonly ok: false }>;

/** The choice of what happens to the pieces for a player, or of a book, that is deleted. */
export type TheirPieces = 'kept' | 'deleted';

/**
 * Deletes a record. With a player go the log, the sessions, the week and the stages, and the pieces where that is chosen; pieces and players
 * that stay keep everything else as it is, and use it no more. Pieces that stay when their book goes are of no book. Never throws.
 */
export async function deleteRecord(name: DocumentName, id: string, theirPieces: TheirPieces = 'kept'): Promise<DeleteOutcome> {
  let bringBack: BringBack = async () => undefined;
  const outcome = await runWrite(async () => {
    const what = await whatIs(name, id);
    if (name === 'book') bringBack = await replaceTogether(what, async () => await withBook(id, theirPieces));
    else
      bringBack = await deleteTogether(what, async () => (name === 'player' ? await withPlayer(id, theirPieces) : await alone(name, id)));
  });
  return outcome.ok ? { ok: true, bringBack: async () => await bringBack() } : outcome;
}

async function alone<Name extends DocumentName>(kind: Name, id: string): Promise<readonly OfKind[]> {
  const record = await database.tableOf(kind).get(id);
  return record ? [{ kind, record }] : [];
}

async function withPlayer(id: string, theirPieces: TheirPieces): Promise<readonly OfKind[]> {
  const all = await recordsOfPlayer(id);
  return theirPieces === 'deleted' ? all : all.filter(({ kind }) => kind !== 'piece');
}

/** Finds a book with its pieces; those that are kept come again without their place in it. */
async function withBook(id: string, theirPieces: TheirPieces): Promise<Replacing> {
  const pieces = await database.pieces.filter(({ document }) => document.inBook?.book === id).toArray();
  const gone = [...(await alone('book', id)), ...pieces.map((record): OfKind => ({ kind: 'piece', record }))];
  return { gone, instead: theirPieces === 'deleted' ? [] : pieces.map((record): OfKind => ({ kind: 'piece', record: ofNoBook(record) })) };
}

function ofNoBook(record: PieceRecord): PieceRecord {
  const { inBook: _, ...document } = record.document;
  return { ...record, document, revision: record.revision + 1, writtenBy: null };
}

async function whatIs(kind: DocumentName, id: string): Promise<DeletedWhat> {
  const record = await database.tableOf(kind).get(id);
  if (!record) return { kind, name: '' };
  return { kind, name: 'brief' in record.document ? pieceTitle(record.document) : record.document.name };
}
