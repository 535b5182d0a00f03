import type { Brief } from '#core/brief';
import type { HandMeasurements, PlayerHand } from '#core/hand/reach';
import { SIZES } from '#core/instrument';
import { plan } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import type { Steps } from '#core/result';
import { instrumentOf } from '#core/fit/intoned';
import { fitOf, type Fit, onSize } from './what-if.ts';

/** A line fingered for a hand and a size, and what it asks of that hand. */
export interface FingeredAgain {
  /** The best plan there. */
  readonly plan: Plan;
  /** What it asks. */
  readonly fit: Fit;
  /** Line indexes of the notes that are fingered differently than before. */
  readonly changes: readonly number[];
}

/** One size of the instrument, and how the line lies on it. */
export interface SizeFit {
  /** The size as teachers say it: "3/4". */
  readonly size: string;
  /** Its usual string length. */
  readonly stringLengthMm: number;
  /** The fingering as it is, finger for finger. */
  readonly fit: Fit;
  /** The line fingered for this size; null where this hand cannot play it there. */
  readonly again: FingeredAgain | null;
}

/** The sizes on which a line lies well for one hand. */
export interface FittingSizes {
  /** From the largest to the smallest. */
  readonly sizes: readonly SizeFit[];
  /** The largest size on which the line, fingered for it, lies within comfort but for a few notes; null when there is none. */
  readonly largestComfortable: string | null;
  /** The smallest on which, besides, no two fingers crowd but for a few notes; null when there is none. */
  readonly smallestRoomy: string | null;
}

/** No size is advised for the sake of so few notes: two, or one in twenty of those that are stopped. */
const FEW = { notes: 2, share: 0.05 } as const;

/** The line of a plan fingered for one hand on every usual size of its instrument, and the fingering as it is beside it. */
export function* onEverySize(planned: Plan, hand: PlayerHand): Steps<FittingSizes> {
  const sizes: SizeFit[] = [];
  for (const { size } of SIZES[planned.brief.instrument.kind]) {
    yield;
    const instrument = onSize(planned, size);
    if (!instrument) continue;
    const fit = fitOf(planned, hand, instrument);
    sizes.push({ size, stringLengthMm: instrument.stringLengthMm, fit, again: fingeredAgain(planned, hand, size) });
  }
  const few = Math.max(FEW.notes, FEW.share * stoppedNotes(planned));
  const fitting = sizes.filter(({ again }) => again !== null && again.fit.beyond.length === 0 && again.fit.stretched.length <= few);
  const roomy = fitting.filter(({ again }) => again !== null && again.fit.crowded.length <= few);
  return { sizes, largestComfortable: fitting[0]?.size ?? null, smallestRoomy: roomy[roomy.length - 1]?.size ?? null };
}

/** The line of a plan fingered for another hand, and on a usual size where one is named; null where that hand cannot play it. */
export function fingeredAgain(planned: Plan, hand: PlayerHand, size: string | null): FingeredAgain | null {
  const outcome = plan(briefFor(planned.brief, hand, size));
  if (!outcome.ok) return null;
  const { best } = outcome.value;
  const changes = best.notes.flatMap((note, index) => (fingersOf(note) === fingersOf(planned.notes[index]) ? [] : [index]));
  return { plan: best, fit: fitOf(best, hand, instrumentOf(best)), changes };
}

/** The same brief for a hand in mm, on the usual instrument of a size: what was measured on this one is left out. */
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
