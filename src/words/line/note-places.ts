import { type InstrumentKind, WRITTEN_OCTAVES_ABOVE } from '#core/instrument';
import type { Brief } from '#core/brief';
import { readMaterial } from '#core/brief/parts/materials';
import type { Line } from '#core/material/line';
import { type NoteAt, noteAt } from '#core/material/measures';
import type { Plan } from '#core/plan/describe';
import { displayPitch } from '#core/pitch';

/** A note of a piece as it is told: its place, and its pitch as the player reads it, without one for a rest. */
export interface ToldNote extends NoteAt {
  /** The number of octaves that its player reads it above its sound: one for the double bass. */
  readonly octavesAbove: number;
}

/** Tells a note of a piece, both by what a log names: the piece by its id, the note by its place in the line; null where it is not known. */
export type TellNote = (piece: string, note: number) => ToldNote | null;

/** Tells a note of one line by its place in it; null for a place that the line does not have. */
export type TellNoteOfLine = (note: number) => ToldNote | null;

/** Makes what tells the notes of a line, as they are read on an instrument. */
export function tellNotesOf(line: Line, kind: InstrumentKind): TellNoteOfLine {
  return (note) => {
    const at = noteAt(line, note);
    return at && { ...at, octavesAbove: WRITTEN_OCTAVES_ABOVE[kind] };
  };
}

/**
 * Makes what tells the notes of the line that a brief asks for; it knows none where the line does not read. The line is read when
 * the first of its notes is told.
 */
export function tellNotesOfBrief({ material, rhythm, instrument }: Brief): TellNoteOfLine {
  let tell: TellNoteOfLine | null = null;
  const readLine = (): TellNoteOfLine => {
    const line = readMaterial(material, rhythm);
    return line.ok ? tellNotesOf(line.value, instrument.kind) : () => null;
  };
  return (note) => (tell ??= readLine())(note);
}

/** Makes what tells the notes of a plan. */
export function tellNotesOfPlan({ line, brief }: Plan): TellNoteOfLine {
  return tellNotesOf(line, brief.instrument.kind);
}

/** Knows no piece. */
export const tellsNothing: TellNote = () => null;

/** Writes the moment of a note: "measure 3, beat 2"; by its number where it is not known. */
export function momentAtText(told: ToldNote | null, note: number): string {
  return told ? momentText(told) : `note ${note + 1}`;
}

/** Writes a note by its measure, its beat and its pitch: "measure 3, beat 2 (A♭5)"; by its number where it is not known. */
export function noteAtText(told: ToldNote | null, note: number): string {
  return told ? `${momentText(told)}${inBrackets(pitchText(told))}` : `note ${note + 1}`;
}

/** Writes a passage: "measure 2, beat 1 to beat 3 (B♭5 to D♭6)"; by the numbers of its notes where they are not known. */
export function passageText({ from, to }: { readonly from: number; readonly to: number }, tell: TellNoteOfLine): string {
  const [first, last] = [tell(from), tell(to)];
  if (!first) return `notes ${from + 1} to ${to + 1}`;
  // A piece that has become shorter since ends before the passage does.
  if (!last) return `${momentText(first)} to the end${inBrackets(pitchText(first))}`;
  const end = first.measure === last.measure ? beatText(last) : momentText(last);
  const pitches = [pitchText(first), pitchText(last)].filter((pitch) => pitch !== '');
  return `${momentText(first)} to ${end}${inBrackets(pitches.join(' to '))}`;
}

function momentText(told: ToldNote): string {
  return told.measure === 0 ? `the pick-up, ${beatText(told)}` : `measure ${told.measure}, ${beatText(told)}`;
}

function beatText({ beat, isOnBeat }: ToldNote): string {
  return isOnBeat ? `beat ${beat}` : `after beat ${beat}`;
}

function pitchText({ pitch, octavesAbove }: ToldNote): string {
  return pitch ? displayPitch({ ...pitch, octave: pitch.octave + octavesAbove }) : '';
}

function inBrackets(text: string): string {
  return text === '' ? '' : ` (${text})`;
}
