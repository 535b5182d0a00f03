import { instrumentOf, intonationOf, intonedStops, ornamentHz } from '#core/fit/intoned';
import { travelSeconds } from '#core/fit';
import { type Articulation, inOneBow, type SoundingTime, soundingTimes } from '#core/material/line';
import { changeBefore, keyAt, measuresOf, signatureAt } from '#core/material/measures';
import { displayPitchClass, frequencyHz } from '#core/pitch';
import type { Guide, InBetweenNote, Plan, PlannedSound, Shift } from '#core/plan/describe';
import { asNumber } from '#core/fraction';

/** The tempo where the brief names none, quarter notes a minute: a walking pace at which fingers can be thought of. */
export const USUAL_TEMPO = 72;

/** One note as it is played. Times are in seconds from the beginning of the passage that is played. */
export interface PlayedNote {
  /** The line index. */
  readonly note: number;
  /** The onset, seconds from the start. */
  readonly at: number;
  /** The time to the end of the note; the next may begin there in the same bow. */
  readonly seconds: number;
  /** The sound, Hz, the lower stop first, in the tuning of the brief. */
  readonly hz: readonly number[];
  /** Whether it is played in one bow with the note before. */
  readonly slurred: boolean;
  /** Whether the next is in the same bow. */
  readonly slursOn: boolean;
  /** Whether it is begun with more bow. */
  readonly accent: boolean;
  /** The slide heard at its end because of a shift; null where nothing is heard. */
  readonly slide: Slide | null;
}

/**
 * A slide at the end of a note. A finger that leads from the old note sets out from it; one that leads into the new note comes in on it.
 */
export interface Slide {
  /** The length of the slide, at the end of the note, seconds. */
  readonly seconds: number;
  /** The frequency at which it begins. */
  readonly fromHz: number;
  /** The frequency at which it ends. */
  readonly toHz: number;
}

/** A beat of the meter; the first of a measure is strong. */
export interface Beat {
  /** The time, seconds from the start; negative before it. */
  readonly at: number;
  /** Whether it is the first of its measure. */
  readonly strong: boolean;
}

/** A passage of a line as it sounds. */
export interface Performance {
  /** The notes in order. */
  readonly notes: readonly PlayedNote[];
  /** The beats of the meter, from the start on. */
  readonly beats: readonly Beat[];
  /** The beats of one measure before the first note; at −seconds … 0. */
  readonly countIn: readonly Beat[];
  /** The length of the passage, seconds. */
  readonly seconds: number;
}

/** The choice of the passage of a plan and of the way to play it. */
export interface PerformanceChoice {
  /** The line index of the first note. */
  readonly from: number;
  /** The line index of the last note. */
  readonly to: number;
  /** The share of the tempo: 0.5 is half as fast. */
  readonly pace: number;
  /** Whether shifts are heard sliding. */
  readonly slides: boolean;
}

/** The length of an expressive slide as a multiple of another slide's. */
const EXPRESSIVE = 1.6;

/** Performs a plan, or a passage of it, in seconds and Hz. A rest is a gap; a note of the passage begins at time 0. */
export function performanceOf(plan: Plan, { from, to, pace, slides }: PerformanceChoice): Performance {
  const secondsPerWhole = (4 * 60) / ((plan.brief.tempo ?? USUAL_TEMPO) * pace);
  const times = soundingTimes(plan.line);
  const timeOf = (index: number): SoundingTime => times[index] ?? { onset: 0, length: 0 };
  const start = timeOf(from).onset;
  const end = timeOf(to).onset + timeOf(to).length;
  const shifts = new Map(plan.shifts.map((shift) => [shift.from, shift]));
  const hzOf = rememberedHz(plan);
  const notes = plan.notes.slice(from, to + 1).flatMap((note, offset): readonly PlayedNote[] => {
    if (note.kind === 'rest') return [];
    const index = from + offset;
    const { onset, length } = timeOf(index);
    const seconds = length * secondsPerWhole;
    const shift = shifts.get(index);
    return playOut(plan, note, {
      note: index,
      at: (onset - start) * secondsPerWhole,
      ...soundingTimeOf(plan.line, index, { seconds, slursOn: index < to }),
      hz: hzOf(note),
      slurred: index > from && inOneBow(plan.line.notes[index - 1]),
      accent: isAccented(plan.line, index),
      slide: (slides || shift?.expressive === true) && shift && index < to ? slideOf(plan, note, shift, seconds) : null,
    });
  });
  const seconds = (end - start) * secondsPerWhole;
  const countIn = countInOf(plan, from, start, secondsPerWhole);
  return { notes, beats: beatsBetween(plan, start, end, secondsPerWhole), countIn, seconds };
}

