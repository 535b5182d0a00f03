import type { Brief } from '#core/brief';
import type { InstrumentKind } from '#core/instrument';
import { formatKey, keyOfSignature } from '#core/key';
import { openSession } from '#core/session';
import type { Plan } from '#core/plan/describe';
import { notesOfKey } from '../plans/made-studies.ts';
import { seeded } from '../seeded.ts';

/** The lowest and the highest note that is read, semitones above C0: from the bass’s E1 to the violin’s E7. */
const RANGES: Readonly<Record<InstrumentKind, readonly [number, number]>> = {
  violin: [43, 88],
  viola: [36, 78],
  cello: [24, 65],
  bass: [16, 48],
};

/** The lengths of notes: at a quarter of 60 to 100 a minute they last from 0.15 to 2 seconds. */
const LENGTHS = ['1/16', '1/8', '1/8', '1/8', '1/4', '1/4', '1/2'] as const;

/** The parts of a whole note in a length. */
const WHOLES: Readonly<Record<(typeof LENGTHS)[number], number>> = { '1/16': 1 / 16, '1/8': 1 / 8, '1/4': 1 / 4, '1/2': 1 / 2 };

/** The seconds that a line lasts at least; its last note makes it longer. */
const LASTS = [11, 22] as const;

/** Makes a line that wanders through a key, with notes of different lengths, some repeated, some slurred; and its plan. */
export function lineToPlay(kind: InstrumentKind, seed: number): Plan {
  return firstPlayed((attempt) => wanderingLine(kind, seed * 100 + attempt), `No line of seed ${seed} is played on the ${kind}`);
}

/** The note above the open second string, semitones above C0. */
const ABOVE_SECOND: Readonly<Record<InstrumentKind, number>> = { violin: 58, viola: 51, cello: 39, bass: 27 };

/** Makes a scale up and down one string, four notes to a bow, with many shifts in the middle of bows; and its plan. */
export function slurredOnOneString(kind: InstrumentKind, seed: number): Plan {
  const key = keyOfSignature(seed - 2, 'major');
  if (!key) throw new RangeError('There is no key of so few signs');
  const up = notesOfKey(key, [ABOVE_SECOND[kind], ABOVE_SECOND[kind] + 15]);
  const notes = [...up, ...up.slice(0, -1).reverse()].map((pitch, order, all) => {
    const slur = order % 4 !== 3 && order < all.length - 1 ? { slur: true } : {};
    return { pitches: [pitch], duration: '1/8', ...slur };
  });
  const material = { kind: 'line', key: formatKey(key), notes } as const;
  const brief: Brief = { instrument: { kind }, tempo: 56, preferences: { 'one-string': 1 }, material };
  return firstPlayed(() => brief, `No scale on one string is played on the ${kind}`);
}

/** The double stops of a line, in steps of the scale: those whose voices are read apart, and those whose voices hide each other. */
export const INTERVALS = { apart: [2, 3, 4, 5, 6], hidden: [7, 7, 0] } as const;

/** The open strings, the lowest first. */
const OPEN: Readonly<Record<InstrumentKind, readonly string[]>> = {
  violin: ['G3', 'D4', 'A4', 'E5'],
  viola: ['C3', 'G3', 'D4', 'A4'],
  cello: ['C2', 'G2', 'D3', 'A3'],
  bass: ['E1', 'A1', 'D2', 'G2'],
};

/** Makes a line of octaves and unisons with open strings, which every hand plays, and its plan. */
export function openPairsToPlay(kind: InstrumentKind, seed: number): Plan {
  const next = seeded(seed * 29 + 5);
  const below = (limit: number): number => Math.floor(next() * limit);
  const notes = Array.from({ length: 8 }, () => {
    const string = below(3);
    const [low, high] = [OPEN[kind][string] ?? '', OPEN[kind][string + 1] ?? ''];
    const octave = `${low.slice(0, 1)}${Number(low.slice(1)) + 1}`;
    return { pitches: next() < 0.7 ? [low, octave] : [high, high], duration: (['1/4', '1/2'] as const)[below(2)] ?? '1/4' };
  });
  const line = { instrument: { kind }, tempo: 60, material: { kind: 'line', key: 'C major', notes } } as const;
  return firstPlayed(() => line, `No octaves of open strings are played on the ${kind}`);
}

