import type { PieceRecord } from '../../store/database.ts';
import { saveRecord } from '../../store/pieces.ts';

/** Writes a piece of the list; throws the words for people where it cannot be written. */
export async function keepRecord(record: PieceRecord): Promise<void> {
  const outcome = await saveRecord(record);
  if (!outcome.ok) throw new Error(outcome.message);
}
