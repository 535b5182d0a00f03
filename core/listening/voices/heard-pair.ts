import { finePitchHz, type Sound } from '#core/listening';
import { octaveMiss, type PairMiss, unisonMiss } from './beating-pair.ts';
import { voicePitch, type VoiceTrack } from './voice-pitch.ts';

/** Two voices together, as they were heard. */
export interface HeardPair {
  /** The distance of each from its aim, cents, in the order of the aims; null where the sound does not show it. */
  readonly cents: readonly [number | null, number | null];
  /** The pitch of each over time, in the order of the aims; null where the sound does not show it. */
  readonly tracks: readonly [VoiceTrack | null, VoiceTrack | null];
  /** The interval of the two. */
  readonly interval: HeardInterval;
}

/**
 * The interval of two voices: read from both of them, cents; or, where the partials of one hide in the other’s, its miss from the pure
 * interval by the beats; or nothing, since they sounded for too short a time to beat, or are not clear enough.
 */
export type HeardInterval =
  | {
      readonly by: 'voices';
      /** The size of the interval, cents. */
      readonly cents: number;
    }
  | ({ readonly by: 'beats' } & PairMiss)
  | { readonly by: 'nothing'; readonly why: 'too short' | 'unclear' };

/**
 * The frequency of G3, above which beats are quick, Hz; and the shortest time in which they tell anything, seconds: the inner part of a note
 * of one second, and of half a second.
 */
const G3 = 196;
const BEATS_NEED = { below: 0.75, above: 0.35 } as const;

/** The distance of an interval from a multiple within which the partials of its upper voice hide, cents. */
const HIDES_WITHIN = 40;

/** The miss of a unison up to which both voices have the pitch that is heard, cents. */
const ONE_PITCH = 6;

/** Reads two voices that aim at two pitches, in a part of sound in which both sound steadily. */
export function heardPair(part: Sound, [oneHz, otherHz]: readonly [number, number]): HeardPair {
  const upside = oneHz > otherHz;
  const [lowHz, highHz] = upside ? [otherHz, oneHz] : [oneHz, otherHz];
  const times = Math.round(highHz / lowHz);
  const hides = Math.abs(1200 * Math.log2(highHz / lowHz / times)) < HIDES_WITHIN;
  const { cents, tracks, interval } = hides ? hiddenPair(part, { lowHz, highHz, times }) : clearPair(part, lowHz, highHz);
  return upside ? { cents: [cents[1], cents[0]], tracks: [tracks[1], tracks[0]], interval } : { cents, tracks, interval };
}

function clearPair(part: Sound, lowHz: number, highHz: number): HeardPair {
  const tracks = [voicePitch(part, { hz: lowHz, otherHz: highHz }), voicePitch(part, { hz: highHz, otherHz: lowHz })] as const;
  const [low, high] = [meanCents(tracks[0]), meanCents(tracks[1])];
  if (low === null || high === null) return { cents: [low, high], tracks, interval: { by: 'nothing', why: 'unclear' } };
  return { cents: [low, high], tracks, interval: { by: 'voices', cents: 1200 * Math.log2(highHz / lowHz) + high - low } };
}

/** A pair of which the upper voice aims near a multiple of the lower. */
interface HiddenAims {
  readonly lowHz: number;
  readonly highHz: number;
  readonly times: number;
}

function hiddenPair(part: Sound, { lowHz, highHz, times }: HiddenAims): HeardPair {
  const isLong = part.samples.length / part.sampleRate >= (lowHz > G3 ? BEATS_NEED.above : BEATS_NEED.below);
  const tooShort = { by: 'nothing', why: 'too short' } as const;
  if (times === 1) return isLong ? unison(part, lowHz) : { cents: [null, null], tracks: NO_TRACKS, interval: tooShort };
  const tracks = [voicePitch(part, { hz: lowHz, otherHz: highHz }), null] as const;
  const low = meanCents(tracks[0]);
  if (low === null || !isLong) return { cents: [low, null], tracks, interval: low === null ? { by: 'nothing', why: 'unclear' } : tooShort };
  const miss = octaveMiss(part, lowHz * 2 ** (low / 1200), times);
  const offPure = miss.side === null ? (miss.size <= ONE_PITCH / 2 ? 0 : null) : miss.side * miss.size;
  // The amount by which the aims themselves lie off the pure interval is no miss of the player’s.
  const aimed = 1200 * Math.log2(highHz / lowHz / times);
  return { cents: [low, offPure === null ? null : low + offPure - aimed], tracks, interval: { by: 'beats', ...miss } };
}

/** Reads a unison: where its voices hardly differ, both have the pitch that is heard. */
function unison(part: Sound, hz: number): HeardPair {
  const miss = unisonMiss(part, hz);
  const heard = 1200 * Math.log2(finePitchHz(part.samples, part.sampleRate, hz) / hz);
  const both = miss.size <= ONE_PITCH ? heard : null;
  return { cents: [both, both], tracks: NO_TRACKS, interval: { by: 'beats', ...miss } };
}

/** Of two voices that hide each other no track can be told. */
const NO_TRACKS = [null, null] as const;

function meanCents(track: VoiceTrack | null): number | null {
  return track === null || track.cents.length === 0 ? null : track.cents.reduce((sum, value) => sum + value, 0) / track.cents.length;
}
