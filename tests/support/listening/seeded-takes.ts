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
import { seeded } from '../seeded.ts';
import { lineToPlay } from './seeded-lines.ts';

/** The conditions under which takes are read. */
export const CONDITIONS = ['clean', 'noise', 'room', 'vibrato', 'slips', 'bowed string'] as const;

/** A condition under which takes are read. */
export type Condition = (typeof CONDITIONS)[number];

/** The limits of a condition: the most by which the miss of a note may be read wrong, cents, and the notes of a hundred that are to be aligned. */
export const LIMITS: Readonly<Record<Condition, { readonly cents: number; readonly aligned: number }>> = {
  clean: { cents: 3, aligned: 99 },
  noise: { cents: 5, aligned: 99 },
  room: { cents: 5, aligned: 99 },
  vibrato: { cents: 8, aligned: 99 },
  slips: { cents: 3, aligned: 97 },
  'bowed string': { cents: 3, aligned: 99 },
};

/** A take of the simulated player with what it was asked to play. */
export interface SeededTake {
  readonly kind: InstrumentKind;
  readonly condition: Condition;
  readonly due: readonly DueNote[];
  readonly take: SimulatedTake;
}

/** The samples a second of the takes. */
const SAMPLE_RATE = 22_050;

/** Makes the take of a seed: instruments and conditions take turns. */
export function seededTake(seed: number): SeededTake {
  const kind = INSTRUMENT_KINDS[seed % INSTRUMENT_KINDS.length] ?? 'violin';
  const condition = CONDITIONS[Math.floor(seed / INSTRUMENT_KINDS.length) % CONDITIONS.length] ?? 'clean';
  const due = dueNotes(lineToPlay(kind, seed));
  return { kind, condition, due, take: makeTake(due, requestFor(kind, condition, { seed, due })) };
}

function requestFor(
  kind: InstrumentKind,
  condition: Condition,
  { seed, due }: { readonly seed: number; readonly due: readonly DueNote[] },
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
  const surroundings: Surroundings = { ...QUIET, noiseBelow: condition === 'noise' ? 20 : null, room: condition === 'room' };
  const voice = condition === 'bowed string' ? condition.replace(' ', '-') : TIMBRES[Math.floor(seed / 24) % TIMBRES.length];
  return {
    kind,
    voice: voice === 'bowed-string' ? voice : (TIMBRES.find((timbre) => timbre === voice) ?? 'full'),
    player,
    surroundings,
    sampleRate: SAMPLE_RATE,
  };
}
