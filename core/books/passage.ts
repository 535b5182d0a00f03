import { type Brief, readPlayer } from '#core/brief';
import { partOf, withIntervalMoved } from '#core/brief/lines';
import { withGiven, withLock, withLocks, withPassages } from '#core/brief/locks';
import { readMaterial } from '#core/brief/parts/materials';
import { bestOf } from '#core/drill';
import { classedShifts } from '#core/drill/finder';
import type { ShiftClass } from '#core/drill/shifts';
import { writtenPitch } from '#core/instrument';
import { measureNumbers } from '#core/material/measures';
import type { LineNoteDocument } from '#core/material/typed';
import { formatPitch, type Interval, parsePitch, semitonesOf } from '#core/pitch';

/** A shift of a piece whose measures are asked for. */
export interface PassageAsked {
  /** The line index of the note it leaves. */
  readonly from: number;
  /** The line index of the note it arrives on. */
  readonly to: number;
  /** The interval by which the measures are moved, upward positive. */
  readonly moved: Interval;
  /** The shift as it is to be played there: its fingers and strings. */
  readonly shiftClass: ShiftClass;
}

/** The measures around a shift as a line of their own. */
export interface Passage {
  readonly brief: Brief;
  /** The line index, in the passage, of the note that the shift leaves. */
  readonly departure: number;
  /** The line index, in the passage, of the note that it arrives on. */
  readonly arrival: number;
  /** The notes that lie below the lowest string when moved, as the player reads them, documents' form; rests stand in their place. */
  readonly missing: readonly string[];
  /** Whether a hand plays it with the shift as it is asked for. */
  readonly isPlayed: boolean;
}

/** Finds the first and the last note (line indexes) of the whole measures in which a shift lies; null where the line does not read. */
function measuresAround(brief: Brief, { from, to }: Pick<PassageAsked, 'from' | 'to'>): readonly [number, number] | null {
  const line = readMaterial(brief.material, brief.rhythm);
  if (!line.ok) return null;
  const measures = measureNumbers(line.value);
  return [measures.indexOf(measures[from] ?? 1), measures.lastIndexOf(measures[to] ?? 1)];
}

/**
 * Takes the measures around a shift out of a piece, moved by an interval, with the shift locked as it is asked for. Where they are moved, all
 * other locks and a given fingering stay behind: they were for other places of the fingerboard. Null where they cannot be written there.
 */
export function passageOf(whole: Brief, { from, to, moved, shiftClass }: PassageAsked): Passage | null {
  const ends = measuresAround(whole, { from, to });
  if (!ends) return null;
  const [first, last] = ends;
  const part = partOf(whole, first, last);
  const there = moved.semitones === 0 ? part : withIntervalMoved(withPassages(withGiven(withLocks(part, []), []), []), moved);
  if (!there) return null;
  const { brief, missing } = withRestsBelow(there);
  const [departure, arrival] = [from - first, to - first];
  const locked = withLock(withLock(brief, { note: departure, string: shiftClass.fromString, finger: shiftClass.fromFinger }), {
    note: arrival,
    string: shiftClass.toString,
    finger: shiftClass.toFinger,
  });
  const plan = bestOf(locked);
  const plays =
    plan !== null &&
    classedShifts(plan).some((shift) => shift.from === departure && shift.to === arrival && hasFingers(shift.shiftClass, shiftClass));
  return { brief: plays ? locked : brief, departure, arrival, missing, isPlayed: plays };
}

function hasFingers(one: ShiftClass, other: ShiftClass): boolean {
  return one.fromFinger === other.fromFinger && one.toFinger === other.toFinger && one.way === other.way;
}

/** Puts rests in place of notes below the lowest string. */
function withRestsBelow(brief: Brief): Pick<Passage, 'brief' | 'missing'> {
  const player = readPlayer(brief);
  const { material } = brief;
  const lowest = player.ok ? player.value.instrument.strings.at(-1)?.semitones : undefined;
  if (!player.ok || material.kind !== 'line' || lowest === undefined) return { brief, missing: [] };
  const missing: string[] = [];
  const lies = (text: string): boolean => {
    const pitch = parsePitch(text);
    if (!pitch.ok || semitonesOf(pitch.value) >= lowest) return true;
    missing.push(formatPitch(writtenPitch(player.value.instrument.kind, pitch.value)));
    return false;
  };
  const notes = material.notes.map((note): LineNoteDocument => {
    if ('rest' in note) return note;
    const pitches = note.pitches.filter(lies);
    return pitches.length > 0 ? { ...note, pitches } : { rest: true, duration: note.duration };
  });
  const apart = notes.map((note, index): LineNoteDocument => {
    const next = notes[index + 1];
    if ('rest' in note || !next || !('rest' in next)) return note;
    const { slur: _, ...alone } = note;
    return alone;
  });
  return { brief: { ...brief, material: { ...material, notes: apart } }, missing: [...new Set(missing)] };
}
