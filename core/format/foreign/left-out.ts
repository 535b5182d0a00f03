/** The things that are not taken over from foreign music: a piece has one voice, and notes with their fingering. */
const LEFT_OUT = [
  'parts',
  'voices',
  'measures',
  'key-changes',
  'meter-changes',
  'tempo-changes',
  'unusual-meter',
  'unusual-key',
  'irregular-measures',
  'repeats',
  'jumps',
  'larger-chords',
  'unpitched',
  'overlaps',
  'cue-notes',
  'notes-in-brackets',
  'grace-notes',
  'quarter-tones',
  'fingerings',
  'clefs',
  'articulations',
  'ornaments',
  'slides',
  'dynamics',
  'words',
  'lyrics',
  'chord-symbols',
  'other-signs',
] as const;

/** One kind of thing that is left out. */
export type LeftOut = (typeof LEFT_OUT)[number];

/** The number of each kind that was left out, in the order of the list; kinds that were not are missing. */
export type LeftOutCount = readonly {
  readonly what: LeftOut;
  /** The number of that kind, 1 or more. */
  readonly count: number;
}[];

/** Counts what was left out. */
export function countLeftOut(all: readonly LeftOut[]): LeftOutCount {
  const counts = new Map<LeftOut, number>();
  for (const what of all) counts.set(what, (counts.get(what) ?? 0) + 1);
  return LEFT_OUT.flatMap((what) => {
    const count = counts.get(what);
    return count === undefined ? [] : [{ what, count }];
  });
}
