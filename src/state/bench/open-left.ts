import type { PieceRecord } from '../../records/record.ts';
import { recordLeft } from '../../storage/writing/index.ts';
import { saveSoon } from './saving.ts';
import { setOnBench } from './on-bench.ts';

/**
 * Opens a piece whose last change the database could not take: as it was left, whatever the database has, and tries to write it again. Null
 * where nothing of it reads.
 */
export async function openLeft(id: string, stored: PieceRecord | null): Promise<string | null> {
  const left = await recordLeft('piece', id);
  if (!left) return null;
  setOnBench(left, stored);
  saveSoon();
  return id;
}
