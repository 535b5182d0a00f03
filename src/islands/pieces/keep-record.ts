import type { PieceRecord } from '../../storage/database.ts';
import { saveRecord } from '../../storage/records.ts';
import { forgetUnwritten, keepUnwritten } from '../../storage/writing/unwritten.ts';

/** Writes a piece of the list, `base` being how the list shows it; throws the words for people where it cannot be written. */
export async function keepRecord(record: PieceRecord, base: PieceRecord | null = null): Promise<void> {
  keepUnwritten(record, base);
  const outcome = await saveRecord('piece', record, base);
  if (!outcome.ok) throw new Error(outcome.message);
  forgetUnwritten(record.id);
}
