import type { Finger } from '#core/hand/placement';
import type { StringNumber } from '#core/instrument';
import type { NoteMiss } from './note-misses.ts';

/** A place at which a pitch was stopped. */
export interface PitchPlace {
  readonly finger: Finger;
  readonly string: StringNumber;
  /** The mean miss there, cents. */
  readonly cents: number;
  /** The mean miss there, mm at the place. */
  readonly mm: number;
  /** The notes that were heard there, by line index. */
  readonly notes: readonly number[];
}

/** A pitch that was stopped under two fingers or in two places. */
export interface SamePitch {
  /** The pitch, as its player reads it, documents’ form. */
  readonly written: string;
  /** The places, the flattest first. */
  readonly places: readonly PitchPlace[];
  /** The distance from the flattest to the sharpest, cents. */
  readonly apartCents: number;
}

/** The distance between two places of one pitch from which it is told, cents. */
const TOLD_FROM = 6;

/** Lists the pitches that were played under two fingers or in two places and came out differently, the most different first. */
export function samePitches(misses: readonly NoteMiss[]): readonly SamePitch[] {
  const stopped = misses.filter(({ mm, cents, doubtful, heard }) => mm !== null && cents !== null && !doubtful && !heard.again);
  const written = [...new Set(stopped.map(({ stop }) => stop.written))];
  return written
    .map((pitch): SamePitch => {
      const places = placesOf(stopped.filter(({ stop }) => stop.written === pitch));
      const apartCents = (places.at(-1)?.cents ?? 0) - (places[0]?.cents ?? 0);
      return { written: pitch, places, apartCents };
    })
    .filter(({ places, apartCents }) => places.length > 1 && apartCents >= TOLD_FROM)
    .toSorted((one, other) => other.apartCents - one.apartCents);
}

function placesOf(misses: readonly NoteMiss[]): readonly PitchPlace[] {
  const keyOf = ({ stop: { finger, string } }: NoteMiss): string => `${string} ${finger}`;
  return [...new Set(misses.map(keyOf))]
    .flatMap((key): readonly PitchPlace[] => {
      const here = misses.filter((miss) => keyOf(miss) === key);
      const [first] = here;
      if (!first) return [];
      const meanOf = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
      const { finger, string } = first.stop;
      return [
        {
          finger,
          string,
          cents: meanOf(here.map(({ cents }) => cents ?? 0)),
          mm: meanOf(here.map(({ mm }) => mm ?? 0)),
          notes: here.map(({ note }) => note),
        },
      ];
    })
    .toSorted((one, other) => one.cents - other.cents);
}
