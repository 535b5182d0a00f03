import type { Brief } from '#core/brief';
import type { Material } from '#core/brief/parts/materials';
import { formatKey } from '#core/key';
import { formatPitch, type Pitch } from '#core/pitch';
import type { PlannedSound } from '#core/plan/describe';
import { type DrillFor, type DrillNote, type Written, type Ground, noteOfPlan } from '#core/drill';
import { AN_OCTAVE, bestOn, lowestInKey, openPitch, soundsOf, upward } from '../from-the-key.ts';
import { THUMB } from '#core/drill/position';
import type { FamilyOf } from '../request.ts';
import { asAsked, rest } from '../written.ts';

/**
 * Writes a scale in double stops from the lowest tonic it can be played from: the lower string alone, the upper alone, both; or both at
 * once between rests, to be placed and lifted. Where no tonic carries an octave of it, it begins on another note of the key; five notes are
 * enough.
 */
export function doubleStops(ground: Ground, player: DrillFor, asks: FamilyOf<'double-stops'>): Written {
  const tried = materials(ground, asks);
  for (const limits of limitsOf(ground, asks)) {
    for (const material of tried) {
      const best = bestOn(player, material, limits);
      if (best) return asAsked(soundsOf(best).map((note) => buildUp(note, asks.built)));
    }
  }
  return asAsked([]);
}

/**
 * Gives the string limits to try: thumb position, and with it the octaves of cello and bass, are learnt on the two upper strings, so these
 * are tried first.
 */
function limitsOf({ instrument }: Ground, { position, interval }: FamilyOf<'double-stops'>): readonly NonNullable<Brief['limits']>[] {
  const where = position === null ? {} : { positions: [position] };
  const isLarge = instrument.kind === 'cello' || instrument.kind === 'bass';
  const onThumb = position === THUMB || (isLarge && interval === 'octaves');
  const upper = instrument.strings.slice(0, 2).map(({ name }) => name);
  return onThumb ? [{ ...where, strings: upper }, where] : [where];
}

/** The number of octaves above the lowest string within which double stops begin. */
const MOST_STARTS = 22;

/** The number of notes of a scale up to its fifth. */
const A_FIFTH = 5;

/** The letters from the lower note to the upper; null where an interval is only fingered as a whole scale. */
const LETTERS_OF: Readonly<Record<FamilyOf<'double-stops'>['interval'], number | null>> = {
  thirds: 2,
  sixths: 5,
  octaves: 7,
  tenths: 9,
  unisons: null,
  'fingered-octaves': null,
};

/** Lists the materials to try, the best first: an octave from each tonic, then eight notes from any note of the key, then five. */
function materials({ key, instrument }: Ground, { interval }: FamilyOf<'double-stops'>): readonly Material[] {
  const lowest = lowestInKey(key, openPitch(instrument, instrument.strings.at(-1)?.name ?? ''));
  const starts = upward(key, lowest, MOST_STARTS);
  const type = key.mode === 'major' ? 'major' : 'natural-minor';
  const fromTonics = starts
    .filter(({ letter }) => letter === key.tonic.letter)
    .map((tonic): Material => ({ kind: 'double-stops', interval, type, tonic: formatPitch(tonic), octaves: 1, direction: 'up' }));
  const letters = LETTERS_OF[interval];
  if (letters === null) return fromTonics;
  const from = (start: Pitch, count: number): Material => {
    const all = upward(key, start, count + letters);
    const pairs = all.slice(0, count).map((lower, order) => [lower, all[order + letters] ?? lower]);
    return { kind: 'line', key: formatKey(key), notes: pairs.map((pair) => ({ pitches: pair.map(formatPitch), duration: '1/4' })) };
  };
  return [...fromTonics, ...[AN_OCTAVE, A_FIFTH].flatMap((count) => starts.map((start) => from(start, count)))];
}

function buildUp(note: PlannedSound, built: FamilyOf<'double-stops'>['built']): readonly DrillNote[] {
  const both = noteOfPlan(note, '1/2');
  const [lower, upper] = note.stops;
  if (built === 'at-once' || !upper) return [rest(), both, rest()];
  const alone = ({ pitch, open, finger }: typeof lower): DrillNote => ({
    pitches: [pitch],
    fingered: { string: open, finger },
    duration: '1/4',
  });
  return [alone(lower), alone(upper), both];
}
