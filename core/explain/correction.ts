import { type Lock, waysOf } from '#core/brief';
import { answerOf, type QuestionName, questionsFor } from '#core/brief/parts/school';
import { parsePitch, semitonesOf } from '#core/pitch';
import type { Plan, PlannedNote, PlannedSound } from '#core/plan/describe';

/** The lesson of a teacher's correction of one note: an answer to a question of the school. */
export interface Correction {
  /** The question of the school that it answers. */
  readonly question: QuestionName;
  /** The side that the correction takes. */
  readonly side: string;
}

/** A note before and after it was corrected, and its neighbours. */
interface Corrected {
  readonly before: Plan;
  readonly after: Plan;
  readonly index: number;
  readonly was: PlannedSound;
  readonly is: PlannedSound;
}

/**
 * Finds the question that a correction answers: the finger or string of one note was locked in `after` and not in `before`, and the plan
 * has another for it. Of several questions it is the first; null where the correction answers none that a school decides, or nothing new.
 */
export function correctionOf(before: Plan, after: Plan, { note: index }: Lock): Correction | null {
  const [was, is] = [before.notes[index], after.notes[index]];
  if (was?.kind !== 'note' || is?.kind !== 'note' || was.stops.length > 1) return null;
  const corrected: Corrected = { before, after, index, was, is };
  const ways = waysOf(after.brief);
  const asked = questionsFor(after.brief.instrument.kind);
  const found = READ.flatMap((read) => read(corrected) ?? []).find(({ question }) => asked.includes(question));
  return found === undefined || answerOf(ways, found.question) === found.side ? null : found;
}

const READ: readonly ((corrected: Corrected) => Correction | null)[] = [
  openOrStopped,
  shiftSoonerOrLater,
  inSemitones,
  fourthAtShift,
  fourthOnTop,
];

/** Tells whether an open string was taken for a finger, or a finger for the open string. */
function openOrStopped({ after, index, was, is }: Corrected): Correction | null {
  const [before, now] = [was.stops[0].finger, is.stops[0].finger];
  if ((before === '0') === (now === '0')) return null;
  if (now !== '0' && now !== '4') return null;
  const side = now === '0' ? 'open' : 'fourth';
  return { question: risesTo(after, index) ? 'openUp' : 'openDown', side };
}

/** Tells whether the line comes to a note from below; at the first note, whether it goes on upward. */
function risesTo(plan: Plan, index: number): boolean {
  const [here, before, next] = [soundAt(plan, index) ?? 0, soundAt(plan, index - 1), soundAt(plan, index + 1)];
  return before === null ? (next ?? here) >= here : here > before;
}

/** Gives the sound in semitones above C0; null at a rest and beyond the ends. */
function soundAt({ notes }: Plan, index: number): number | null {
  const note = notes[index];
  return note?.kind === 'note' ? pitchOf(note.stops[0].pitch) : null;
}

function pitchOf(text: string): number {
  const pitch = parsePitch(text);
  return pitch.ok ? semitonesOf(pitch.value) : 0;
}

/** Tells whether one shift of the hand comes a note or more earlier or later than before, near the note that was corrected. */
function shiftSoonerOrLater({ before, after, index }: Corrected): Correction | null {
  const gone = before.shifts.filter((shift) => !after.shifts.some(({ to }) => to === shift.to));
  const come = after.shifts.filter((shift) => !before.shifts.some(({ to }) => to === shift.to));
  const [was, is] = [gone[0], come[0]];
  if (gone.length !== 1 || come.length !== 1 || !was || !is || Math.abs(is.to - index) > NEAR) return null;
  const up = is.handSemitones > 0;
  if (up !== was.handSemitones > 0 || Math.abs(is.to - was.to) > NEAR) return null;
  return { question: up ? 'shiftUp' : 'shiftDown', side: is.to < was.to ? 'early' : 'late' };
}

/** The number of notes by which a shift may be moved and still be the same shift. */
const NEAR = 3;

/** Tells whether a run of semitones got a finger of its own for a note that one finger slid to, or the other way round. */
function inSemitones({ before, after, index, was, is }: Corrected): Correction | null {
  const { kind } = after.brief.instrument;
  if (!inRun(after, index) || !sameStop(before.notes[index - 1], after.notes[index - 1])) return null;
  if (kind === 'cello') {
    const [fourth, now] = [was.stops[0].finger === '4', is.stops[0].finger === '4'];
    return fourth === now ? null : { question: 'semitones', side: now ? '1234' : '123' };
  }
  const [slid, slides] = [slidTo(before, index), slidTo(after, index)];
  return slid === slides ? null : { question: 'violinSemitones', side: slides ? 'slide' : 'each' };
}

/** Tells whether two notes are played with one finger on one string. */
function sameStop(one: PlannedNote | undefined, other: PlannedNote | undefined): boolean {
  if (one?.kind !== 'note' || other?.kind !== 'note') return false;
  return one.stops[0].finger === other.stops[0].finger && one.stops[0].string === other.stops[0].string;
}

/** Tells whether the notes on both sides lie a semitone away, in one direction. */
function inRun(plan: Plan, index: number): boolean {
  const [before, here, next] = [soundAt(plan, index - 1), soundAt(plan, index), soundAt(plan, index + 1)];
  if (before === null || here === null || next === null) return false;
  return Math.abs(here - before) === 1 && next - here === here - before;
}

/** Tells whether the finger of the note before plays this one too, a semitone on. */
function slidTo({ notes }: Plan, index: number): boolean {
  const [before, here] = [notes[index - 1], notes[index]];
  if (before?.kind !== 'note' || here?.kind !== 'note') return false;
  const [one, other] = [before.stops[0], here.stops[0]];
  return one.string === other.string && one.finger === other.finger && one.finger !== '0';
}

/** Tells whether the fourth finger was taken from a shift, or given to one. */
function fourthAtShift({ before, after, index, was, is }: Corrected): Correction | null {
  const atShift = [before, after].every(({ shifts }) => shifts.some(({ from, to }) => from === index || to === index));
  return atShift ? fourth('fourthAtShifts', was, is) : null;
}

/** Tells whether the fourth finger was taken from the top of the line, or given to it. */
function fourthOnTop({ after, index, was, is }: Corrected): Correction | null {
  const sounds = after.notes.flatMap((note) => (note.kind === 'note' ? [pitchOf(note.stops[0].pitch)] : []));
  const top = Math.max(...sounds);
  return pitchOf(is.stops[0].pitch) === top && index > 0 ? fourth('fourthOnTop', was, is) : null;
}

function fourth(question: 'fourthAtShifts' | 'fourthOnTop', was: PlannedSound, is: PlannedSound): Correction | null {
  const [before, now] = [was.stops[0].finger === '4', is.stops[0].finger === '4'];
  return before === now ? null : { question, side: now ? 'use' : 'save' };
}
