import type { DocumentName } from '#core/documents';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { database } from '../database/index.ts';
import { runWrite, type SaveOutcome } from '../writing/index.ts';
import { type BringBack, deleteTogether } from './delete-together.ts';
import type { DeletedWhat, OfKind } from './deletion.ts';
import { recordsOfPlayer } from './of-player.ts';

/** The outcome of deleting: a failure is described for people. */
export type DeleteOutcome = { readonly ok: true; readonly bringBack: BringBack } | Extract<SaveOutcome, { readonly ok: false }>;

/** The choice of what happens to the pieces for a player who is deleted. */
export type TheirPieces = 'kept' | 'deleted';

/**
 * Deletes a record. With a player go the log, the sessions, the week and the stages, and the pieces where that is chosen; pieces and players
 * that stay keep everything else as it is, and use it no more. Never throws.
 */
export async function deleteRecord(name: DocumentName, id: string, theirPieces: TheirPieces = 'kept'): Promise<DeleteOutcome> {
  let bringBack: BringBack = async () => undefined;
  const find = name === 'player' ? async () => await withPlayer(id, theirPieces) : async () => await alone(name, id);
  const outcome = await runWrite(async () => {
    bringBack = await deleteTogether(await whatIs(name, id), find);
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

async function whatIs(kind: DocumentName, id: string): Promise<DeletedWhat> {
  const record = await database.tableOf(kind).get(id);
  if (!record) return { kind, name: '' };
  return { kind, name: 'brief' in record.document ? pieceTitle(record.document) : record.document.name };
}
