import type { DocumentName, InstrumentDocument, Piece, PlayerDocument, SchoolDocument } from '#core/documents';
import { storageFailureText } from '../words/notices.ts';
import {
  database,
  type InstrumentRecord,
  type PieceRecord,
  type PlayerRecord,
  type RecordOf,
  type SchoolRecord,
  type Uses,
} from './database.ts';

/** What became of a write; what went wrong is told for people. */
export type SaveOutcome = { readonly ok: true } | { readonly ok: false; readonly message: string };

/** A piece that uses nothing of the studio. */
export const NOTHING_USED: Uses = { instrumentId: null, playerId: null, schoolId: null };

/** A new record of a piece. */
export function newPieceRecord(document: Piece, demo = false, uses: Uses = NOTHING_USED): PieceRecord {
  return { ...fresh(demo), document, ...uses, changed: null };
}

/** A new record of an instrument. */
export function newInstrument(document: InstrumentDocument, demo = false): InstrumentRecord {
  return { ...fresh(demo), document };
}

/** A new record of a player, with the instrument this player has and the school this player follows. */
export function newPlayer(
  document: PlayerDocument,
  { instrumentId, schoolId }: Pick<Uses, 'instrumentId' | 'schoolId'>,
  demo = false,
): PlayerRecord {
  return { ...fresh(demo), document, instrumentId, schoolId };
}

/** A new record of a school. */
export function newSchool(document: SchoolDocument, demo = false): SchoolRecord {
  return { ...fresh(demo), document };
}

function fresh(demo: boolean): Pick<PieceRecord, 'id' | 'createdAt' | 'updatedAt' | 'demo'> {
  const now = Date.now();
  return { id: crypto.randomUUID(), createdAt: now, updatedAt: now, demo };
}

/**
 * Checks a record's document against its schema and writes the record, by itself or, with `write`, together with what
 * belongs to it. Never throws: a full disk is an outcome.
 */
export async function saveRecord<Name extends DocumentName>(
  name: Name,
  record: RecordOf<Name>,
  write: () => Promise<unknown> = () => database.tableOf(name).put(record),
): Promise<SaveOutcome> {
  // The check comes when it is first needed: the bench draws its staff without it.
  const { readAs } = await import('../validation/documents.ts');
  const checked = await readAs<DocumentName>(name, record.document);
  if (!checked.ok) return { ok: false, message: checked.issues.map((issue) => issue.message).join(' ') };
  return await written(write);
}

/** Writes to several tables, all or nothing. */
export async function together(work: () => Promise<unknown>): Promise<void> {
  await database.transaction('rw', database.tables, work);
}

/** Writes; what went wrong is an outcome. */
export async function written(work: () => Promise<unknown>): Promise<SaveOutcome> {
  try {
    await work();
    return { ok: true };
  } catch (error) {
    return { ok: false, message: storageFailureText(failureName(error)) };
  }
}

/** What the database calls a failure: the innermost name is the telling one. */
function failureName(error: unknown): string {
  if (!(error instanceof Error)) return '';
  return 'inner' in error && error.inner instanceof Error ? error.inner.name : error.name;
}
