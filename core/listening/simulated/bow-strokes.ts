import { seededSpread } from '#core/listening';
import type { SimulatedNote } from './played.ts';

/** One voice of a note as the bow plays it. */
export interface Stroke {
  /** The beginning, seconds. */
  readonly at: number;
  /** The end, seconds. */
  readonly until: number;
  /** The centre of its pitch, Hz. */
  readonly hz: number;
  /** The pitch from which it is reached, the one to which that leads, and how long it takes, seconds; null where it begins at once. */
  readonly from: {
    readonly hz: number;
    readonly toHz: number;
    readonly seconds: number;
    /** The loudness of the bow on the way, as a share of the usual. */
    readonly loudness: number;
  } | null;
  /** The loudness of the bow, as a share of the usual. */
  readonly loudness: number;
  /** The landing beside its pitch: cents, and the time in which it is corrected, seconds; null for none. */
  readonly landing: SimulatedNote['landing'];
  /** Whether the bow goes on from the stroke before. */
  readonly slurred: boolean;
  /** Whether it goes on into the next. */
  readonly goesOn: boolean;
  readonly stopped: boolean;
}

/** The time in which a finger takes over in a slur, seconds. */
const TAKEN_OVER = 0.018;

/** Gives the strokes of one voice of what is played. */
export function strokesOf(played: readonly SimulatedNote[], voice: number): readonly Stroke[] {
  return played.flatMap((note, order): readonly Stroke[] => {
    const hz = note.hz[voice];
    if (hz === undefined) return [];
    const next = played[order + 1];
    const from = wayInto(note, played[order - 1]?.hz[voice], voice);
    return [
      {
        // A slide takes its time from the note before: the note begins where it arrives.
        at: note.at - secondsOfSlide(note),
        until: note.until - (next ? secondsOfSlide(next) : 0),
        hz,
        from,
        loudness: 1,
        landing: note.landing,
        slurred: note.slurred && from !== null,
        goesOn: next?.slurred === true && next.hz[voice] !== undefined,
        stopped: note.stopped[voice] === true,
      },
    ];
  });
}

function secondsOfSlide({ slide }: SimulatedNote): number {
  return slide?.seconds ?? 0;
}

/** Gives the way into a note from the one before, whose pitch is given: a slide, or a finger that takes over; null where there is none. */
function wayInto({ slide, slurred, hz }: SimulatedNote, beforeHz: number | undefined, voice: number): Stroke['from'] {
  const ownHz = hz[voice] ?? 0;
  if (slide && voice === 0) return { hz: slide.fromHz, toHz: slide.toHz, seconds: slide.seconds, loudness: 1 };
  if (slide) return { hz: beforeHz ?? ownHz, toHz: ownHz, seconds: slide.seconds, loudness: 1 };
  return slurred && beforeHz !== undefined ? { hz: beforeHz, toHz: ownHz, seconds: TAKEN_OVER, loudness: 1 } : null;
}

/** The way in which pitch is not steady. */
interface Unsteady {
  readonly vibrato: { readonly cents: number; readonly hz: number } | null;
  readonly random: () => number;
}

/** The trembling of a bowed pitch, cents, and the time in which it changes, seconds. */
const TREMBLES_BY = 1.5;
const TREMBLES_IN = 0.05;

/** The time after which a vibrato begins, and the shortest note that has one, seconds. */
const VIBRATO_FROM = 0.08;
const VIBRATO_NEEDS = 0.3;

/** The cents by which a bow pulls the pitch when it bites, and how quickly that passes, seconds. */
const BITE = { cents: 9, seconds: 0.012 } as const;

/** Makes the pitch of a stroke over time: cents from its centre, at a time in seconds from its beginning. */
export function pitchWay(stroke: Stroke, { vibrato, random }: Unsteady): (seconds: number) => number {
  const { at, until, slurred, stopped } = stroke;
  const spread = seededSpread(random);
  const length = until - at;
  const points = Array.from({ length: Math.ceil(length / TREMBLES_IN) + 3 }, () => spread() * TREMBLES_BY);
  const mean = points.reduce((sum, value) => sum + value, 0) / points.length;
  const gliding = glideOf(stroke);
  const swings = vibrato && stopped && length >= VIBRATO_NEEDS ? vibrato : null;
  const phase = 2 * Math.PI * random();
  return (seconds) => {
    const place = seconds / TREMBLES_IN;
    const [one = 0, other = 0] = [points[Math.floor(place)], points[Math.floor(place) + 1]];
    const trembling = one + (other - one) * (place - Math.floor(place)) - mean;
    const biting = slurred ? 0 : BITE.cents * Math.exp(-seconds / BITE.seconds);
    const swing = swings ? swings.cents * Math.min(1, Math.max(0, (seconds - VIBRATO_FROM) / 0.1)) : 0;
    return trembling + gliding(seconds) + biting + swing * Math.sin(2 * Math.PI * (swings?.hz ?? 0) * seconds + phase);
  };
}

/** The time for which a finger stays where it landed before it is moved, seconds. */
export const LANDED_FOR = 0.1;

/**
 * Makes the way into a note over time, cents from its pitch. A finger that slides arrives at the beginning of the note, one that takes over
 * does so around it; where the slide leads to another place than that of the note, the next finger takes over there.
 */
function glideOf({ hz, from, landing }: Stroke): (seconds: number) => number {
  const centsOf = (other: number): number => 1200 * Math.log2(other / hz);
  const [begins, ends, length] = from ? [centsOf(from.hz), centsOf(from.toHz), from.seconds] : [0, 0, 0];
  const landed = landing?.cents ?? 0;
  // A slide that leads to the note itself leads to where it lands.
  const goal = Math.abs(ends) < 30 ? landed : ends;
  return (seconds) => {
    if (seconds < length) return goal + (begins - goal) * falling(seconds / length);
    const after = seconds - length;
    const settling = landing ? landed * falling((after - LANDED_FOR) / landing.seconds) : 0;
    return settling + (goal - landed) * falling(after / TAKEN_OVER);
  };
}

/** Gives a soft fall from 1 to 0. */
function falling(share: number): number {
  return 1 - rise(share);
}

/** The time in which a stroke speaks and stops, seconds. */
const SPEAKS_IN = 0.035;
const STOPS_IN = 0.03;

/** Makes the loudness of a stroke over time, 0 … 1, at a time in seconds from its beginning. */
export function loudnessWay({ at, until, slurred, goesOn, from, loudness }: Stroke): (seconds: number) => number {
  const length = until - at;
  return (seconds) => {
    const speaking = slurred ? 0.85 + 0.15 * Math.min(1, seconds / SPEAKS_IN) : rise(seconds / SPEAKS_IN);
    const stopping = goesOn ? 1 : rise((length - seconds) / STOPS_IN);
    const share = from !== null && seconds < from.seconds ? from.loudness : loudness;
    return speaking * stopping * share;
  };
}

/** Gives a soft rise from 0 to 1. */
function rise(share: number): number {
  return share <= 0 ? 0 : share >= 1 ? 1 : 0.5 - 0.5 * Math.cos(Math.PI * share);
}
