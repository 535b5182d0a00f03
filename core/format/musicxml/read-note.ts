import type { Finger } from '#core/hand/placement';
import { STOPPED_HARMONIC_ABOVE } from '#core/hand/together';
import type { Mark } from '#core/brief';
import {
  type Accent,
  type Articulation,
  ARTICULATIONS,
  ORNAMENT_SIGNS,
  type OrnamentKind,
  type WrittenOrnament,
} from '#core/material/line';
import { type LetterIndex, LETTERS, type Pitch, pitchAt, semitonesOf, stepsOf } from '#core/pitch';
import { fraction, type Fraction } from '#core/fraction';
import type { LeftOut, ForeignNote } from '#core/format/foreign';
import { NO_FINGERS, readFingers, type WrittenFingers } from './written-words.ts';
import { at, childOf, childrenOf, numberOf, type ReadElement, textOf } from '#core/format';

/** The distance at which a part sounds from what is written: letters and semitones, upward positive. */
export interface Transposition {
  /** The letters by which it sounds higher. */
  readonly steps: number;
  /** The semitones by which it sounds higher. */
  readonly semitones: number;
}

/** One head of a note as it was read. */
export interface ReadHead {
  /** The sounding pitch; null where nothing with a pitch stands there, or one that cannot be spelled. */
  readonly pitch: Pitch | null;
  /** The fingers at it. */
  readonly fingers: WrittenFingers;
}

/** Reads the head of a note: its sounding pitch, and its finger. A pitch between two semitones is taken as the nearer. */
export function readHead(note: ReadElement, by: Transposition): ReadHead {
  const written = childOf(note, 'pitch');
  const [octave, alter] = [numberOf(written, 'octave'), Math.round(numberOf(written, 'alter') ?? 0)];
  const letter = LETTERS.findIndex((letter) => letter === textOf(written, 'step'));
  if (!written || octave === undefined || letter < 0) return { pitch: null, fingers: NO_FINGERS };
  const natural = stepsAndSemitones(letter, octave);
  const octaves = stoppedSounds(note) ? STOPPED_HARMONIC_ABOVE / 12 : 0;
  const steps = natural.steps + by.steps + 7 * octaves;
  const semitones = natural.semitones + alter + by.semitones + 12 * octaves;
  // A transposition that cannot be spelled by its letters is spelled by the neighbours.
  const pitch = [0, 1, -1].map((off) => pitchAt(steps + off, semitones)).find((pitch) => pitch !== null) ?? null;
  return { pitch: pitch && isNamed(pitch) ? pitch : null, fingers: fingersAt(note) };
}

function stepsAndSemitones(letter: number, octave: number): Transposition {
  const natural: Pitch = { letter: LETTER_INDEXES[letter] ?? 0, alteration: 0, octave };
  return { steps: stepsOf(natural), semitones: semitonesOf(natural) };
}

/** Tells whether a pitch can be named: octaves have one digit. */
function isNamed({ octave }: Pitch): boolean {
  return octave >= 0 && octave <= 9;
}

const LETTER_INDEXES: readonly LetterIndex[] = [0, 1, 2, 3, 4, 5, 6];

/** Gives the sound of a stopped harmonic: two octaves above the finger that stops it. */
function stoppedSounds(note: ReadElement): boolean {
  return at(note, 'notations', 'technical', 'harmonic', 'artificial') !== undefined;
}

/**
 * Reads the fingers at a note: its first, another that is left to the player, and one that takes the note over; thumb and open string also
 * have signs of their own.
 */
function fingersAt(note: ReadElement): WrittenFingers {
  const technical = childOf(childOf(note, 'notations'), 'technical');
  const written = childrenOf(technical, 'fingering').map(({ text, attributes }) => ({ ...readFingers(text), attributes }));
  const isPlain = (attributes: ReadElement['attributes']): boolean =>
    attributes['alternate'] !== 'yes' && attributes['substitution'] !== 'yes';
  const fingerMarked = (name: string): Finger | null => written.find(({ attributes }) => attributes[name] === 'yes')?.finger ?? null;
  const first = written.find(({ attributes }) => isPlain(attributes)) ?? NO_FINGERS;
  const sign = childOf(technical, 'thumb-position') ? 'T' : childOf(technical, 'open-string') ? '0' : null;
  return {
    finger: sign === 'T' ? 'T' : (first.finger ?? sign),
    alternate: first.alternate ?? fingerMarked('alternate'),
    takenOverBy: first.takenOverBy ?? fingerMarked('substitution'),
  };
}

const ORNAMENTS: Readonly<Record<string, OrnamentKind>> = {
  'trill-mark': 'trill',
  mordent: 'mordent',
  'inverted-mordent': 'upper-mordent',
};

/** The lengths of grace notes by their type. */
const GRACE_VALUES: Readonly<Record<string, Fraction>> = { '16th': fraction(1, 16), '32nd': fraction(1, 32), quarter: fraction(1, 4) };

