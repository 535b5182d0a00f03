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
  for (let attempt = 0; attempt < 20; attempt += 1) {
    const plan = openSession(wanderingLine(kind, seed * 100 + attempt)).best();
    if (plan) return plan;
  }
  throw new Error(`No line of seed ${seed} is played on the ${kind}`);
}

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