/** The shares of its time for which a note sounds. */
const SOUNDS_FOR: Readonly<Record<Articulation, number>> = {
  staccato: 0.5,
  staccatissimo: 0.3,
  tenuto: 1,
  'detached-legato': 0.8,
};

/** Gives the time for which a note sounds, and whether its bow goes on: a short note stops it, within a slur too. */
function soundingTimeOf(
  { notes }: Plan['line'],
  index: number,
  { seconds, slursOn }: Pick<PlayedNote, 'seconds' | 'slursOn'>,
): Pick<PlayedNote, 'seconds' | 'slursOn'> {
  const note = notes[index];
  const articulation = note?.kind === 'note' ? note.articulation : null;
  const share = articulation ? SOUNDS_FOR[articulation] : 1;
  return share < 1 ? { seconds: seconds * share, slursOn: false } : { seconds, slursOn: slursOn && inOneBow(note) };
}

/** Tells whether a note is played with an accent. */
function isAccented({ notes }: Plan['line'], index: number): boolean {
  const note = notes[index];
  return note?.kind === 'note' && note.accent !== null;
}

/**
 * Lists the drones for a line from one of its notes on: the tonic there, in the octave below its lowest note or that note itself, or an
 * open string; Hz.
 */
export function droneHz(plan: Plan, on: 'tonic' | { readonly open: string }, from: number): number | null {
  const instrument = instrumentOf(plan);
  if (on !== 'tonic') {
    const string = instrument.strings.find(({ name }) => name === on.open);
    return string ? frequencyHz(string.open, instrument.a4Hz) : null;
  }
  const lowest = Math.min(...lowestHz(plan));
  if (!Number.isFinite(lowest)) return null;
  const tonic = frequencyHz({ ...keyAt(plan.line, from).tonic, octave: 4 }, instrument.a4Hz);
  return tonic * 2 ** Math.floor(Math.log2((lowest * 1.01) / tonic));
}

function lowestHz(plan: Plan): readonly number[] {
  const hzOf = rememberedHz(plan);
  return plan.notes.slice(0, MOST_COMPARED).flatMap((note) => (note.kind === 'note' ? hzOf(note).slice(0, 1) : []));
}

/** The largest number of arguments in one call of `Math.min`: the longest line there is. */
const MOST_COMPARED = 10_000;

/** The frequencies are remembered because a long line has few different notes: each is calculated once. */
function rememberedHz(plan: Plan): (note: PlannedSound) => readonly number[] {
  const known = new Map<string, readonly number[]>();
  return (note) => {
    const intonation = intonationOf(plan, note);
    const sounds = note.stops.map((stop) => `${stop.open} ${stop.pitch} ${stop.finger === '0'} ${stop.harmonic}`).join('+');
    const key = `${displayPitchClass(intonation.tonic)} ${sounds}`;
    const hz = known.get(key) ?? intonedStops(plan, note, intonation).map(({ target }) => target.hz);
    known.set(key, hz);
    return hz;
  };
}

/**
 * Gives the slide that is heard of a shift. It follows the guide, but only along the part of its way between the two notes: beyond the goal
 * the finger is silent. Over an open string or a rest nothing is heard, and one pitch under two fingers does not slide.
 */
function slideOf(plan: Plan, note: PlannedSound, shift: Shift, seconds: number): Slide | null {
  const arrival = plan.notes[shift.to];
  if (shift.throughOpenString || shift.throughRest || arrival?.kind !== 'note') return null;
  const way = wayHeard(plan, shift, [stoppedHz(plan, note), stoppedHz(plan, arrival)]);
  if (way === null || way[0] === way[1]) return null;
  return {
    seconds: travelSeconds(seconds) * (shift.expressive ? EXPRESSIVE : 1),
    fromHz: way[0],
    toHz: way[1],
  };
}

/** The part of a guide's way that is heard: from the old note on, into the new note, all of it, or nothing. */
const HEARD: Readonly<Record<Guide['kind'], 'from' | 'into' | 'all' | 'none'>> = {
  'old-finger': 'from',
  'first-finger': 'from',
  thumb: 'from',
  'new-finger': 'into',
  'same-finger': 'all',
  harmonic: 'none',
  'open-string': 'none',
  substitution: 'none',
};

/** Gives both ends of a slide between two notes, Hz; null for none. */
function wayHeard(plan: Plan, { guides }: Shift, [fromHz, toHz]: readonly [number, number]): readonly [number, number] | null {
  const [guide] = guides;
  const heard = guide ? HEARD[guide.kind] : 'none';
  if (!guide || heard === 'none') return null;
  const [low, high] = [Math.min(fromHz, toHz), Math.max(fromHz, toHz)];
  const passedHz = guide.inBetween && heard !== 'all' ? Math.min(Math.max(hzAt(plan, guide.inBetween), low), high) : toHz;
  return heard === 'into' ? [passedHz, toHz] : [fromHz, passedHz];
}

