import { type Finger, FINGERS, handMoves, isShift } from '#core/hand/placement';
import { drillIssue } from '#core/messages';
import { formatPitch, semitonesOf, stepsOf } from '#core/pitch';
import { isInKey, keyLabel } from '#core/key';
import { plan } from '#core/plan';
import type { Shift } from '#core/plan/describe';
import { badReading, goodReading, type Reading } from '#core/result';
import {
  type Alteration,
  type Drill,
  drillBrief,
  type DrillFor,
  type DrillNote,
  type Written,
  besideIn,
  drillNoteOf,
  fingersOf,
  type Ground,
  groundOf,
  isOnThumb,
  lettersBetween,
  type Standing,
  standingsOf,
  stringNamed,
} from '#core/drill';
import { classOf, reverseShift, sameClass, type ShiftClass } from './shift-class.ts';

/** The request for a study of a shift. */
export interface StudyOf {
  /** The shift that is practised. */
  readonly shift: ShiftClass;
  /** The letters from one note to the other: the study keeps to them where enough measures can. Null leaves them free. */
  readonly letters: number | null;
  /** The key, documents' form. */
  readonly key: string;
  /** The order of the measures. */
  readonly measures: StudyOrder;
}

/** The orders of the measures: each measure twice, each with the next, or all in a row. */
export const STUDY_ORDERS = ['alone', 'pairs', 'all'] as const;

/** An order of the measures of a study. */
export type StudyOrder = (typeof STUDY_ORDERS)[number];

/** A measure of a study: the shift at one place of the string. */
interface Measure {
  readonly from: Standing;
  readonly to: Standing;
  /** A note of the key beside the end that is not in it, and the end at which it stands. */
  readonly beside: { readonly end: 'from' | 'to'; readonly note: Standing } | null;
}

/** The smallest number of exact measures; with fewer the missing note is put in. */
const ENOUGH = 2;

/** The largest number of measures: an octave of them. */
const MOST_MEASURES = 8;

const QUARTER = '1/4';

/** The number of notes in a measure: see `notesOf`. */
const NOTES_A_MEASURE = 4;

/**
 * Writes a study that walks one shift up the string in a key: in every measure the same fingers, string, direction and distance. Where the
 * key has no note under one of the fingers and too few measures are exact, that finger's note is put in beside a note of the key; where
 * nothing helps, the nearest other finger, distance or string is used. The study says what was altered.
 */
export function shiftStudy(player: DrillFor, study: StudyOf): Reading<Drill> {
  const written = writeStudy(player, study);
  if (!written.ok) return written;
  const { measures, altered } = written.value;
  return goodReading({ brief: drillBrief(player, study.key, measures.flat()), altered });
}

/** Writes the measures of such a study. */
export function writeStudy(player: DrillFor, study: StudyOf): Reading<Written> {
  const ground = groundOf(player, study.key);
  if (!ground.ok) return ground;
  for (const { shift, altered } of nearest(ground.value, study.shift)) {
    const measures = playable(player, { ...study, shift }, measuresOf(ground.value, { ...study, shift }));
    if (measures.length === 0) continue;
    const found = [...insertionsIn(measures), ...missingPositions(ground.value, shift, measures)];
    return goodReading({ measures: orderMeasures(measures, study.measures).map(notesOf), altered: [...altered, ...found] });
  }
  return badReading(drillIssue('no-such-shift', { key: keyLabel(study.key) }));
}

/** A shift that may be practised instead of the one asked for, and its difference. */
interface Nearest {
  readonly shift: ShiftClass;
  readonly altered: readonly Alteration[];
}

/** Lists the shift itself, then those nearest to it: with another finger, another distance, on another string. */
function nearest(ground: Ground, shift: ShiftClass): readonly Nearest[] {
  const { fromFinger, toFinger, distance } = shift;
  const withFingers = (from: Finger, to: Finger): Nearest => ({
    shift: { ...shift, fromFinger: from, toFinger: to },
    altered: [{ what: 'other-fingers', fromFinger: from, toFinger: to }],
  });
  const withSteps = (steps: number): Nearest => ({
    shift: { ...shift, distance: { ...distance, steps } },
    altered: [{ what: 'other-distance', ...distance, steps }],
  });
  const onString = (string: string): Nearest => ({
    shift: { ...shift, fromString: string, toString: string },
    altered: [{ what: 'other-string', string }],
  });
  const strings = shift.fromString === shift.toString ? ground.instrument.strings.map(({ name }) => name) : [];
  return [
    { shift, altered: [] },
    ...nextTo(fromFinger).map((finger) => withFingers(finger, toFinger)),
    ...nextTo(toFinger).map((finger) => withFingers(fromFinger, finger)),
    ...[distance.steps - 1, distance.steps + 1].filter((steps) => steps > 0).map(withSteps),
    ...strings.filter((name) => name !== shift.fromString).map(onString),
  ];
}

