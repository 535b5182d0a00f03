import { type InstrumentKind, INSTRUMENT_KINDS } from '#core/instrument';
import { type DueNote, dueNotes } from '#core/listening';
import {
  FAULTLESS,
  makeTake,
  QUIET,
  type SimulatedPlayer,
  type SimulatedTake,
  type Slip,
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

/**
 * Gives one wrong note, one left out, one repeated, one late and a new start, at places apart. A slip that cannot be heard as one is none:
 * a wrong note differs from its neighbours, and what is repeated or left out is not followed by the same note.
 */
function slipsAmong(due: readonly DueNote[], next: () => number): readonly Slip[] {
  const part = Math.floor(due.length / 6);
  const semitoneOf = (order: number): number => Math.round(12 * Math.log2((due[order]?.hz[0] ?? 1) / 440));
  const isApart = (order: number, by: number): boolean =>
    [order - 1, order + 1].every((other) => semitoneOf(other) !== semitoneOf(order) + by && semitoneOf(other) !== semitoneOf(order));
  const placeIn = (place: number, by: number): number => {
    const orders = Array.from({ length: Math.max(1, part - 1) }, (_, step) => 1 + place * part + step);
    const fit = orders.filter((order) => isApart(order, by));
    return fit[Math.floor(next() * fit.length)] ?? -1;
  };
  const by = next() < 0.5 ? 1 : -1;
  return [
    { kind: 'wrong', order: placeIn(0, by), semitones: by },
    { kind: 'left-out', order: placeIn(1, 0) },
    { kind: 'repeated', order: placeIn(2, 0) },
    { kind: 'late', order: placeIn(3, 0), seconds: 0.4 },
    { kind: 'restart', order: placeIn(4, 0), back: 3 },
  ];
}
