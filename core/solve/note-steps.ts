import { type Task, taskAt } from '#core/brief';
import { wishPart } from '#core/brief/parts/wishes';
import type { Placement } from '#core/hand/placement';
import { inOneBow, type LineNote, type NoteContent, type SoundingTime, soundingTimes } from '#core/material/line';
import { formatPitch, semitonesOf } from '#core/pitch';
import { asNumber } from '#core/fraction';
import { allPlacements, candidatesFor, type HandOnInstrument, highestUsefulAnchor, type WantedNote } from '#core/search/candidates';
import type { Gap, NoteRole } from '#core/search/costs';
import type { LatticeNote } from '#core/search/lattice';

/** A sounding note of the line, its place in it, and its candidates. */
export interface NoteStep extends LatticeNote {
  /** The index in the line, where rests count. */
  readonly index: number;
}

/** A note of the line that is no rest. */
export type Sounding = Extract<LineNote, NoteContent>;

/** A sounding note and its place in the line. */
export interface SoundingAt {
  /** The note itself. */
  readonly note: Sounding;
  /** The index in the line, where rests count. */
  readonly index: number;
  /** The time at which it sounds. */
  readonly time: SoundingTime;
}

/** Lists the notes of the line that are no rests, in order. */
export function soundingNotes({ line }: Task): readonly SoundingAt[] {
  const times = soundingTimes(line);
  return line.notes.flatMap((note, index) => {
    const time = times[index];
    return note.kind === 'note' && time ? [{ note, index, time }] : [];
  });
}

/**
 * Lists the sounding notes of the line with the placements that limits and locks allow; equal notes share one array. `wherever` keeps those
 * too that lie higher than is useful for the line.
 */
export function noteSteps(task: Task, wherever = false): readonly NoteStep[] {
  const sounding = soundingNotes(task);
  if (wherever) return stepsUpTo(task, sounding, task.hand.highestAnchor);
  const steps = stepsUpTo(task, sounding, usefulAnchor(task, sounding));
  const isBeyond = steps.some(({ index, candidates }) => task.locks.has(index) && candidates.length === 0);
  return isBeyond ? stepsUpTo(task, sounding, task.hand.highestAnchor) : steps;
}

/** Lists the steps of a line for a hand that goes no higher than an anchor. */
function stepsUpTo(task: Task, sounding: readonly SoundingAt[], highestAnchor: number): readonly NoteStep[] {
  const board = { ...task, highestAnchor };
  const roles = noteRoles(task, sounding);
  const shared = new Map<string, readonly Placement[]>();
  const at = taskAt(task);
  return sounding.map(({ note, index }, order) => {
    const here = at(index);
    const before = sounding[order - 1];
    const lock = task.locks.get(index) ?? null;
    const role = roles[order] ?? PLAIN;
    const { first } = role;
    const wanted = wantedNote(task, note, role.chromatic);
    const key = `${keyOf(wanted)} ${pairsKey(note)} ${lock === null ? '' : JSON.stringify(lock)} ${first} ${limitsKey(task, here)} ${here.key.fifths}`;
    const candidates = shared.get(key) ?? candidatesFor(here, everyWay({ ...board, keyed: here.keyed }, note, wanted), lock, first);
    shared.set(key, candidates);
    const gap = before ? gapAt(task, sounding, roles, order) : null;
    return { index, candidates, role, gap, ...(here === task ? {} : { setting: here }) };
  });
}

/** Gives the notes of a line with the placements they had, as another reading of the same brief prices them. */
export function stepsAgain(task: Task, steps: readonly NoteStep[]): readonly NoteStep[] {
  const roles = noteRoles(task, soundingNotes(task));
  const at = taskAt(task);
  return steps.map(({ index, candidates, gap }, order) => {
    const here = at(index);
    return { index, candidates, role: roles[order] ?? PLAIN, gap, ...(here === task ? {} : { setting: here }) };
  });
}

/** Gives the key that tells apart what is asked of a note beyond the whole line. */
function limitsKey(task: Task, here: Task): string {
  return here.limits
    .slice(task.limits.length)
    .map((limit) => task.stretches.findIndex(({ limits }) => limits.includes(limit)))
    .join();
}

