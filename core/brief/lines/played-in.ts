import type { Brief } from '#core/brief';
import { readMaterial, USUAL_KEY } from '#core/brief/parts/materials';
import { keyAfter, keyAt } from '#core/material/measures';
import type { Line } from '#core/material/line';
import { type LineNoteDocument, MOST_AT_ONCE } from '#core/material/typed';
import { formatPitch, parsePitch, semitonesOf } from '#core/pitch';
import { type Key, keyOfSignature, parseKey, pitchInKey } from '#core/key';
import { withNote, withNotesInserted, writeOut } from './line-edits.ts';
import { withGiven, withLocks, withMarks, withPassages } from '#core/brief/locks';

/** A line to which something was played, with the index of the new note or rest. */
export interface PlayedIn {
  /** The brief with the new note. */
  readonly brief: Brief;
  /** The line index of the new note. */
  readonly note: number;
}

/**
 * Inserts a key that was played as a note after another one, spelled as the key of the line spells it; null inserts a rest.
 *
 * @param after line index; −1 for before the first
 * @param semitones above C0, as it sounds
 * @param duration a fraction of a whole note
 */
export function withPlayed(brief: Brief, after: number, semitones: number | null, duration: string): PlayedIn {
  const played: LineNoteDocument =
    semitones === null ? { rest: true, duration } : { pitches: [spell(brief, semitones, (line) => keyAfter(line, after))], duration };
  return { brief: withNotesInserted(brief, after + 1, [played]), note: after + 1 };
}

/**
 * Adds a key that was played together with a note: it makes a double stop, and with the next a chord. A full chord or a rest stays as it
 * is.
 */
export function withPlayedTogether(brief: Brief, note: number, semitones: number): Brief {
  const { material } = writeOut(brief);
  const there = material.kind === 'line' ? material.notes[note] : undefined;
  if (!there || 'rest' in there || there.pitches.length >= MOST_AT_ONCE) return brief;
  const pitches = [...there.pitches, spell(brief, semitones, (line) => keyAt(line, note))];
  return withNote(brief, note, { pitches: pitches.toSorted((one, other) => soundOf(one) - soundOf(other)) });
}

/** Begins a new line with the one key that was played; the old line and everything asked of its notes are dropped. */
export function newLine(brief: Brief, semitones: number, duration: string): PlayedIn {
  const { material } = writeOut(brief);
  const bare = withoutLineAsked(brief);
  const notes: LineNoteDocument[] = [{ pitches: [spell(brief, semitones, ({ key }) => key)], duration }];
  const key = material.kind === 'line' && material.key !== undefined ? { key: material.key } : {};
  return { brief: { ...bare, material: { kind: 'line', ...key, notes } }, note: 0 };
}

/** Puts another brief's line in place of this one: its notes, key, meter and tempo, its locks, its given fingering and its marks. */
export function withOnlyLine(brief: Brief, { material, rhythm, tempo, locks = [], marks = [], given = [] }: Brief): Brief {
  const { rhythm: _, tempo: before, ...bare } = withoutLineAsked(brief);
  const heard = tempo ?? before;
  const lined = { ...bare, material, ...(rhythm ? { rhythm } : {}), ...(heard === undefined ? {} : { tempo: heard }) };
  return withMarks(withGiven(withLocks(lined, locks), given), marks);
}

/** Drops everything that is asked of single notes. */
function withoutLineAsked(brief: Brief): Brief {
  const { lockedBows: _, ...rhythm } = brief.rhythm ?? {};
  return withPassages(withMarks(withGiven(withLocks({ ...brief, rhythm }, []), []), []), []);
}

/**
 * Spells a played key as the key of the line does; in an empty line, as the key it names.
 *
 * @throws where no key can be found, which is a bug
 */
function spell(brief: Brief, semitones: number, keyIn: (line: Line) => Key): string {
  const { material } = brief;
  const line = readMaterial(material, brief.rhythm);
  const named = parseKey((material.kind === 'line' && material.key) || USUAL_KEY);
  const key = line.ok ? keyIn(line.value) : named.ok ? named.value : keyOfSignature(0, 'major');
  if (!key) throw new RangeError(`There is no key in which to spell ${semitones} semitones above C0`);
  return formatPitch(pitchInKey(semitones, key));
}

function soundOf(text: string): number {
  const pitch = parsePitch(text);
  return pitch.ok ? semitonesOf(pitch.value) : 0;
}
