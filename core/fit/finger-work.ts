import { waysOf } from '#core/brief';
import { answerOf } from '#core/brief/parts/school';
import { type Finger, rankOf } from '#core/hand/placement';
import type { StringNumber } from '#core/instrument';
import type { Plan, PlannedNote } from '#core/plan/describe';
import { asNumber } from '#core/fraction';

/** A finger at its place on a string. */
export interface FingerOn {
  /** Never 0: an open string has no finger on it. */
  readonly finger: Finger;
  /** The string it stands on. */
  readonly string: StringNumber;
  /** The height on the string, semitones above the open note. */
  readonly semitonesAboveOpen: number;
}

/** The work of every finger of the left hand at one note. */
export interface FingersAt {
  /** The line index of the note. */
  readonly note: number;
  /** The fingers that sound it; empty for an open string or a rest. */
  readonly playing: readonly FingerOn[];
  /** The fingers that played before and stay down, on this string or another. */
  readonly held: readonly FingerOn[];
  /** The fingers set down together with the one that plays, because they are needed below it before the line leaves the string. */
  readonly set: readonly FingerOn[];
  /** The fingers that leave the string as this note begins. */
  readonly lifted: readonly FingerOn[];
  /** The free fingers that wait above another string for the note they play there. */
  readonly hovering: readonly FingerOn[];
}

/** The time from note to note below which fingers are prepared as soon as they are free, seconds. */
const QUICK_SECONDS = 0.3;

/** The number of notes within which a finger on a string that the line has left stays down to play there again. */
const SOON = { quick: 8, slow: 4 } as const;

/**
 * Finds what the fingers do at every note of a plan, by school and tempo. Where fingers are held, lower fingers stay down as the line goes
 * up; higher ones lift for a lower note; the fingers that a line will need below the one that plays are set with it; a finger on another
 * string stays if it soon plays there again. Where they are lifted, only the finger that plays is down. In both cases the finger of the
 * next string hovers over it: at a quick tempo from the note from which it is free, else from the note before. A shift takes all fingers
 * along, so every stay begins again.
 */
export function fingerWork(plan: Plan): readonly FingersAt[] {
  const held = answerOf(waysOf(plan.brief), 'fingers') === 'held';
  const quick = isQuick(plan);
  let down: readonly FingerOn[] = [];
  return plan.notes.map((note, index) => {
    const before = beginsStay(plan, index) ? [] : down;
    const playing = stopsOf(note);
    const moment: Moment = { plan, index, note, playing, quick };
    const staying = held ? before.filter((finger) => !isAmong(playing, finger) && staysDown(finger, moment)) : [];
    const set = held ? setWith(plan, index, playing, before) : [];
    const now = [...playing, ...staying, ...set];
    down = now;
    const lifted = before.filter((finger) => !isAmong(now, finger));
    return { note: index, playing, held: staying, set, lifted, hovering: hoveringAt(plan, index, now, quick) };
  });
}

/** Lists the fingers of a note: those that stop it, and the one that plays its ornament or touches its harmonic. */
function stopsOf(note: PlannedNote | undefined): readonly FingerOn[] {
  if (note?.kind !== 'note') return [];
  const all = [...note.stops, ...(note.partner ? [note.partner] : [])];
  return all.flatMap(({ finger, string, semitonesAboveOpen }) => (finger === '0' ? [] : [{ finger, string, semitonesAboveOpen }]));
}

function beginsStay({ stays }: Plan, index: number): boolean {
  return stays.some(({ from }) => from === index);
}

/** Finds the last note the hand plays where it stands at this one. */
function endOfStay({ stays }: Plan, index: number): number {
  return stays.find(({ from, to }) => index >= from && index <= to)?.to ?? index;
}

interface Moment {
  readonly plan: Plan;
  readonly index: number;
  readonly note: PlannedNote;
  readonly playing: readonly FingerOn[];
  /** Whether fingers are prepared as soon as they are free. */
  readonly quick: boolean;
}