/** Lists every placement of a note of the line, by any finger the school sets, limits and locks apart. */
export function placementsOfNote(task: Task, order: number): readonly Placement[] {
  const sounding = soundingNotes(task);
  const note = sounding[order]?.note;
  const { keyed } = taskAt(task)(sounding[order]?.index ?? 0);
  const board = { ...task, keyed, highestAnchor: task.hand.highestAnchor };
  return note ? everyWay(board, note, wantedNote(task, note, inChromaticRuns(sounding)[order] ?? false)) : [];
}

function everyWay(board: HandOnInstrument, note: Sounding, wanted: WantedNote): readonly Placement[] {
  const placements = allPlacements(board, wanted);
  const { fingerPairs } = note;
  if (fingerPairs === null) return placements;
  return placements.filter((placement) => fingerPairs.some(([low, high]) => placement.finger === low && placement.upper?.finger === high));
}

function wantedNote(task: Task, note: Sounding, chromatic: boolean): WantedNote {
  const allowed = task.limits.some(({ rule }) => rule.harmonics === true);
  const { pitch, upper, top, fingerPairs, ornament } = note;
  return {
    pitch,
    upper,
    top,
    chromatic,
    harmonics: harmonicsFor(note, allowed),
    wide: fingerPairs !== null,
    other: ornament?.other ?? null,
  };
}

function harmonicsFor({ harmonic }: Sounding, allowed: boolean): WantedNote['harmonics'] {
  if (harmonic !== null) return harmonic === 'natural' ? 'only' : 'stopped';
  return allowed ? 'too' : 'none';
}

function keyOf({ pitch, upper, top, chromatic, harmonics, other }: WantedNote): string {
  return `${formatPitch(pitch)} ${upper ? formatPitch(upper) : ''} ${top ? formatPitch(top) : ''} ${chromatic} ${harmonics} ${other ? formatPitch(other) : ''}`;
}

function pairsKey({ fingerPairs }: Sounding): string {
  return fingerPairs === null ? '' : fingerPairs.join(' ');
}

/** The role of a note like any other. */
const PLAIN: NoteRole = { first: false, last: false, hard: false, pedal: false, openWay: null, chromatic: false, turns: false };

/** Finds the role of each sounding note in its line. */
function noteRoles(task: Task, sounding: readonly SoundingAt[]): readonly NoteRole[] {
  const chromatic = inChromaticRuns(sounding);
  const hard = hardNotes(sounding);
  const pedal = pedalNotes(task, sounding);
  const openWays = openWaysOf(task, sounding);
  const turns = turningNotes(task, sounding);
  return sounding.map((_, order) => ({
    first: order === 0,
    last: order === sounding.length - 1,
    hard: hard[order] ?? false,
    pedal: pedal[order] ?? false,
    openWay: openWays[order] ?? null,
    chromatic: chromatic[order] ?? false,
    turns: turns[order] ?? false,
  }));
}

/**
 * Finds pedal notes: notes on the pitch of an open string that the line keeps leaving and returning to (the same pitch every second note,
 * at least three times, with a note more than a tone away between; a neighbour note does not count), or two open strings in alternation.
 */
function pedalNotes({ instrument }: Task, sounding: readonly SoundingAt[]): readonly boolean[] {
  const open = new Set(instrument.strings.map(({ semitones }) => semitones));
  const sounds = singleSounds(sounding);
  const returns = (order: number, pitch: number): boolean => sounds[order] === pitch && sounds[order + 2] === pitch;
  const leaves = (order: number, pitch: number): boolean => {
    const between = sounds[order + 1];
    return between === null || (between !== undefined && Math.abs(between - pitch) > NEIGHBOUR_NOTE);
  };
  const comesBack = (order: number): boolean => {
    const pitch = sounds[order];
    if (pitch == null || !open.has(pitch) || sounds[order + 1] === pitch || sounds[order + 3] === pitch) return false;
    return returns(order, pitch) && returns(order + 2, pitch) && (leaves(order, pitch) || leaves(order + 2, pitch));
  };
  const alternates = (order: number): boolean => {
    const [one, other] = [sounds[order], sounds[order + 1]];
    if (one == null || other == null || one === other || !open.has(one) || !open.has(other)) return false;
    return returns(order, one) && returns(order + 1, other);
  };
  const isPedal = (order: number): boolean =>
    [0, 2, 4].some((back) => comesBack(order - back)) || [0, 1, 2, 3].some((back) => alternates(order - back));
  return sounds.map((_, order) => isPedal(order));
}

