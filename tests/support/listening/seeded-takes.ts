import { type InstrumentKind, INSTRUMENT_KINDS } from '#core/instrument';
import { type DueNote, dueNotes } from '#core/listening';
import {
  FAULTLESS,
  makeTake,
  QUIET,
  slipsAmong,
  type SimulatedPlayer,
  type SimulatedTake,
  type Surroundings,
  type TakeRequest,
  TIMBRES,
} from '#core/listening/simulated';
import type { KnownSounds } from '#core/listening/along';
import { droneHz } from '#core/sound';
import { seeded } from '../seeded.ts';
import type { Plan } from '#core/plan/describe';
import { doubleStopsToPlay, INTERVALS, lineToPlay, openPairsToPlay } from './seeded-lines.ts';

/** The conditions under which takes are read. */
export const CONDITIONS = [
  'clean',
  'noise',
  'room',
  'vibrato',
  'slips',
  'bowed string',
  'drone',
  'clicks',
  'double stops',
  'octaves',
] as const;

/** A condition under which takes are read. */
export type Condition = (typeof CONDITIONS)[number];

/** The limits of a condition. */
interface Limits {
  /** The most by which the miss of a note may be read wrong, cents, and the notes of a hundred for which that holds. */
  readonly cents: number;
  readonly within: number;
  /** The notes of a hundred that are to be aligned. */
  readonly aligned: number;
}

/** The limits of each condition; of octaves and unisons the pairs are judged, not their notes. */
export const LIMITS: Readonly<Record<Condition, Limits>> = {
  clean: { cents: 3, within: 95, aligned: 99 },
  noise: { cents: 5, within: 95, aligned: 99 },
  room: { cents: 5, within: 95, aligned: 99 },
  vibrato: { cents: 8, within: 95, aligned: 99 },
  slips: { cents: 3, within: 95, aligned: 97 },
  'bowed string': { cents: 3, within: 95, aligned: 97 },
  drone: { cents: 5, within: 95, aligned: 99 },
  clicks: { cents: 5, within: 95, aligned: 97 },
  'double stops': { cents: 6, within: 90, aligned: 97 },
  octaves: { cents: 6, within: 0, aligned: 90 },
};

/** A take of the simulated player with what it was asked to play. */
export interface SeededTake {
  readonly kind: InstrumentKind;
  readonly condition: Condition;
  readonly due: readonly DueNote[];
  /** The sound beside the player. */
  readonly known: KnownSounds;
  readonly take: SimulatedTake;
}

/** The time between two clicks, seconds: a beat of 80. */
const CLICKS_EVERY = 0.75;

/** The samples a second of the takes. */
const SAMPLE_RATE = 22_050;

/** Makes the take of a seed: instruments and conditions take turns. */
export function seededTake(seed: number): SeededTake {
  const kind = INSTRUMENT_KINDS[seed % INSTRUMENT_KINDS.length] ?? 'violin';
  const condition = CONDITIONS[Math.floor(seed / INSTRUMENT_KINDS.length) % CONDITIONS.length] ?? 'clean';
  const plan = planFor(kind, condition, seed);
  const due = dueNotes(plan);
  const known: KnownSounds = {
    droneHz: condition === 'drone' ? droneHz(plan, 'tonic', 0) : null,
    clicks: condition === 'clicks' ? { every: CLICKS_EVERY, round: 1 } : null,
  };
  return { kind, condition, due, known, take: makeTake(due, requestFor(kind, condition, { seed, due, known })) };
}

function planFor(kind: InstrumentKind, condition: Condition, seed: number): Plan {
  if (condition === 'double stops') return doubleStopsToPlay(kind, seed, INTERVALS.apart);
  if (condition !== 'octaves') return lineToPlay(kind, seed);
  // The cello and the bass reach octaves and unisons with an open string, or with the thumb, which these lines leave out.
  const withOpen = kind === 'cello' || kind === 'bass' || seed % 3 === 0;
  return withOpen ? openPairsToPlay(kind, seed) : doubleStopsToPlay(kind, seed, INTERVALS.hidden);
}

function requestFor(
  kind: InstrumentKind,
  condition: Condition,
  { seed, due, known }: Pick<SeededTake, 'due' | 'known'> & { readonly seed: number },
): TakeRequest {
  const next = seeded(seed * 13 + 1);
  const player: SimulatedPlayer = {
    ...FAULTLESS,
    seed: seed + 1,
    spreadCents: 14,
    driftCents: 10 * (next() - 0.5),
    vibrato: condition === 'vibrato' ? { cents: 25, hz: 4.8 + 1.8 * next() } : null,
    slides: next() < 0.5,
    wander: 0.12 * next(),
    slips: condition === 'slips' ? slipsAmong(due, next) : [],
  };
  const surroundings: Surroundings = {
    ...QUIET,
    droneHz: known.droneHz,
    clicksEvery: known.clicks?.every ?? null,
    noiseBelow: condition === 'noise' ? 20 : null,
    room: condition === 'room',
  };
  const voice =
    condition === 'bowed string'
      ? condition.replace(' ', '-')
      : TIMBRES[Math.floor(seed / (INSTRUMENT_KINDS.length * CONDITIONS.length)) % TIMBRES.length];
  return {
    kind,
    voice: voice === 'bowed-string' ? voice : (TIMBRES.find((timbre) => timbre === voice) ?? 'full'),
    player,
    surroundings,
    sampleRate: SAMPLE_RATE,
  };
}
