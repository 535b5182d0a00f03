import type { Brief } from '#core/brief';
import { type Piece, standsInBook } from '#core/documents';
import { keyLabel, keyOfTonic } from '#core/key';
import { parsePitch } from '#core/pitch';
import { INSTRUMENT_LABELS, instrumentLabel } from '../studio/instruments.ts';
import { materialLabel, pieceTitle } from './pieces.ts';

/** A piece as the library lists, searches and sorts it. */
export interface LibraryRow {
  /** The id of the piece. */
  readonly id: string;
  readonly title: string;
  readonly what: string;
  readonly key: string;
  /** The kind of instrument, for choosing; and the full name, for reading. */
  readonly instrument: string;
  readonly on: string;
  /** The name of the player; empty where the piece names nobody. */
  readonly player: string;
  readonly tags: readonly string[];
  /** Whether it stands in a book of the teacher’s. */
  readonly inBook: boolean;
  /** The moment it was last changed, ms since 1970. */
  readonly changedAt: number;
  /** The words of the row in plain lower case, for the search. */
  readonly searched: string;
}

/** Makes the row of a piece. */
export function libraryRow(id: string, piece: Piece, changedAt: number): LibraryRow {
  const { brief, tags = [] } = piece;
  const told = {
    title: pieceTitle(piece),
    what: materialLabel(brief),
    key: keyText(brief),
    instrument: INSTRUMENT_LABELS[brief.instrument.kind],
    on: instrumentLabel(brief),
    player: brief.player?.name ?? '',
  };
  const searched = plain([...Object.values(told), ...tags].join(' '));
  return { id, ...told, tags, inBook: standsInBook(piece), changedAt, searched };
}

/** Tells whether every word of a search is somewhere in a row; accidentals may be typed as letters. */
export function searchFor(search: string): (row: LibraryRow) => boolean {
  const words = plain(search).split(/\s+/);
  return (row) => words.every((word) => row.searched.includes(word));
}

/** Splits tags as typed, separated by commas: trimmed, each once, at most as many and as long as a piece may have. */
export function tagsOf(text: string): readonly string[] {
  const tags = text.split(',').map((tag) => tag.trim().slice(0, 40));
  return [...new Set(tags.filter((tag) => tag !== ''))].slice(0, 12);
}

/** Writes the key of a piece, whatever kind of scale is on the tonic: "A♭ major", "D minor". */
function keyText({ material }: Brief): string {
  if (material.kind === 'line') return keyLabel(material.key ?? 'C major');
  const tonic = parsePitch(material.tonic);
  const mode = /minor|dorian|phrygian|locrian|diminished/.test(material.type) ? 'minor' : 'major';
  const key = tonic.ok ? keyOfTonic(tonic.value, mode) : null;
  return keyLabel(`${material.tonic.replace(/-?[0-9]$/, '')} ${key?.mode ?? mode}`);
}

function plain(text: string): string {
  return text
    .toLowerCase()
    .replaceAll('♭', 'b')
    .replaceAll('♯', '#')
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '');
}