/** Finds the notes between two of one pitch that an open string has. */
function turningNotes({ instrument }: Task, sounding: readonly SoundingAt[]): readonly boolean[] {
  const open = new Set(instrument.strings.map(({ semitones }) => semitones));
  const sounds = singleSounds(sounding);
  return sounds.map((sound, order) => {
    const before = sounds[order - 1];
    return before != null && before === sounds[order + 1] && before !== sound && open.has(before);
  });
}

/** Lists the sounds of the notes, semitones; null for double stops and harmonics. */
function singleSounds(sounding: readonly SoundingAt[]): readonly (number | null)[] {
  return sounding.map(({ note }) => (note.upper || note.harmonic !== null ? null : semitonesOf(note.pitch)));
}

/** The distance up to which a note is a neighbour, semitones. */
const NEIGHBOUR_NOTE = 2;

/**
 * Finds the direction in which the line comes to each pitch that an open string has; to the first, the direction in which it goes on. Null
 * everywhere while the weights make no difference, so that equal notes stay equal.
 */
function openWaysOf({ instrument, weights }: Task, sounding: readonly SoundingAt[]): readonly NoteRole['openWay'][] {
  if (weights.openGoingUp === 0 && weights.openGoingDown === 0) return sounding.map(() => null);
  const open = new Set(instrument.strings.map(({ semitones }) => semitones));
  const sounds = sounding.map(({ note }) => semitonesOf(note.pitch));
  return sounds.map((pitch, order) => {
    if (!open.has(pitch)) return null;
    const rises = order === 0 ? (sounds[1] ?? pitch) >= pitch : pitch > (sounds[order - 1] ?? pitch);
    return rises ? 'up' : 'down';
  });
}

/** The semitone steps in one direction that make a run; every note of it may leave its letter. */
const RUN_STEPS = 3;

function inChromaticRuns(sounding: readonly SoundingAt[]): readonly boolean[] {
  const steps = sounding.slice(1).map(({ note }, index) => {
    const before = sounding[index]?.note;
    return before && !note.upper && !before.upper ? semitonesOf(note.pitch) - semitonesOf(before.pitch) : 0;
  });
  const marked = sounding.map(() => false);
  for (let start = 0; start < steps.length;) {
    let end = start;
    while (end < steps.length && steps[end] === steps[start] && Math.abs(steps[start] ?? 0) === 1) end += 1;
    if (end - start >= RUN_STEPS) marked.fill(true, start, end + 1);
    start = Math.max(end, start + 1);
  }
  return marked;
}

/** Finds the notes that want a strong finger: long ones (twice the median value or more) and the highest pitch. */
function hardNotes(sounding: readonly SoundingAt[]): readonly boolean[] {
  const lengths = sounding.flatMap(({ note }) => (note.grace ? [] : [asNumber(note.duration)])).toSorted((one, other) => one - other);
  const usual = lengths[Math.floor(lengths.length / 2)] ?? 0;
  const top = Math.max(...sounding.slice(0, MOST_COMPARED).map(({ note }) => semitonesOf(highestOf(note))));
  return sounding.map(({ note }) => (!note.grace && asNumber(note.duration) >= 2 * usual) || semitonesOf(highestOf(note)) === top);
}

function highestOf({ pitch, upper, top }: Sounding): Sounding['pitch'] {
  return top ?? upper ?? pitch;
}

/** The largest number of arguments in one call of `Math.max`: the longest line there is. */
const MOST_COMPARED = 10_000;

