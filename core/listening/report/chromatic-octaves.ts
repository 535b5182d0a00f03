import type { DueNote } from '#core/listening';
import type { TakeReading } from '#core/listening/reading';

/** An octave of semitones, as it was heard. */
export interface ChromaticOctave {
  /** The line index of its first note. */
  readonly from: number;
  /** The line index of its last note. */
  readonly to: number;
  readonly way: 'up' | 'down';
  /** The number of notes that were heard, of 13. */
  readonly notes: number;
  /** The sizes of its semitones, cents, wherever both of their notes were heard. */
  readonly semitones: readonly number[];
}

/** The notes of an octave of semitones. */
const NOTES = 13;

/** Lists the chromatic octaves of a line as they were heard; a longer way is cut into octaves from its beginning. */
export function chromaticOctaves(due: readonly DueNote[], { heard }: TakeReading): readonly ChromaticOctave[] {
  const octaves: ChromaticOctave[] = [];
  for (let first = 0; first + NOTES <= due.length;) {
    const way = wayOf(due.slice(first, first + NOTES));
    if (way === null) {
      first += 1;
      continue;
    }
    const orders = Array.from({ length: NOTES }, (_, step) => first + step);
    const played = orders.map((order) => heard.find((note) => note.order === order && !note.again && note.wrongBy === 0) ?? null);
    const cents = played.map((note, step) => {
      const off = note?.voices[0]?.cents ?? null;
      return off === null ? null : 1200 * Math.log2(due[first + step]?.hz[0] ?? 1) + off;
    });
    octaves.push({
      from: due[first]?.note ?? 0,
      to: due[first + NOTES - 1]?.note ?? 0,
      way,
      notes: played.filter((note) => note !== null).length,
      semitones: cents.flatMap((here, step) => {
        const before = cents[step - 1] ?? null;
        return here === null || before === null ? [] : [Math.abs(here - before)];
      }),
    });
    first += NOTES - 1;
  }
  return octaves;
}

/** Tells whether single notes go up or down by semitones all the way; null where they do neither. */
function wayOf(notes: readonly DueNote[]): 'up' | 'down' | null {
  const steps = notes.slice(1).map(({ hz }, order) => Math.round(12 * Math.log2((hz[0] ?? 1) / (notes[order]?.hz[0] ?? 1))));
  if (notes.some(({ hz }) => hz.length > 1)) return null;
  return steps.every((step) => step === 1) ? 'up' : steps.every((step) => step === -1) ? 'down' : null;
}