/** Tells whether a finger that is down may stay: it is not needed elsewhere, stops no lower note, and is of use on its string. */
function staysDown(finger: FingerOn, { plan, index, note, playing, quick }: Moment): boolean {
  if (note.kind === 'rest') return false;
  if (playing.some((other) => other.finger === finger.finger)) return false;
  const here = note.stops.find(({ string }) => string === finger.string);
  if (here) return here.semitonesAboveOpen > finger.semitonesAboveOpen && !(quick && leavesForNext(plan, index, finger));
  const until = Math.min(endOfStay(plan, index), index + (quick ? SOON.quick : SOON.slow));
  return plan.notes.slice(index + 1, until + 1).some((later) => isAmong(stopsOf(later), finger));
}

/** Lists the fingers below the one that plays that the line needs before it leaves the string, and that are not down yet. */
function setWith(plan: Plan, index: number, playing: readonly FingerOn[], down: readonly FingerOn[]): readonly FingerOn[] {
  const [top] = playing;
  if (!top || playing.length > 1) return [];
  const set: FingerOn[] = [];
  for (const later of plan.notes.slice(index + 1, endOfStay(plan, index) + 1)) {
    const [next] = stopsOf(later);
    if (next?.string !== top.string || next.semitonesAboveOpen > top.semitonesAboveOpen) break;
    if (isBelow(next, top) && !stands(next, [...set, ...down])) set.push(next);
  }
  return set;
}

/** Tells whether one finger of the hand is lower than another. */
function isBelow({ finger }: FingerOn, top: FingerOn): boolean {
  return (rankOf(finger) ?? 0) < (rankOf(top.finger) ?? 0);
}

/** Tells whether a finger stands on its string already. */
function stands({ finger, string }: FingerOn, fingers: readonly FingerOn[]): boolean {
  return fingers.some((other) => other.finger === finger && other.string === string);
}

/** Tells whether a finger that is down is the one that plays next on another string, and does not play on its own before that. */
function leavesForNext(plan: Plan, index: number, { finger }: FingerOn): boolean {
  const next = nextAway(plan, index);
  return next !== null && next.there.finger === finger && !next.before.some((fingers) => fingers.some((other) => other.finger === finger));
}

/** Finds the next finger on another string while the hand stays, and the fingers of the notes before it; null where there is none. */
function nextAway(plan: Plan, index: number): { readonly there: FingerOn; readonly before: readonly (readonly FingerOn[])[] } | null {
  const here = plan.notes[index];
  if (here?.kind !== 'note') return null;
  const strings = new Set(here.stops.map(({ string }) => string));
  const following = plan.notes.slice(index + 1, endOfStay(plan, index) + 1);
  const away = following.findIndex((note) => note.kind === 'note' && !strings.has(note.stops[0].string));
  const [there] = stopsOf(following[away]);
  return there ? { there, before: following.slice(0, away).map(stopsOf) } : null;
}

/** Finds the finger that plays next on another string, where it is free to wait above it. */
function hoveringAt(plan: Plan, index: number, down: readonly FingerOn[], quick: boolean): readonly FingerOn[] {
  const next = nextAway(plan, index);
  if (next === null || (next.before.length > 0 && !quick)) return [];
  const busy = [down, ...next.before].some((fingers) => fingers.some(({ finger }) => finger === next.there.finger));
  return busy ? [] : [next.there];
}

/** Tells whether the usual note leaves little time at the tempo of the brief; without a tempo none is quick. */
function isQuick({ brief: { tempo }, line }: Plan): boolean {
  if (tempo === undefined) return false;
  const lengths = line.notes
    .flatMap((note) => (note.kind === 'note' && !note.grace ? [asNumber(note.duration)] : []))
    .toSorted((one, other) => one - other);
  const usual = lengths[Math.floor(lengths.length / 2)] ?? 1;
  return (4 * usual * 60) / tempo < QUICK_SECONDS;
}

function isAmong(fingers: readonly FingerOn[], { finger, string, semitonesAboveOpen }: FingerOn): boolean {
  return fingers.some((other) => other.finger === finger && other.string === string && other.semitonesAboveOpen === semitonesAboveOpen);
}
