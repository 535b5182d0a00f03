import type { Brief } from '#core/brief';
import { USUAL_KEY } from '#core/brief/parts/materials';
import type { SignatureChange } from '#core/material/signature';
import type { LineNoteDocument } from '#core/material/typed';
import { formatKey, keyOfTonic, parseKey } from '#core/key';
import { formatPitch, type Interval, parsePitch, transpose } from '#core/pitch';
import { writeOut } from './line-edits.ts';

/** Moves the music by whole octaves, up or (below 0) down, spelled as it was: the notes of a line, the tonic of other material. */
export function withOctavesMoved(brief: Brief, octaves: number): Brief {
  const { material } = brief;
  if (octaves === 0) return brief;
  const move = (text: string): string => {
    const pitch = parsePitch(text);
    return pitch.ok ? formatPitch({ ...pitch.value, octave: pitch.value.octave + octaves }) : text;
  };
  if (material.kind !== 'line') return { ...brief, material: { ...material, tonic: move(material.tonic) } };
  const notes = material.notes.map((note) => ('rest' in note ? note : { ...note, pitches: note.pitches.map(move) }));
  return { ...brief, material: { ...material, notes } };
}

/**
 * Moves the notes and the keys of a line by an interval, upward positive. Where a key would need more than seven accidentals, or a note more
 * than two, everything is spelled a letter higher or lower instead. Null where none of these can be written.
 */
export function withIntervalMoved(brief: Brief, interval: Interval): Brief | null {
  const { material, ...others } = writeOut(brief);
  if (material.kind !== 'line') return null;
  for (const letters of [0, 1, -1]) {
    const by = { steps: interval.steps + letters, semitones: interval.semitones };
    const moved = moveLine(material, by);
    if (moved) return { ...others, material: moved };
  }
  return null;
}

type LineMaterial = Extract<Brief['material'], { kind: 'line' }>;

function moveLine({ key = USUAL_KEY, notes, changes }: LineMaterial, by: Interval): LineMaterial | null {
  const movedKey = moveKey(key, by);
  const movedNotes = allOrNone(notes.map((note) => moveNote(note, by)));
  const movedChanges = allOrNone((changes ?? []).map((change) => moveChange(change, by)));
  if (movedKey === null || !movedNotes || !movedChanges) return null;
  return { kind: 'line', key: movedKey, notes: movedNotes, ...(changes ? { changes: movedChanges } : {}) };
}

function moveNote(note: LineNoteDocument, by: Interval): LineNoteDocument | null {
  if ('rest' in note) return note;
  const pitches = allOrNone(note.pitches.map((text) => movePitch(text, by)));
  return pitches && { ...note, pitches };
}

function moveChange(change: SignatureChange, by: Interval): SignatureChange | null {
  if (change.key === undefined) return change;
  const key = moveKey(change.key, by);
  return key === null ? null : { ...change, key };
}

/** Gives a list where all of it could be made, else null. */
function allOrNone<Value>(values: readonly (Value | null)[]): Value[] | null {
  const made = values.filter((value) => value !== null);
  return made.length === values.length ? made : null;
}

function moveKey(text: string, by: Interval): string | null {
  const key = parseKey(text);
  const tonic = key.ok ? transpose(key.value.tonic, by) : null;
  const moved = key.ok && tonic ? keyOfTonic(tonic, key.value.mode) : null;
  return moved && formatKey(moved);
}

function movePitch(text: string, by: Interval): string | null {
  const pitch = parsePitch(text);
  const moved = pitch.ok ? transpose(pitch.value, by) : null;
  return moved && formatPitch(moved);
}
