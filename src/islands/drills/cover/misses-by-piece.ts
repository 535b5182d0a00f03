import { asCorrected, type LogEntry, noteMissed, ofKind } from '#core/practice/log';

/** Counts the misses of each piece by note (line index); what was never missed is absent. */
export function missesByPiece(entries: readonly LogEntry[]): ReadonlyMap<string, ReadonlyMap<number, number>> {
  const pieces = new Map<string, Map<number, number>>();
  for (const attempt of ofKind(asCorrected(entries), 'attempt')) {
    const note = noteMissed(attempt);
    if (note === null) continue;
    const { piece } = attempt.practised;
    const notes = pieces.get(piece) ?? new Map<number, number>();
    pieces.set(piece, notes.set(note, (notes.get(note) ?? 0) + 1));
  }
  return pieces;
}
