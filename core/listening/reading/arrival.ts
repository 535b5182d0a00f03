import { middleOf, type Sound } from '#core/listening';

import { pitchFinder } from './period.ts';

/** The way in which a note is reached in one bow by a shift. */
export interface HeardArrival {
  /** The pitch at which the finger first came to rest, cents from its aim, sharp positive. */
  readonly firstCents: number;
  /** The time in which it was moved to the pitch of the note from there, seconds; 0 where it stayed. */
  readonly correctedIn: number;
  /** The part of the way that was heard: out of the old note, into the new one, all of it, or none: a silent arrival. */
  readonly part: 'from' | 'into' | 'all' | 'none';
  /** The time for which a slide is heard, seconds; 0 for none. */
  readonly slideSeconds: number;
  /** The pitch at which the slide out of the old note ended or the slide into the new one began, cents above A4 at 440 Hz; else null. */
  readonly passedCents: number | null;
}

/** The pitches between which a hand shifts, cents above A4 at 440 Hz, and the time around which it arrives. */
export interface Arriving {
  /** The pitch of the old note. */
  readonly oldCents: number;
  /** The aim of the new note. */
  readonly aimCents: number;
  /** The pitch of the new note once it is steady. */
  readonly steadyCents: number;
  /** The beginning of the new note, as it was read from the whole take, seconds. */
  readonly at: number;
  /** The end of the new note, seconds. */
  readonly until: number;
}

/** The time between two looks, and the time before and after an arrival that is looked at, seconds. */
const EVERY = 0.005;
const BEFORE = 0.5;
const AFTER = 0.6;

/** The periods of the lower note in a look. */
const PERIODS = 3;

/** The clarity below which a look finds no pitch. */
const CLEAR_FROM = 0.55;

/** The distance from a pitch at which the finger is still or already there, cents. */
const AT_OLD = 30;
const AT_STEADY = 14;

/** The change from look to look at which a finger rests, cents, and the looks for which it does; how far from its aim it may first rest. */
const RESTS_AT = 3;
const RESTS_FOR = 5;
const FIRST_WITHIN = 130;

/** The change from look to look that is a leap, cents: no finger slides so quickly. */
const LEAP = 55;

/** The way that is heard at least, cents, and the difference that is a correction. */
const LEAST_WAY = 50;
const CORRECTED = 12;

/** The shortest slide that is heard as one, seconds: a finger that only falls takes less. */
const LEAST_SLIDE = 0.045;

/** An arrival without a slide. */
const SILENT = { part: 'none', passedCents: null } as const;

/** Reads how a shift within one bow arrived; null where it cannot be followed. */
export function readArrival({ samples, sampleRate }: Sound, arriving: Arriving): HeardArrival | null {
  const { oldCents, aimCents, steadyCents, at, until } = arriving;
  const lowestHz = 440 * 2 ** ((Math.min(oldCents, aimCents) - 150) / 1200);
  const size = 2 ** Math.ceil(Math.log2((PERIODS * sampleRate) / lowestHz));
  const findPitch = pitchFinder(size, sampleRate, lowestHz);
  const from = Math.max(size / sampleRate / 2, at - BEFORE);
  const count = Math.floor((Math.min(at + AFTER, until, samples.length / sampleRate - size / sampleRate / 2) - from) / EVERY);
  const looks = Array.from({ length: Math.max(0, count) }, (_, look) => {
    const first = Math.round((from + look * EVERY) * sampleRate - size / 2);
    const { hz, clarity } = findPitch(samples.subarray(first, first + size));
    return clarity < CLEAR_FROM || hz <= 0 ? NaN : 1200 * Math.log2(hz / 440);
  });
  const left = looks.findLastIndex((cents, look) => Math.abs(cents - oldCents) < AT_OLD && from + look * EVERY < at + AFTER / 2);
  const steady = restsFrom(looks, left, { at: steadyCents, within: AT_STEADY });
  if (left < 0 || steady < 0) return null;
  const rest = Math.min(steady, restsFrom(looks, left, { at: aimCents, within: FIRST_WITHIN }));
  const firstCents = middleOf(looks.slice(rest, rest + RESTS_FOR)) - aimCents;
  const isCorrected = Math.abs(firstCents - (steadyCents - aimCents)) > CORRECTED;
  // A leap is smeared over a look: the sound before it and the sound after it are both in it.
  const slid = (rest - left) * EVERY - size / sampleRate / 2;
  const way = slid < LEAST_SLIDE ? SILENT : wayHeard(looks, { left, rest, oldCents });
  return {
    firstCents,
    correctedIn: isCorrected ? (steady - rest) * EVERY : 0,
    part: way.part,
    slideSeconds: way.part === 'none' ? 0 : slid,
    passedCents: way.passedCents,
  };
}

/** Finds the look from which the finger rests within a distance of a pitch, at the earliest after another; −1 where it never does. */
function restsFrom(looks: readonly number[], left: number, { at, within }: { readonly at: number; readonly within: number }): number {
  return looks.findIndex((_, look) => {
    const some = looks.slice(look, look + RESTS_FOR);
    const isThere = some.every((cents, order) => Math.abs(cents - at) < within && Math.abs(cents - (some[order - 1] ?? cents)) < RESTS_AT);
    return look > left && some.length === RESTS_FOR && isThere;
  });
}

/** A part of the looks: where the old note was left and the new one reached. */
interface Way {
  readonly left: number;
  readonly rest: number;
  readonly oldCents: number;
}

/** Finds the leap between two pitches, which a slide leads up to or goes on from. */
function wayHeard(looks: readonly number[], { left, rest, oldCents }: Way): Pick<HeardArrival, 'part' | 'passedCents'> {
  const heard = looks.slice(left, rest + 1).filter((cents) => !Number.isNaN(cents));
  const leaps = heard.map((cents, order) => Math.abs(cents - (heard[order - 1] ?? cents)));
  const leap = leaps.indexOf(Math.max(...leaps));
  const arrived = heard.at(-1) ?? oldCents;
  if (Math.abs(arrived - oldCents) < LEAST_WAY) return SILENT;
  if ((leaps[leap] ?? 0) < LEAP) return { part: 'all', passedCents: null };
  const [before, after] = [heard[leap - 1] ?? oldCents, heard[leap] ?? arrived];
  const [out, into] = [Math.abs(before - oldCents), Math.abs(arrived - after)];
  if (Math.max(out, into) < LEAST_WAY) return SILENT;
  return out > into ? { part: 'from', passedCents: before } : { part: 'into', passedCents: after };
}
