import { ordinalSuffix, ordinalText } from './ordinals.ts';

/** A position as words need it: its label and whether it is lowered or raised. */
export interface PositionLike {
  /** The label in documents: "3", "II-III", "thumb". */
  readonly label: string;
  /** Whether the hand stands lower or higher than the plain position; null for neither. */
  readonly alteration: 'low' | 'high' | null;
  /** The note under the thumb in thumb position, documents' form. */
  readonly underThumb?: string;
}

/** Writes a position in words: "third position", "low fourth position"; Roman labels stay Roman: "position II–III". */
export function positionWords({ label, alteration, underThumb }: PositionLike): string {
  if (label === 'thumb') return underThumb === undefined ? 'thumb position' : `thumb position on ${noteText(underThumb)}`;
  const words = label === 'half' || /^\d+$/.test(label) ? `${ordinal(label)} position` : `position ${label.replace('-', '–')}`;
  return alteration === null ? words : `${alteration} ${words}`;
}

/** Writes a position as it is marked over the staff: "3rd pos.", "½ pos.", "II–III pos.", "low 4th pos.". */
export function positionMark({ label, alteration, underThumb }: PositionLike): string {
  if (label === 'thumb') return underThumb === undefined ? 'thumb pos.' : `thumb on ${noteText(underThumb)}`;
  const mark = label === 'half' ? '½' : /^\d+$/.test(label) ? `${label}${ordinalSuffix(Number(label))}` : label.replace('-', '–');
  return `${alteration === null ? '' : `${alteration} `}${mark} pos.`;
}

/** Writes a position in the shortest form, where there is little room: "3rd", "½", "low 4th", "II–III". */
export function positionShort(position: PositionLike): string {
  return positionMark(position).replace(' pos.', '');
}

/** Lists the forms of a name from the longest to the shortest: "3rd pos.", "3rd"; "thumb on D4", "D4". */
export function positionMarks(position: PositionLike): readonly string[] {
  const { underThumb } = position;
  return [positionMark(position), positionShort(position), ...(underThumb === undefined ? [] : [noteText(underThumb)])];
}

/** Writes a pitch in documents' form as people read it. */
function noteText(pitch: string): string {
  return pitch.replace(/b/g, '♭').replace(/#/g, '♯');
}

function ordinal(label: string): string {
  return label === 'half' ? 'half' : ordinalText(Number(label));
}