/** Finds how high the hand may go for this line. */
function usefulAnchor(task: Task, sounding: readonly SoundingAt[]): number {
  if (wantsHighPlaces(task)) return task.hand.highestAnchor;
  return highestUsefulAnchor(task, {
    pitches: sounding.map(({ note }) => highestOf(note)),
    short: sounding.length <= SHORT_LINE,
    doubleStops: sounding.some(({ note }) => note.upper !== null),
    limits: [...task.limits, ...task.stretches.flatMap(({ limits }) => limits)],
  });
}

/**
 * The length up to which lines are looked for higher up, too: it takes no time, and what is said of each note is true of all that a hand
 * could do.
 */
const SHORT_LINE = 9;

/** Tells whether a line may be worth playing high on a low string, because crossings or shifts count for more than usual. */
function wantsHighPlaces({ wishes, stretches, brief }: Task): boolean {
  return (
    [...wishes.keys(), ...stretches.flatMap((passage) => [...passage.wishes.keys()])].some((wish) => wishPart(wish).mayGoHigh === true) ||
    brief.weights !== undefined
  );
}

const OCTAVE = 12;

/** The intervals that double stops keep in a row, from an octave to a tenth, semitones. */
const ROW_INTERVALS: readonly number[] = [OCTAVE, 15, 16];

/** Gives the width of a double stop of a row, an octave or a tenth; null for any other. */
function rowIntervalOf({ pitch, upper, top }: Sounding): 'octave' | 'tenth' | null {
  const semitones = upper === null || top !== null ? 0 : semitonesOf(upper) - semitonesOf(pitch);
  if (!ROW_INTERVALS.includes(semitones)) return null;
  return semitones === OCTAVE ? 'octave' : 'tenth';
}

/** Tells whether a double stop is a minor or major third. */
function isThird({ pitch, upper, top }: Sounding): boolean {
  const semitones = upper === null || top !== null ? 0 : semitonesOf(upper) - semitonesOf(pitch);
  return semitones === 3 || semitones === 4;
}

function isBrokenOctave(before: SoundingAt | undefined, here: SoundingAt | undefined): boolean {
  if (!before || !here || before.note.upper || here.note.upper) return false;
  return Math.abs(semitonesOf(here.note.pitch) - semitonesOf(before.note.pitch)) === OCTAVE;
}

/**
 * Gives the gap before a note that is not the first.
 *
 * @throws for the first note
 */
function gapAt(task: Task, sounding: readonly SoundingAt[], roles: readonly NoteRole[], order: number): Gap {
  const [before, here] = [sounding[order - 1], sounding[order]];
  if (!before || !here) throw new RangeError(`Note ${order} of ${sounding.length} has no note before it`);
  const both = [roles[order - 1], roles[order]];
  return {
    ...gapBetween(task, before, here),
    ...octavesAt(sounding, order),
    thirds: isThird(before.note) && isThird(here.note),
    semitones: both.every((role) => role?.chromatic === true),
    rocks: both.some((role) => role?.pedal === true),
  };
}

/**
 * Tells whether a step belongs to a row of octaves: every step among broken octaves that follow each other does, and every step between
 * two double stops of the same width.
 */
function octavesAt(sounding: readonly SoundingAt[], order: number): Pick<Gap, 'octave' | 'octaveRow'> {
  const isOctaveAt = (later: number): boolean => isBrokenOctave(sounding[later - 1], sounding[later]);
  const octave = isOctaveAt(order) && (isOctaveAt(order - 2) || isOctaveAt(order + 2));
  if (octave || (isOctaveAt(order - 1) && isOctaveAt(order + 1))) return { octave, octaveRow: !octave };
  const [before, here] = [sounding[order - 1], sounding[order]].map((sound) => sound && rowIntervalOf(sound.note));
  return { octave, octaveRow: here != null && here === before };
}

function gapBetween({ tempo }: Task, before: SoundingAt, here: SoundingAt): Pick<Gap, 'rest' | 'slurred' | 'seconds'> {
  const rest = here.index - before.index > 1;
  const quarters = 4 * (here.time.onset - before.time.onset);
  return { rest, slurred: inOneBow(before.note) && !rest, seconds: tempo === null ? null : (quarters * 60) / tempo };
}
