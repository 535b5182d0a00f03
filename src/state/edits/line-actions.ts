import { accentOf } from '#core/material/typed';
import type { Brief, Mark } from '#core/brief';
import {
  lineTextOf,
  type PitchMove,
  type SignChange,
  readLineText,
  withBow,
  withNote,
  withNotesInserted,
  withNotesRemoved,
  withPitchesMoved,
  withSigns,
  writeOut,
} from '#core/brief/lines';
import { withMark } from '#core/brief/locks';
import { issuesText } from '#core/messages';
import { LINE_BEGINS, WRITTEN_OUT } from '../../words/notices.ts';
import { say } from '../notices.ts';
import { select, type Passage } from '../selection.ts';
import { workStore } from '../bench/index.ts';

/** Makes a line of the teacher's own from a scale or arpeggio, note by note as it is. */
export function writeOutLine(): void {
  editLine(writeOut);
  say(LINE_BEGINS);
}

/** Moves the pitches of a passage by letters of the key or by semitones. */
export function movePitches({ from, to }: Passage, move: PitchMove): void {
  editLine((brief) => withPitchesMoved(brief, from, to, move));
}

/** Gives a note another length, a fraction of a whole note. */
export function setDuration(note: number, duration: string): void {
  editLine((brief) => withNote(brief, note, { duration }));
}

/** Gives a note other pitches, typed as the player reads them ("Eb4", "A3+F4"); a text that does not read is reported. */
export function typePitches(note: number, text: string): void {
  const reading = readLineText(workStore.getState().brief, text);
  const [typed] = reading.ok ? reading.value : [];
  if (!reading.ok) say(issuesText(reading.issues));
  else if (typed && !('rest' in typed)) {
    const { pitches, ornament, harmonic, articulation } = typed;
    const accent = accentOf(typed);
    const asked: SignChange = ornament ? { ornament } : harmonic ? { harmonic: harmonic === 'stopped' ? harmonic : 'natural' } : {};
    const signs: SignChange = { ...asked, ...(accent ? { accent } : {}), ...(articulation ? { articulation } : {}) };
    editLine((brief) => withSigns(withNote(brief, note, { pitches }), note, signs));
  }
}

/** Sets an ornament, a harmonic, an articulation or an accent at a note, makes it a grace note, or removes the sign. */
export function setSigns(note: number, change: SignChange): void {
  editLine((brief) => withSigns(brief, note, change));
}

/** Sets a copy of the note, or a rest as long, after it, and selects it. */
export function insertAfter(note: number, what: 'note' | 'rest'): void {
  editLine((brief) => {
    const { material } = withNote(brief, note, {});
    const model = material.kind === 'line' ? material.notes[note] : undefined;
    if (!model) return brief;
    const { duration } = model;
    const pitches = 'rest' in model ? null : model.pitches;
    return withNotesInserted(brief, note + 1, [what === 'rest' || pitches === null ? { rest: true, duration } : { pitches, duration }]);
  });
  if (what === 'note') select(note + 1);
}

/** Deletes the notes of a passage from the line. */
export function removeNotes({ from, to }: Passage): void {
  editLine((brief) => withNotesRemoved(brief, from, to));
  select(null);
}

/** Plays the notes of a passage in one bow, or each in its own. */
export function bowTogether({ from, to }: Passage, together: boolean): void {
  editLine((brief) => withBow(brief, from, to, together));
}

/** Writes a mark at a note, or with null removes it. */
export function writeMark(note: number, change: { readonly [Name in keyof Omit<Mark, 'note'>]?: Mark[Name] | null }): void {
  workStore.setState({ brief: withMark(workStore.getState().brief, note, change) });
}

/** Edits single notes, which makes a scale a line of the teacher's own: that is said, and undo takes it back. */
export function editLine(edit: (brief: Brief) => Brief): void {
  const { brief } = workStore.getState();
  const edited = edit(brief);
  if (edited === brief) return;
  workStore.setState({ brief: edited, lineText: lineTextOf(edited) });
  say(brief.material.kind === 'line' ? null : WRITTEN_OUT);
}
