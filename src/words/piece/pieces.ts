import type { Brief } from '#core/brief';
import { materialPart } from '#core/brief/parts/materials';
import { noteLabel } from '#core/pitch';
import { capital } from '../capital.ts';

/** Writes in a few words what is played: "A♭ major, three octaves, up". */
export function materialLabel({ material }: Brief): string {
  return materialPart(material.kind).describe(material);
}

/** The number of notes by which a line without a name is told from others. */
const NOTES_TOLD = 5;

/** Gives the title of a piece: its name, or else its material; a line is told by its first notes: "A line in D major: D E F♯". */
export function pieceTitle({ name, brief }: { readonly name: string; readonly brief: Brief }): string {
  if (name !== '') return name;
  const { material } = brief;
  const notes = material.kind === 'line' ? material.notes.flatMap((note) => ('pitches' in note ? [note.pitches] : [])) : [];
  const title = capital(materialLabel(brief));
  if (notes.length === 0) return title;
  const told = notes.slice(0, NOTES_TOLD).map((pitches) => pitches.map(noteLabel).join('–'));
  return `${title}: ${told.join(' ')}${notes.length > NOTES_TOLD ? ' …' : ''}`;
}