/** Gives the sound of the lower stopped note, Hz, as it is played. */
function stoppedHz(plan: Plan, note: PlannedSound): number {
  const sounds = intonedStops(plan, note).map(({ target }) => target.hz);
  const stopped = note.stops.findIndex(({ finger }) => finger !== '0');
  return sounds[Math.max(0, stopped)] ?? 0;
}

function hzAt(plan: Plan, { open, semitonesAboveOpen }: InBetweenNote): number {
  const instrument = instrumentOf(plan);
  const string = instrument.strings.find(({ name }) => name === open);
  return string ? frequencyHz(string.open, instrument.a4Hz) * 2 ** (semitonesAboveOpen / 12) : 0;
}

/** The time of the two lower notes of a chord of three, which lead to the two upper ones: seconds, and at most this share of its time. */
const LOWER_TWO = { seconds: 0.25, mostShare: 1 / 3 } as const;

/** Writes a note as the bow plays it: a chord two and two, in one bow; a note with its ornament played out. */
function playOut(plan: Plan, note: PlannedSound, played: PlayedNote): readonly PlayedNote[] {
  if (played.hz.length <= 2) return playOrnament(plan, note, played);
  const seconds = Math.min(LOWER_TWO.seconds, LOWER_TWO.mostShare * played.seconds);
  const lower: PlayedNote = { ...played, seconds, hz: played.hz.slice(0, 2), slursOn: true, slide: null };
  const upper: PlayedNote = {
    ...played,
    at: played.at + seconds,
    seconds: played.seconds - seconds,
    hz: played.hz.slice(1),
    slurred: true,
    accent: false,
  };
  return [lower, upper];
}

/** The length of each note of a trill and a mordent, seconds; of a short note, at most this share of it. */
const ORNAMENT = { trillSeconds: 0.085, mordentSeconds: 0.09, mostShare: 0.25 } as const;

/**
 * Plays out the ornament of a note, in one bow. A trill begins on the note, changes with the one above and comes back to rest on its own; a
 * mordent touches the other note once.
 */
function playOrnament(plan: Plan, note: PlannedSound, played: PlayedNote): readonly PlayedNote[] {
  const otherHz = ornamentHz(plan, note);
  if (otherHz === null) return [played];
  const trill = note.partner?.does === 'trill';
  const noteSeconds = Math.min(trill ? ORNAMENT.trillSeconds : ORNAMENT.mordentSeconds, ORNAMENT.mostShare * played.seconds);
  const pairs = trill ? Math.max(1, Math.floor(played.seconds / noteSeconds / 2) - 1) : 1;
  const parts = [...Array.from({ length: 2 * pairs }, () => noteSeconds), played.seconds - 2 * pairs * noteSeconds];
  return parts.map((seconds, order) => ({
    ...played,
    at: played.at + order * noteSeconds,
    seconds,
    hz: order % 2 === 0 ? played.hz : [otherHz],
    accent: order === 0 && played.accent,
    slurred: order > 0 || played.slurred,
    slursOn: order < parts.length - 1 || played.slursOn,
    slide: order === parts.length - 1 ? played.slide : null,
  }));
}

function beatsBetween({ line }: Plan, start: number, end: number, secondsPerWhole: number): readonly Beat[] {
  return measuresOf(line).flatMap(({ onset, meter: { beats, beatValue } }) =>
    Array.from({ length: beats }, (_, beat) => ({ moment: asNumber(onset) + beat / beatValue, strong: beat === 0 }))
      .filter(({ moment }) => moment > start - TINY && moment < end - TINY)
      .map(({ moment, strong }) => ({ at: (moment - start) * secondsPerWhole, strong })),
  );
}

/** Moments are exact fractions; as decimal numbers they may differ by a hair. */
const TINY = 1e-9;

/**
 * Gives as many beats as a measure has, before the start: music that begins within a measure, as a pick-up does, is counted into where it
 * stands.
 */
function countInOf({ line }: Plan, from: number, start: number, secondsPerWhole: number): readonly Beat[] {
  const { beats, beatValue } = signatureAt(line, from).meter;
  const barLine = line.changes[changeBefore(line, from)]?.onset;
  const into = start - (barLine ? asNumber(barLine) : 0);
  const first = Math.ceil(into * beatValue) - beats;
  return Array.from({ length: beats }, (_, order) => {
    const beat = first + order;
    return { at: (beat / beatValue - into) * secondsPerWhole, strong: (beat + beats) % beats === 0 };
  });
}