/** Reads a note of one head, with every sign at it that a piece keeps. Slurs are told apart by which are open. */
export function readNote(note: ReadElement, { pitch, fingers }: ReadHead): ForeignNote | null {
  if (pitch === null) return null;
  const notations = childrenOf(note, 'notations');
  const technical = notations.flatMap((notation) => childrenOf(notation, 'technical'));
  const slurs = notations.flatMap((notation) => childrenOf(notation, 'slur')).map(({ attributes }) => attributes['type']);
  const harmonic = technical.map((element) => childOf(element, 'harmonic')).find((element) => element !== undefined);
  const grace = childOf(note, 'grace') !== undefined;
  const number = technical.map((element) => numberOf(element, 'string')).find((value) => value !== undefined);
  return {
    pitches: [pitch],
    fingers: [fingers.finger],
    alternate: fingers.alternate,
    takenOverBy: fingers.takenOverBy,
    string: number === undefined ? null : { number },
    position: null,
    tied: startsTie(note),
    slursBegin: slurs.filter((type) => type === 'start').length,
    slursEnd: slurs.filter((type) => type === 'stop').length,
    graceValue: grace ? (GRACE_VALUES[textOf(note, 'type') ?? ''] ?? fraction(1, 8)) : null,
    accent: accentAt(notations),
    articulation: articulationAt(notations),
    ornament: grace ? null : ornamentAt(notations),
    harmonic: harmonic === undefined ? null : childOf(harmonic, 'artificial') ? 'stopped' : 'natural',
    bow: bowAt(technical),
  };
}

function startsTie(note: ReadElement): boolean {
  const ties = [...childrenOf(note, 'tie'), ...childrenOf(note, 'notations').flatMap((element) => childrenOf(element, 'tied'))];
  return ties.some(({ attributes }) => attributes['type'] === 'start');
}

function bowAt(technical: readonly ReadElement[]): Mark['bow'] | null {
  if (technical.some((element) => childOf(element, 'down-bow'))) return 'down';
  return technical.some((element) => childOf(element, 'up-bow')) ? 'up' : null;
}

/** Finds the stronger accent at a note, where both stand there. */
function accentAt(notations: readonly ReadElement[]): Accent | null {
  const stands = (name: string): boolean => notations.some((notation) => at(notation, 'articulations', name) !== undefined);
  return stands('strong-accent') ? 'marcato' : stands('accent') ? 'accent' : null;
}

/** Finds the first dot, wedge or line at a note; a dot with a line is both. */
function articulationAt(notations: readonly ReadElement[]): Articulation | null {
  const written = notations.flatMap((notation) => childOf(notation, 'articulations')?.children ?? []);
  const stands = (known: string): boolean => written.some(({ name }) => name === known);
  if (stands('staccato') && stands('tenuto')) return 'detached-legato';
  return ARTICULATIONS.find(stands) ?? null;
}

function ornamentAt(notations: readonly ReadElement[]): WrittenOrnament | null {
  const ornaments = notations.map((notation) => childOf(notation, 'ornaments')).find((element) => element !== undefined);
  const kind = ornaments?.children.flatMap(({ name }) => ORNAMENTS[name] ?? [])[0];
  const sign = ORNAMENT_SIGNS.find((sign) => sign === textOf(ornaments, 'accidental-mark'));
  return kind ? { kind, ...(sign ? { sign } : {}) } : null;
}

/** The signs at notes that are kept, or say nothing by themselves; all others are reported. */
const KEPT: ReadonlySet<string> = new Set([
  ...['tied', 'slur', 'tuplet', 'technical', 'articulations', 'ornaments', 'footnote', 'level'],
  ...['up-bow', 'down-bow', 'fingering', 'string', 'harmonic', 'open-string', 'thumb-position'],
  ...['accent', 'strong-accent', 'accidental-mark', ...ARTICULATIONS, ...Object.keys(ORNAMENTS)],
]);

const GROUPS: Readonly<Record<string, LeftOut>> = {
  dynamics: 'dynamics',
  slide: 'slides',
  glissando: 'slides',
};

/** Lists the signs at a note that cannot be kept. */
export function leftOutAt(note: ReadElement): readonly LeftOut[] {
  const alter = numberOf(childOf(note, 'pitch'), 'alter') ?? 0;
  return [
    ...childrenOf(note, 'notations').flatMap(({ children }) => children.flatMap(notKept)),
    ...childrenOf(note, 'lyric').map((): LeftOut => 'lyrics'),
    ...(Number.isInteger(alter) ? [] : (['quarter-tones'] as const)),
  ];
}

function notKept(notation: ReadElement): readonly LeftOut[] {
  const { name, children } = notation;
  if (name === 'articulations' || name === 'ornaments' || name === 'technical') {
    const what: LeftOut = name === 'technical' ? 'other-signs' : name;
    return children.filter((child) => !KEPT.has(child.name)).map(() => what);
  }
  return KEPT.has(name) ? [] : [GROUPS[name] ?? 'other-signs'];
}