/** Makes a line of double stops of some intervals, and its plan. */
export function doubleStopsToPlay(kind: InstrumentKind, seed: number, intervals: readonly number[]): Plan {
  return firstPlayed(
    (attempt) => wanderingDoubleStops(kind, seed * 100 + attempt, intervals),
    `No double stops of seed ${seed} are played on the ${kind}`,
  );
}

function firstPlayed(briefOf: (attempt: number) => Brief, none: string): Plan {
  for (let attempt = 0; attempt < 60; attempt += 1) {
    const plan = openSession(briefOf(attempt)).best();
    if (plan) return plan;
  }
  throw new Error(none);
}

/** The highest lower voice of a double stop above the lowest note, semitones: double stops are seldom played high up. */
const DOUBLE_UP_TO: Readonly<Record<InstrumentKind, number>> = { violin: 24, viola: 24, cello: 26, bass: 22 };

function wanderingDoubleStops(kind: InstrumentKind, seed: number, intervals: readonly number[]): Brief {
  const next = seeded(seed * 23 + 5);
  const below = (limit: number): number => Math.floor(next() * limit);
  const key = keyOfSignature(below(7) - 3, next() < 0.6 ? 'major' : 'minor');
  if (!key) throw new RangeError('There is no key of so few signs');
  const [low] = RANGES[kind];
  const scale = notesOfKey(key, [low, low + DOUBLE_UP_TO[kind] + 14]);
  const tempo = 60 + 10 * below(3);
  const interval = intervals[below(intervals.length)] ?? 2;
  const highest = notesOfKey(key, [low, low + DOUBLE_UP_TO[kind]]).length;
  const notes: { readonly pitches: string[]; readonly duration: string }[] = [];
  let [at, seconds] = [below(highest - 4), 0];
  while (seconds < DOUBLE_STOPS_LAST) {
    const duration =
      interval === 7 || interval === 0 ? (['1/4', '1/2'] as const)[below(2)] : (['1/8', '1/4', '1/4', '1/2'] as const)[below(4)];
    if (duration === undefined) break;
    seconds += (240 / tempo) * WHOLES[duration];
    const [lower, upper] = [scale[at] ?? '', scale[at + interval] ?? ''];
    notes.push({ pitches: next() < 0.15 ? [upper] : [lower, upper], duration });
    at = Math.max(0, Math.min(highest - 1, at + (next() < 0.5 ? 1 : -1)));
  }
  return { instrument: { kind }, tempo, material: { kind: 'line', key: formatKey(key), notes } };
}

/** The seconds that a line of double stops lasts at least. */
const DOUBLE_STOPS_LAST = 12;

function wanderingLine(kind: InstrumentKind, seed: number): Brief {
  const next = seeded(seed * 17 + 3);
  const below = (limit: number): number => Math.floor(next() * limit);
  const key = keyOfSignature(below(9) - 4, next() < 0.6 ? 'major' : 'minor');
  if (!key) throw new RangeError('There is no key of so few signs');
  const scale = notesOfKey(key, RANGES[kind]);
  const tempo = 60 + 10 * below(5);
  const most = LASTS[0] + (LASTS[1] - LASTS[0]) * next();
  const notes: { readonly pitches: string[]; readonly duration: string; readonly slur?: boolean }[] = [];
  let [at, seconds] = [below(scale.length), 0];
  let way = next() < 0.5 ? 1 : -1;
  while (seconds < most) {
    const duration = LENGTHS[below(LENGTHS.length)] ?? '1/4';
    seconds += (240 / tempo) * WHOLES[duration];
    if (next() < 0.2) way = -way;
    const step = next() < 0.08 ? 0 : next() < 0.75 ? 1 : 2;
    if (at + way * step < 0 || at + way * step >= scale.length) way = -way;
    // Two notes of one pitch in a slur would be one note; the last note leads nowhere.
    const slur = seconds < most && step > 0 && next() < 0.35;
    notes.push({ pitches: [scale[at] ?? ''], duration, ...(slur ? { slur } : {}) });
    at += way * step;
  }
  return { instrument: { kind }, tempo, material: { kind: 'line', key: formatKey(key), notes } };
}
