import type { Brief } from '#core/brief';
import type { InstrumentKind } from '#core/instrument';
import { isInKey, type Key, keyOfSignature, formatKey, pitchInKey } from '#core/key';
import { formatPitch } from '#core/pitch';
import { seeded } from '../seeded.ts';

/** The lowest and the highest note of studies, semitones above C0, by instrument. */
const RANGES: Readonly<Record<InstrumentKind, readonly [number, number]>> = {
  violin: [43, 84],
  viola: [36, 77],
  cello: [24, 57],
  bass: [16, 45],
};

/** The figures of which studies are made, in steps of the scale from their first note. */
const FIGURES: readonly (readonly number[])[] = [
  [0, 1, 2, 3],
  [0, 2, 1, 3],
  [0, 2, 4, 2],
  [0, 4, 2, 7],
  [0, -1, 0, 2],
  [0, 1, 2, 0],
];

/** Makes a study of our own: a figure carried up and down a key, measure by measure, in eighths. */
export function madeStudy(kind: InstrumentKind, seed: number): Brief {
  const next = seeded(seed * 31 + 7);
  const below = (limit: number): number => Math.floor(next() * limit);
  const key = keyOfSignature(below(9) - 4, next() < 0.7 ? 'major' : 'minor') ?? keyOfSignature(0, 'major');
  if (!key) throw new RangeError('There is no key without sharps or flats');
  const scale = notesOfKey(key, RANGES[kind]);
  const [figure, second] = [FIGURES[below(FIGURES.length)] ?? [0], FIGURES[below(FIGURES.length)] ?? [0]];
  const measures = 6 + below(7);
  let at = 6 + below(6);
  const steps = Array.from({ length: measures }, (_, measure) => {
    at += measure < measures / 2 ? 1 + below(3) : -1 - below(3);
    at = Math.max(1, Math.min(scale.length - 9, at));
    return [...figure, ...second].map((step) => at + step);
  });
  const notes = steps.flat().map((step) => ({ pitches: [scale[step] ?? scale[0] ?? ''], duration: '1/8' }));
  return { instrument: { kind }, material: { kind: 'line', key: formatKey(key), notes } };
}

/** Lists the notes of a key within a range, semitones above C0. */
export function notesOfKey(key: Key, [low, high]: readonly [number, number]): readonly string[] {
  const sounds = Array.from({ length: high - low + 1 }, (_, order) => low + order);
  return sounds.filter((sound) => isInKey(sound, key)).map((sound) => formatPitch(pitchInKey(sound, key)));
}
