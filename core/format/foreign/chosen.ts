import { addFractions, compareFractions, type Fraction, subtractFractions, ZERO } from '#core/fraction';
import type { LeftOut } from './left-out.ts';
import { playingOrder } from './playing-order.ts';
import type { ForeignEvent, ForeignMeasure, ForeignPart, ForeignScore } from './score.ts';

/** The part of a score that is wanted. */
export interface Wanted {
  /** The index of the part. */
  readonly part: number;
  /** The voice; null for the first that sounds. */
  readonly voice: string | null;
  /** The indexes of the first and the last measure. */
  readonly measures: { readonly from: number; readonly to: number };
  /** Whether repeats are written out. */
  readonly writeOutRepeats: boolean;
}

/** A note or rest of the voice that was chosen, one after the other without a gap. */
export type ChosenEvent = Omit<ForeignEvent, 'voice' | 'onset'> & {
  /** The number of its measure. */
  readonly measure: string;
};

/** The music chosen from a score. */
export interface ChosenMusic {
  /** Notes and rests without gaps. */
  readonly events: readonly ChosenEvent[];
  /** The measures of the notes, in the order in which they are played. */
  readonly measures: readonly ForeignMeasure[];
  /** The things in the score that the choice leaves out, and those that cannot be kept. */
  readonly leftOut: readonly LeftOut[];
}

/** Lists the voices of a part in which a note sounds, in their order, each with its number of notes. */
export function voicesOf({ measures }: ForeignPart): readonly { readonly voice: string; readonly notes: number }[] {
  const counts = new Map<string, number>();
  for (const { voice, note } of measures.flatMap(({ events }) => events)) if (note) counts.set(voice, (counts.get(voice) ?? 0) + 1);
  return [...counts].map(([voice, notes]) => ({ voice, notes }));
}

/** Wants all of a part, as it is first offered: its first voice, repeats once. */
export function allOf({ parts }: ForeignScore, part: number): Wanted {
  return {
    part,
    voice: null,
    measures: { from: 0, to: Math.max(0, (parts[part]?.measures.length ?? 1) - 1) },
    writeOutRepeats: false,
  };
}

/** Finds the part that is first offered: the first in which a note sounds. */
export function firstPart({ parts }: ForeignScore): number {
  return Math.max(
    0,
    parts.findIndex((part) => voicesOf(part).length > 0),
  );
}

/** Takes the chosen voice of the chosen measures. Where the voice is silent, rests stand; what is left out is reported. */
export function chosenMusic({ parts }: ForeignScore, wanted: Wanted): ChosenMusic {
  const part = parts[wanted.part] ?? { name: '', kind: 'violin', retuned: new Map(), measures: [] };
  const voices = voicesOf(part).map(({ voice }) => voice);
  const voice = wanted.voice ?? voices[0] ?? '1';
  const inRange = part.measures.slice(wanted.measures.from, wanted.measures.to + 1);
  const order = wanted.writeOutRepeats ? playingOrder(inRange.map(({ repeat }) => repeat)) : inRange.map((_, index) => index);
  const measures = order.flatMap((index) => inRange[index] ?? []);
  const events = measures.flatMap((measure, index) =>
    voiceIn(measure, voice, { isFirst: index === 0, isLast: index === measures.length - 1 }),
  );
  const otherVoices = voices.filter((other) => other !== voice && inRange.some((measure) => soundsIn(measure, other)));
  return {
    events,
    measures,
    leftOut: [
      ...parts.flatMap((part, index): readonly LeftOut[] => (index !== wanted.part && voicesOf(part).length > 0 ? ['parts'] : [])),
      ...otherVoices.map((): LeftOut => 'voices'),
      ...part.measures.slice(inRange.length).map((): LeftOut => 'measures'),
      ...(wanted.writeOutRepeats ? [] : inRange.filter(({ repeat }) => repeat.times > 0).map((): LeftOut => 'repeats')),
      ...inRange.flatMap(({ leftOut }) => leftOut.flatMap((left) => (left.voice === null || left.voice === voice ? [left.what] : []))),
    ],
  };
}

function soundsIn({ events }: ForeignMeasure, voice: string): boolean {
  return events.some((event) => event.voice === voice && event.note !== null);
}

interface PlaceInMusic {
  readonly isFirst: boolean;
  readonly isLast: boolean;
}

/**
 * Gives one voice of a measure without gaps, with rests where it says nothing. A measure is as long as its meter; the first, and any that
 * all voices write shorter, is as long as its content.
 */
function voiceIn(
  { events, full, length, label }: ForeignMeasure,
  voice: string,
  { isFirst, isLast }: PlaceInMusic,
): readonly ChosenEvent[] {
  const chosen: ChosenEvent[] = [];
  let until: Fraction = ZERO;
  for (const { duration, note, onset, clef, ...event } of events) {
    if (event.voice !== voice) continue;
    if (compareFractions(onset, until) > 0) chosen.push(restOf(until, onset, label));
    // Two notes of one voice that overlap are a mistake of the file: the later begins where the earlier ends.
    chosen.push({ duration, note, clef, measure: label });
    until = compareFractions(onset, until) > 0 ? addFractions(onset, duration) : addFractions(until, duration);
  }
  const end = compareFractions(length, ZERO) > 0 && (isFirst || isLast || compareFractions(length, full) !== 0) ? length : full;
  if (compareFractions(end, until) > 0) chosen.push(restOf(until, end, label));
  return chosen;
}

function restOf(from: Fraction, to: Fraction, measure: string): ChosenEvent {
  return { duration: subtractFractions(to, from), note: null, clef: null, measure };
}
