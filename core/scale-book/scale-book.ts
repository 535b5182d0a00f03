import type { Brief } from '#core/brief';
import { tonicOctaves, withMaterial } from '#core/brief/edits';
import { OCTAVE_COUNTS, type OctaveCount, type PatternMaterial } from '#core/brief/parts/materials';
import { formatKey, type Key, type KeyMode, keyOfTonic } from '#core/key';
import { type Direction, keyOfArpeggio, type ScaleType } from '#core/material/scale';
import { formatPitch, type Pitch, semitonesOf, transpose } from '#core/pitch';
import { ALL_KEYS, type KeyOrder, keysInOrder } from './key-order.ts';

/** The lines that a scale book may have of each key: scales and chords, then double stops. */
export const BOOK_KINDS = [
  'scale',
  'arpeggio',
  'dominant-seventh',
  'diminished-seventh',
  'broken-thirds',
  'chromatic',
  'thirds',
  'sixths',
  'octaves',
] as const;

/** Something that a scale book has of each key. */
export type BookKind = (typeof BOOK_KINDS)[number];

/** The forms in which a minor scale may be printed. */
export const MINOR_FORMS = ['melodic-minor', 'harmonic-minor', 'natural-minor'] as const;

/** A form of the minor scale. */
export type MinorForm = (typeof MINOR_FORMS)[number];

/** A scale book as a teacher asks for it. */
export interface ScaleBook {
  /** The keys, as key texts. */
  readonly keys: readonly string[];
  /** The order in which they stand. */
  readonly order: KeyOrder;
  /** The lines that each key has. */
  readonly kinds: readonly BookKind[];
  /** The numbers of octaves in which each line is printed. */
  readonly octaves: readonly OctaveCount[];
  /** The direction of every line. */
  readonly direction: Direction;
  /** The form of the minor scales. */
  readonly minor: MinorForm;
}

/** A line of a scale book: what is printed of a key, and what is asked of the hand. */
export interface BookLine {
  /** The kind of line. */
  readonly kind: BookKind;
  /** The number of octaves. */
  readonly octaves: OctaveCount;
  /** The brief that is planned for it. */
  readonly brief: Brief;
}

/** A key of a scale book. */
export interface BookKey {
  /** The key, as a key text. */
  readonly key: string;
  /** The lines in their order. */
  readonly lines: readonly BookLine[];
}

/** A line that does not lie on the instrument, and is left out of the book. */
export interface LeftOut {
  /** The key, as a key text. */
  readonly key: string;
  /** The kind of line. */
  readonly kind: BookKind;
  /** The number of octaves. */
  readonly octaves: OctaveCount;
}

/** The keys of a book in their order, and what is left out of it. */
export interface ScaleBookLines {
  /** The keys with their lines. */
  readonly keys: readonly BookKey[];
  /** The lines that lie nowhere on the instrument. */
  readonly leftOut: readonly LeftOut[];
}

/**
 * Lists the lines of a scale book, key by key, for the player and the instrument of a brief, whose wishes, limits and school they keep. A
 * line begins on the lowest tonic from which all of it lies on the instrument; one that lies nowhere is left out and listed.
 */
export function scaleBookLines(book: ScaleBook, base: Brief): ScaleBookLines {
  const leftOut: LeftOut[] = [];
  const keys = keysInOrder(book.keys, book.order).map((key): BookKey => {
    const name = formatKey(key);
    const lines = BOOK_KINDS.filter((kind) => book.kinds.includes(kind)).flatMap((kind) =>
      OCTAVE_COUNTS.filter((count) => book.octaves.includes(count)).flatMap((octaves): readonly BookLine[] => {
        const brief = lineOf(base, materialOf(kind, { key, octaves, direction: book.direction, minor: book.minor }));
        if (brief) return [{ kind, octaves, brief }];
        leftOut.push({ key: name, kind, octaves });
        return [];
      }),
    );
    return { key: name, lines };
  });
  return { keys, leftOut };
}

/** Gives the brief of a material on the lowest tonic that has room for it; null where none has. */
function lineOf(base: Brief, material: PatternMaterial): Brief | null {
  const { locks: _, given: __, marks: ___, ...asked } = base;
  const brief = withMaterial(asked, material);
  const [lowest] = tonicOctaves(brief);
  if (lowest === undefined) return null;
  return withMaterial(brief, { ...material, tonic: material.tonic.replace(/-?\d+$/, String(lowest)) });
}

/** Gives the scale of a key: a minor one in the form that is asked for. */
function scaleTypeOf({ mode }: Key, minor: MinorForm): ScaleType {
  return mode === 'major' ? 'major' : minor;
}

/** Spells a tonic as that of a major or a minor key, in whose signature a line is written: A♭ for G♯ in major, C♯ for D♭ in minor. */
function tonicOf(tonic: Pitch, mode: KeyMode): Pitch {
  if (keyOfTonic(tonic, mode)) return tonic;
  const same = keysInOrder(ALL_KEYS, 'fifths').find((key) => key.mode === mode && soundsAs(key.tonic, tonic));
  return same?.tonic ?? tonic;
}

/** A perfect fifth: the root of the dominant seventh lies so far above the tonic. */
const FIFTH = { steps: 4, semitones: 7 };

/** Gives the root of the dominant seventh of a key, spelled so that it has a signature: E♭ for D♯ in G♯ minor. */
function dominantOf(tonic: Pitch): Pitch {
  const roots = [tonic, tonicOf(tonic, 'major')].flatMap((from) => transpose(from, FIFTH) ?? []);
  return roots.find((root) => keyOfArpeggio(root, 'dominant-seventh') !== null) ?? tonic;
}

/** Writes a pitch in some octave: a line is moved to where it lies best. */
function textOf(pitch: Pitch): string {
  return formatPitch({ ...pitch, octave: 4 });
}

function soundsAs(one: Pitch, other: Pitch): boolean {
  return (semitonesOf({ ...one, octave: 4 }) - semitonesOf({ ...other, octave: 4 })) % 12 === 0;
}

interface Asked {
  readonly key: Key;
  readonly octaves: OctaveCount;
  readonly direction: Direction;
  readonly minor: MinorForm;
}

function materialOf(kind: BookKind, { key, octaves, direction, minor }: Asked): PatternMaterial {
  const pattern = { tonic: textOf(key.tonic), octaves, direction };
  const type = scaleTypeOf(key, minor);
  switch (kind) {
    case 'scale':
      return { kind: 'scale', type, ...pattern };
    case 'chromatic':
      return { kind: 'scale', type: 'chromatic', ...pattern, tonic: textOf(tonicOf(key.tonic, 'major')) };
    case 'arpeggio':
      return { kind: 'arpeggio', type: key.mode, ...pattern };
    case 'dominant-seventh':
      return { kind: 'arpeggio', type: kind, ...pattern, tonic: textOf(dominantOf(key.tonic)) };
    case 'diminished-seventh':
      return { kind: 'arpeggio', type: kind, ...pattern, tonic: textOf(tonicOf(key.tonic, 'minor')) };
    case 'broken-thirds':
      return { kind: 'broken', figure: 'thirds', type, ...pattern };
    case 'thirds':
    case 'sixths':
    case 'octaves':
      return { kind: 'double-stops', interval: kind, type, ...pattern };
  }
}
