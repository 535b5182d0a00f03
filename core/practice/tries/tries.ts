import { asCorrected, type EntryOf, type LogEntry, ofKind } from '#core/practice/log';

/** Lists the tries of a log as they stand, with every note that was read in a take as a try of that note alone. */
export function triesIn(entries: readonly LogEntry[]): readonly EntryOf<'attempt'>[] {
  return asCorrected(entries).flatMap((entry): readonly EntryOf<'attempt'>[] => {
    if (entry.kind === 'attempt') return [entry];
    return entry.kind === 'take' ? triesOfTake(entry) : [];
  });
}

function triesOfTake({ id, at, practised, tolerance, notes }: EntryOf<'take'>): readonly EntryOf<'attempt'>[] {
  return notes.map(({ note, cents, voice }) => {
    const miss = cents < -tolerance ? 'flat' : cents > tolerance ? 'sharp' : null;
    const there = { ...practised, part: { part: 'passage', from: note, to: note } } as const;
    return { id, at, kind: 'attempt', practised: there, tempo: null, miss, note, ...(voice ? { voice } : {}) };
  });
}

/** Lists the pieces that were tried or recorded, by their ids. */
export function piecesTried(entries: readonly LogEntry[]): ReadonlySet<string> {
  const practised = [...ofKind(entries, 'attempt'), ...ofKind(entries, 'take')];
  return new Set(practised.map((entry) => entry.practised.piece));
}
