import type { Brief } from '#core/brief';
import type { InstrumentKind } from '#core/instrument';

/** Makes small numbers that follow from a seed, the same on every machine (a linear congruence of Numerical Recipes). */
function numbersFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state * 1664525 + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

/** The lowest and the highest semitone above C of the octave below the lowest that is asked, by instrument. */
const RANGES: readonly (readonly [InstrumentKind, number, number])[] = [
  ['violin', 55, 84],
  ['viola', 48, 77],
  ['cello', 36, 67],
  ['bass', 28, 55],
];
const NAMES = ['C', 'C#', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'G#', 'A', 'Bb', 'B'];

/** Makes a line of semitones, each by its usual name, in quarters. */
export function lineOfSemitones(kind: InstrumentKind, semitones: readonly number[]): Brief {
  const notes = semitones.map((sound) => ({ pitches: [`${NAMES[sound % 12]}${Math.floor(sound / 12) - 1}`], duration: '1/4' as const }));
  return { instrument: { kind }, material: { kind: 'line', key: 'C major', notes } };
}

/** Makes a line of any semitones within a part of an instrument, of a number of notes between two bounds; the instruments in turn. */
export function randomLine(seed: number, most: number, least = 2): Brief {
  const next = numbersFrom(seed * 7919 + 13);
  const below = (limit: number): number => Math.floor(next() * limit);
  const [kind, low, high] = RANGES[seed % RANGES.length] ?? (['violin', 55, 84] as const);
  next();
  const count = least + below(most - least + 1);
  const span = 6 + below(high - low - 6);
  const lowest = low + below(high - low - span);
  return lineOfSemitones(
    kind,
    Array.from({ length: count }, () => lowest + below(span)),
  );
}

/** The open top string of each instrument, semitones. */
const TOP_STRINGS: readonly (readonly [InstrumentKind, string, number])[] = [
  ['violin', 'E5', 76],
  ['viola', 'A4', 69],
  ['cello', 'A3', 57],
  ['bass', 'G2', 43],
];

/** Makes a line along the top string that rises by seconds, thirds and fourths, and turns back now and then; the instruments in turn. */
export function lineAlongString(seed: number, count: number): Brief {
  const next = numbersFrom(seed * 7919 + 13);
  const [kind, string, open] = TOP_STRINGS[seed % TOP_STRINGS.length] ?? (['violin', 'E5', 76] as const);
  next();
  const sounds = [open + 1 + Math.floor(next() * 3)];
  while (sounds.length < count) {
    const last = sounds.at(-1) ?? open;
    const step = 1 + Math.floor(next() * 5);
    sounds.push(next() < 0.75 && last + step <= open + 14 ? last + step : Math.max(open, last - step));
  }
  return { ...lineOfSemitones(kind, sounds), limits: { strings: [string] } };
}