/** Lists the fingers beside a finger; the open string is none. */
function nextTo(finger: Finger): readonly Finger[] {
  const order = FINGERS.indexOf(finger);
  return [FINGERS[order - 1], FINGERS[order + 1]].flatMap((finger) => (finger !== undefined && finger !== '0' ? [finger] : []));
}

/** Keeps the measures that the planner plays as they are meant; its hand may stand in a place that has the same name. */
function playable(player: DrillFor, study: StudyOf, measures: readonly Measure[]): readonly Measure[] {
  const { key, shift } = study;
  if (measures.length === 0) return [];
  const outcome = plan(drillBrief(player, key, measures.flatMap(notesOf)));
  if (!outcome.ok) return [];
  const { best } = outcome.value;
  const kept = measures.filter((_, order) => {
    const isHere = ({ from, to }: Shift): boolean => [from, to].every((note) => Math.floor(note / NOTES_A_MEASURE) === order);
    const found = best.shifts.filter(isHere).map((shift) => classOf(best, shift));
    const isMeant = (shiftClass: ShiftClass | null): boolean =>
      shiftClass !== null && (sameClass(shiftClass, shift) || sameClass(shiftClass, reverseShift(shift)));
    return found.length > 0 && found.every(isMeant);
  });
  // The remaining measures are another line, which may be played differently.
  return kept.length < measures.length ? playable(player, study, kept) : kept;
}

/** Lists the measures of a shift up the string. */
function measuresOf(ground: Ground, { shift, letters }: Pick<StudyOf, 'shift' | 'letters'>): readonly Measure[] {
  const [fromString, toString] = [stringNamed(ground.instrument, shift.fromString), stringNamed(ground.instrument, shift.toString)];
  if (fromString < 0 || toString < 0) return [];
  const froms = placesToLeave(standingsOf(ground, fromString, shift.fromFinger));
  const tos = placesToLeave(standingsOf(ground, toString, shift.toFinger));
  const pairs = froms.flatMap((from) => {
    const [to] = nearestInterval(
      from,
      tos.filter((to) => isOfClass(shift, from, to)),
      letters,
    );
    return to ? [{ from, to, beside: null }] : [];
  });
  const alike = walkUp(pairs.filter(({ from, to }) => lettersBetween(from, to) === letters));
  const exact = alike.length >= ENOUGH ? alike : walkUp(pairs);
  const measures = exact.length >= ENOUGH ? exact : walkUp([...exact, ...insertNotes(ground, shift, { froms, tos })]);
  return measures.slice(0, MOST_MEASURES);
}

/**
 * Lists the positions that may be left. In half position of violin and viola the fingers stand as in first, a letter lower, so nothing is
 * gained by shifting there.
 */
function placesToLeave(standings: readonly Standing[]): readonly Standing[] {
  return standings.filter(({ placement }) => placement.letterPosition !== 0);
}

/** Puts the arrivals that keep nearest to the interval of the notes first. */
function nearestInterval(from: Standing, tos: readonly Standing[], letters: number | null): readonly Standing[] {
  if (letters === null) return tos;
  const off = (to: Standing): number => Math.abs(lettersBetween(from, to) - letters);
  return tos.toSorted((one, other) => off(one) - off(other));
}

function isOfClass({ way, distance }: ShiftClass, from: Standing, to: Standing): boolean {
  if (!isShift(from.placement, to.placement)) return false;
  const semitones = handMoves(from.placement, to.placement);
  if (semitones > 0 !== (way === 'up')) return false;
  if (distance.by === 'semitones') return Math.abs(semitones) === distance.steps;
  return !isOnThumb(from) && !isOnThumb(to) && Math.abs(to.position - from.position) === distance.steps;
}

