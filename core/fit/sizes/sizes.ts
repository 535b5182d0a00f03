import type { Brief } from '#core/brief';
import type { HandMeasurements, PlayerHand } from '#core/hand/reach';
import { SIZES } from '#core/instrument';
import { plan } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import type { Steps } from '#core/result';
import { instrumentOf } from '#core/fit/intoned';
import { fitOf, type Fit, onSize } from './what-if.ts';

/** A line fingered for a hand and a size, and its demands on that hand. */
export interface FingeredAgain {
  /** The best plan for this hand and size. */
  readonly plan: Plan;
  /** The demands on the hand. */
  readonly fit: Fit;
  /** The line indexes of the notes that are fingered differently than before. */
  readonly changes: readonly number[];
}

/** One size of the instrument, with the fit of the line on it. */
export interface SizeFit {
  /** The size as teachers say it: "3/4". */
  readonly size: string;
  /** The usual string length of the size, mm. */
  readonly stringLengthMm: number;
  /** The fit of the fingering as it is, finger for finger. */
  readonly fit: Fit;
  /** The line fingered for this size; null where this hand cannot play it there. */
  readonly again: FingeredAgain | null;
}

/** The sizes on which a line lies well for one hand. */
export interface FittingSizes {
  /** The sizes, from the largest to the smallest. */
  readonly sizes: readonly SizeFit[];
  /** The largest size on which the line, fingered for it, is comfortable, a few notes aside; null where there is none. */
  readonly largestComfortable: string | null;
  /** The smallest size on which no two fingers crowd either, a few notes aside; null where there is none. */
  readonly smallestRoomy: string | null;
}

/** The number and the share of stopped notes that are too few to advise another size: two, or one in twenty. */
const FEW = { notes: 2, share: 0.05 } as const;

/** Fingers the line of a plan for one hand on every usual size of its instrument, with the fingering as it is beside it. */
export function* onEverySize(planned: Plan, hand: PlayerHand): Steps<FittingSizes> {
  const sizes: SizeFit[] = [];
  for (const { size } of SIZES[planned.brief.instrument.kind]) {
    yield;
    const instrument = onSize(planned, size);
    if (!instrument) continue;
    const fit = fitOf(planned, hand, instrument);
    sizes.push({ size, stringLengthMm: instrument.stringLengthMm, fit, again: fingerAgain(planned, hand, size) });
  }
  const few = Math.max(FEW.notes, FEW.share * stoppedNotes(planned));
  const fitting = sizes.filter(({ again }) => again !== null && again.fit.beyond.length === 0 && again.fit.stretched.length <= few);
  const roomy = fitting.filter(({ again }) => again !== null && again.fit.crowded.length <= few);
  return { sizes, largestComfortable: fitting[0]?.size ?? null, smallestRoomy: roomy[roomy.length - 1]?.size ?? null };
}

/** Fingers the line of a plan for another hand, and on a usual size where one is named; null where that hand cannot play it. */
export function fingerAgain(planned: Plan, hand: PlayerHand, size: string | null): FingeredAgain | null {
  const outcome = plan(briefFor(planned.brief, hand, size));
  if (!outcome.ok) return null;
  const { best } = outcome.value;
  const changes = best.notes.flatMap((note, index) => (fingersOf(note) === fingersOf(planned.notes[index]) ? [] : [index]));
  return { plan: best, fit: fitOf(best, hand, instrumentOf(best)), changes };
}

/** Makes the same brief for a hand in mm, on the usual instrument of a size: measurements of this one are left out. */
function briefFor(brief: Brief, hand: PlayerHand, size: string | null): Brief {
  const { stringLengthMm: _, outerSpacingMm: __, pressingMm: ___, ...spec } = brief.instrument;
  const instrument = size === null ? brief.instrument : { ...spec, size };
  return { ...brief, instrument, player: { ...brief.player, hand: measurementsOf(hand) } };
}

function measurementsOf({ firstToFourth, firstToSecond, thumbToThird, fingerDistanceMm }: PlayerHand): HandMeasurements {
  return { firstToFourth, thumbToThird, fingerDistanceMm, ...(firstToSecond ? { firstToSecond } : {}) };
}

function stoppedNotes({ notes }: Plan): number {
  return notes.filter((note) => note.kind === 'note' && note.stops.some(({ finger }) => finger !== '0')).length;
}

function fingersOf(note: Plan['notes'][number] | undefined): string {
  return note?.kind === 'note' ? note.stops.map(({ open, finger }) => `${open}${finger}`).join('+') : '';
}
