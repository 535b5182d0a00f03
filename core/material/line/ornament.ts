import { type Key, nextInKey } from '#core/key';
import type { Pitch } from '#core/pitch';

/** The ornaments: a trill; a mordent, with the note below; an upper mordent, with the note above. */
export const ORNAMENT_KINDS = ['trill', 'mordent', 'upper-mordent'] as const;

/** A trill, a mordent with the note below, or one with the note above. */
export type OrnamentKind = (typeof ORNAMENT_KINDS)[number];

/** The accidentals that may stand at an ornament. */
export const ORNAMENT_SIGNS = ['flat', 'natural', 'sharp'] as const;

/** An accidental at an ornament: its other note is not the one the key has. */
export type OrnamentSign = (typeof ORNAMENT_SIGNS)[number];

/** An ornament as documents have it. */
export interface WrittenOrnament {
  /** The kind of ornament. */
  readonly kind: OrnamentKind;
  /** The accidental that stands at it; without one the key decides. */
  readonly sign?: OrnamentSign;
}

/** An ornament on a note of a line. */
export interface Ornament extends WrittenOrnament {
  /** The other note, sounding: the next letter above; of a mordent, the next letter below. */
  readonly other: Pitch;
}

const ALTERATIONS: Readonly<Record<OrnamentSign, number>> = { flat: -1, natural: 0, sharp: 1 };

/** Reads an ornament on a pitch in a key: a trill on E in C major is played with F, with F♯ where a sharp stands at it. */
export function ornamentOn(pitch: Pitch, key: Key, written: WrittenOrnament): Ornament {
  const other = nextInKey(pitch, key, written.kind !== 'mordent');
  return { ...written, other: written.sign === undefined ? other : { ...other, alteration: ALTERATIONS[written.sign] } };
}
