import { readAs } from '../validation/documents.ts';
import { database, type PieceRecord, underOneName } from './database.ts';

/** Writes a record that was left as text, if it is a sound one and newer than the one there. */
export async function putUnwritten(text: string): Promise<void> {
  const left = parsed(text);
  // The page that left it may have been of an earlier version.
  if (typeof left === 'object' && left !== null) underOneName(left);
  if (!isRecord(left) || !(await readAs('piece', left.document)).ok) return;
  const there = await database.pieces.get(left.id);
  if (!there || there.updatedAt < left.updatedAt) await database.pieces.put(left);
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

function isRecord(value: unknown): value is PieceRecord {
  return typeof value === 'object' && value !== null && 'id' in value && 'document' in value && 'updatedAt' in value;
}
