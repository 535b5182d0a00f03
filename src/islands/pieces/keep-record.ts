import type { PieceRecord } from '../../storage/database.ts';
import { saveRecord } from '../../storage/records.ts';

/** Writes a piece of the list; throws the words for people where it cannot be written. */
export async function keepRecord(record: PieceRecord): Promise<void> {
  const outcome = await saveRecord('piece', record);
  if (!outcome.ok) throw new Error(outcome.message);
}
