import { beatsHz, centsOfRatio, pureRatio, type Ratio } from '#core/intonation';
import { parsePitch } from '#core/pitch';
import type { DueNote } from '#core/listening';
import type { HeardNote } from '#core/listening/reading';

/**
 * The purity of a double stop: how far it lies from pure, cents, wide positive, or the size of that where no side is heard, with the beats a
 * second; or why that is not told: its voices sounded for too short a time to beat, they are unclear, or the interval beats too faintly,
 * as a minor sixth does (8 : 5), or has no pure form.
 */
export type Purity = ({ readonly heard: 'side' | 'size' } & OffPure) | { readonly heard: 'too short' | 'unclear' | 'no small ratio' };

interface OffPure {
  /** The distance from pure, cents; wide positive where the side is heard. */
  readonly cents: number;
  /** The beats a second. */
  readonly beats: number;
}

/** The frequency of the lower of two notes, as it was heard where that is known, Hz. */
function lowerHz({ hz }: DueNote, { voices }: HeardNote): number {
  const [one = 440, other = one] = hz;
  const lower = one <= other ? 0 : 1;
  return (hz[lower] ?? one) * 2 ** ((voices[lower]?.cents ?? 0) / 1200);
}

function ratioOf({ stops }: DueNote): Ratio | null {
  const [one, other] = stops.map(({ pitch }) => parsePitch(pitch));
  return one?.ok === true && other?.ok === true ? pureRatio(one.value, other.value) : null;
}

/** Tells how pure a double stop was; null for a single note. */
export function purityOf(due: DueNote, heard: HeardNote): Purity | null {
  const { interval } = heard;
  const ratio = ratioOf(due);
  if (!interval) return null;
  if (ratio === null) return { heard: 'no small ratio' };
  const low = lowerHz(due, heard);
  switch (interval.by) {
    case 'nothing':
      return { heard: interval.why };
    case 'voices': {
      const cents = interval.cents - centsOfRatio(ratio);
      return { heard: 'side', cents, beats: beatsHz(ratio, low, low * 2 ** (interval.cents / 1200)) };
    }
    case 'beats': {
      const beats = beatsHz(ratio, low, (low * ratio.p * 2 ** (interval.size / 1200)) / ratio.q);
      return interval.side === null
        ? { heard: 'size', cents: interval.size, beats }
        : { heard: 'side', cents: interval.side * interval.size, beats };
    }
  }
}