/** Makes one measure for each position (not on the thumb, whose position is one) and for each note that is left, from the nut up. */
function walkUp(measures: readonly Measure[]): readonly Measure[] {
  const isFirst = (placeOf: (standing: Standing) => string) => (measure: Measure, order: number, all: readonly Measure[]) =>
    all.findIndex(({ from }) => placeOf(from) === placeOf(measure.from)) === order;
  const noteOf = ({ pitch }: Standing): string => formatPitch(pitch);
  return measures
    .filter(isFirst((from) => (isOnThumb(from) ? noteOf(from) : from.label)))
    .filter(isFirst(noteOf))
    .toSorted((one, other) => stepsOf(one.from.pitch) - stepsOf(other.from.pitch));
}

/** The places where the two fingers of a shift play notes of the key. */
interface Ends {
  readonly froms: readonly Standing[];
  readonly tos: readonly Standing[];
}

/** Makes measures in which one finger's note is outside the key: the finger stands in a hand that plays a note of the key. */
function insertNotes(ground: Ground, shift: ShiftClass, { froms, tos }: Ends): readonly Measure[] {
  const atFrom = outsideKey(ground, shift.fromString, shift.fromFinger).flatMap(({ stands, note }) => {
    const to = tos.find((to) => isOfClass(shift, stands, to));
    return to ? [{ from: stands, to, beside: { end: 'from', note } } as const] : [];
  });
  const atTo = outsideKey(ground, shift.toString, shift.toFinger).flatMap(({ stands, note }) => {
    const from = froms.find((from) => isOfClass(shift, from, stands));
    return from ? [{ from, to: stands, beside: { end: 'to', note } } as const] : [];
  });
  return [...atFrom, ...atTo];
}

/** Finds where a finger stands outside the key on a string, beside another finger of the same hand that plays a note of it. */
function outsideKey(ground: Ground, open: string, own: Finger): readonly { readonly stands: Standing; readonly note: Standing }[] {
  const string = stringNamed(ground.instrument, open);
  const others = fingersOf(ground.hand).filter((finger) => finger !== own);
  return others
    .flatMap((finger) => placesToLeave(standingsOf(ground, string, finger)))
    .flatMap((note) => {
      const stands = besideIn(ground, note, own);
      return stands && !isInKey(semitonesOf(stands.pitch), ground.key) ? [{ stands, note }] : [];
    });
}

function insertionsIn(measures: readonly Measure[]): readonly Alteration[] {
  return measures.flatMap(({ from, to, beside }): readonly Alteration[] => {
    if (!beside) return [];
    const end = beside.end === 'from' ? from : to;
    return [{ what: 'note-inserted', finger: end.placement.finger, pitch: formatPitch(end.pitch), label: end.label }];
  });
}

/** Lists the positions between the first measure and the last in which the shift does not occur. */
function missingPositions({ hand }: Ground, { distance }: ShiftClass, measures: readonly Measure[]): readonly Alteration[] {
  if (distance.by === 'semitones') return [];
  const positions = measures.map(({ from }) => from.position);
  const labels = hand.positionLabels.filter(
    (_, position) => position > Math.min(...positions) && position < Math.max(...positions) && !positions.includes(position),
  );
  return labels.length > 0 ? [{ what: 'positions-left-out', labels }] : [];
}

function orderMeasures(measures: readonly Measure[], order: StudyOrder): readonly Measure[] {
  switch (order) {
    case 'alone':
      return measures.flatMap((measure) => [measure, measure]);
    case 'pairs':
      return measures.length === 1 ? measures : measures.slice(1).flatMap((measure, before) => [measures[before] ?? measure, measure]);
    case 'all':
      return measures;
  }
}

/** Writes the way there, back and a rest in which the hand goes on; a note of the key stands beside the finger that is put in. */
function notesOf({ from, to, beside }: Measure): readonly DrillNote[] {
  const [leaves, arrives] = [drillNoteOf(from), drillNoteOf(to)];
  const rest = { rest: true, duration: QUARTER } as const;
  if (beside?.end === 'from') return [drillNoteOf(beside.note), leaves, arrives, rest];
  if (beside?.end === 'to') return [leaves, arrives, drillNoteOf(beside.note), rest];
  return [leaves, arrives, leaves, rest];
}
