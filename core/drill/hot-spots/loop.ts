import { keyAt } from '#core/material/measures';
import { checksOfStop } from '#core/fit/intoned';
import type { Check } from '#core/intonation/checks';
import type { Plan, PlannedSound, Stop } from '#core/plan/describe';
import { STRING_NUMBERS } from '#core/instrument';
import { formatKey } from '#core/key';
import { formatPitch, parsePitch, respell, semitonesOf, stepsOf } from '#core/pitch';
import { type Alteration, type Drill, drillBrief, type DrillFor, drillFor, type DrillNote, type Written, noteOfPlan } from '#core/drill';
import { soundAt } from './places.ts';

/** The way a loop is written. */
export interface LoopHow {
  /** Whether fingers stay down or are lifted; null leaves that to the school. */
  readonly fingers: 'held' | 'lifted' | null;
  /** Whether the note at each end is checked with an open string, where one tells. */
  readonly checks: boolean;
}

/** The length of each note of a loop. */
const QUARTER = '1/4';

/**
 * Writes some notes of a plan as a loop: there and back, fingered as in the plan, so that the hard place comes up and down. A note is
 * checked with the best open string that there is: together where they lie side by side, else after it.
 */
export function loopOf(plan: Plan, notes: readonly number[], how: LoopHow): Drill {
  const { measures, altered } = loopWritten(plan, notes, how);
  return {
    brief: drillBrief(withLoopFingers(drillFor(plan.brief), how), formatKey(keyAt(plan.line, notes[0] ?? 0)), measures.flat()),
    altered,
  };
}

/** Gives the player fingers that stay down or are lifted, as the loop has it. */
export function withLoopFingers(player: DrillFor, { fingers }: Pick<LoopHow, 'fingers'>): DrillFor {
  return fingers === null ? player : { ...player, ways: { ...player.ways, fingers } };
}

/** Writes the one measure of such a loop. */
export function loopWritten(plan: Plan, notes: readonly number[], { checks }: Pick<LoopHow, 'checks'>): Written {
  const back = notes.slice(0, -1).toReversed();
  const ends = new Set([notes[0], notes[notes.length - 1]]);
  const written = [...notes, ...back].flatMap((index, order, all) => {
    const sound = soundAt(plan, index);
    if (!sound) return [];
    const next = soundAt(plan, all[order + 1] ?? all[order - 1] ?? index);
    const note = asPlanned(sound, next ?? sound);
    return checks && ends.has(index) ? [note, ...checkAfter(plan, sound)] : [note];
  });
  return { measures: [written], altered: checks ? [...ends].flatMap((index) => uncheckable(plan, index)) : [] };
}

/** Writes a note as it is fingered in the plan; `next` is a note beside it in the loop. */
function asPlanned(sound: PlannedSound, next: PlannedSound): DrillNote {
  const [lower, upper] = sound.stops;
  const written = noteOfPlan(sound, QUARTER);
  return upper || next.anchor !== sound.anchor ? written : { ...written, pitches: [spellBeside(lower, next.stops[0])] };
}

/** Spells two notes under one finger, a semitone apart, by one letter; in a run of semitones they may have two. */
function spellBeside(stop: Stop, next: Stop): string {
  const [pitch, other] = [parsePitch(stop.pitch), parsePitch(next.pitch)];
  if (!pitch.ok || !other.ok || stop.finger !== next.finger || stop.string !== next.string) return stop.pitch;
  const letters = stepsOf(other.value) - stepsOf(pitch.value);
  const semitones = semitonesOf(other.value) - semitonesOf(pitch.value);
  if (letters !== 1 || semitones !== 1) return stop.pitch;
  const spelled = respell(pitch.value, 1);
  return spelled ? formatPitch(spelled) : stop.pitch;
}

/**
 * Writes the note again with its open neighbour, or the open string by itself where the two cannot sound at once or the higher string would
 * sound the lower note; nothing for an open string or where no string fits.
 */
export function checkAfter(plan: Plan, sound: PlannedSound): readonly DrillNote[] {
  const [stop] = sound.stops;
  const check = openCheck(plan, sound);
  if (!check) return [];
  const open = { pitch: check.open, string: check.open, finger: '0' } as const;
  const stopped = { pitch: stop.pitch, string: stop.open, finger: stop.finger };
  const isUpper = STRING_NUMBERS.indexOf(stop.string) < STRING_NUMBERS.indexOf(check.string);
  const [lower, upper] = isUpper ? [open, stopped] : [stopped, open];
  if (check.sounded === 'one-after-the-other' || soundOf(lower.pitch) > soundOf(upper.pitch))
    return [{ pitches: [check.open], fingered: { string: check.open, finger: '0' }, duration: QUARTER }];
  const fingered = { string: lower.string, finger: lower.finger, upperFinger: upper.finger };
  return [{ pitches: [lower.pitch, upper.pitch], fingered, duration: QUARTER }];
}

/** Finds the best check with an open string. */
function openCheck(plan: Plan, sound: PlannedSound): Check | undefined {
  return checksOfStop(plan, sound, sound.stops[0]).find(({ place }) => place === null);
}

function uncheckable(plan: Plan, index: number | undefined): readonly Alteration[] {
  const sound = index === undefined ? null : soundAt(plan, index);
  if (!sound || sound.stops[0].finger === '0' || openCheck(plan, sound)) return [];
  return [{ what: 'no-check', pitch: sound.stops[0].pitch }];
}

function soundOf(text: string): number {
  const pitch = parsePitch(text);
  return pitch.ok ? semitonesOf(pitch.value) : 0;
}
