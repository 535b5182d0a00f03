import type { Piece } from '#core/documents';
import type { Alteration } from '#core/drill';
import type { DrillAim } from '#core/drill/finder';
import {
  type DrillFamily,
  type DrillRequest,
  type DrillVariant,
  type FamilyName,
  type FamilyOf,
  notesLeftOver,
} from '#core/drill/families';
import type { ShiftClass, ShiftDistance, StudyOrder } from '#core/drill/shifts';
import type { DoubleStopInterval } from '#core/material/scale';
import { countText, listText, positionWords } from '#core/messages';
import { keyLabel } from '#core/key';
import { noteLabel, pitchLabel } from '#core/pitch';
import { HOT_SPOT_NAMES } from '../explain/hot-spots.ts';

/** The name of each family of drills, and its aim, in a line. */
export const FAMILY_WORDS: Readonly<Record<FamilyName, { readonly name: string; readonly gains: string }>> = {
  loop: { name: 'Loop', gains: 'A hot spot there and back: the fewest notes that hold it.' },
  shift: { name: 'Shift study', gains: 'One shift, walked up the string in the key: there, back, and on.' },
  guide: { name: 'Shift over its guide', gains: 'The same shift with the note on the way played out.' },
  matrix: { name: 'Finger by finger', gains: 'Every finger onto every finger between two positions, string by string.' },
  matching: {
    name: 'Match it',
    gains: 'One note with two fingers: the hand travels while the open string sounds, and the new finger matches the old.',
  },
  home: { name: 'Home and back', gains: 'Out to each other position and back home with the first finger.' },
  position: { name: 'Inside a position', gains: 'Scale, broken thirds or arpeggio in one position, before any shift into it.' },
  'one-string': { name: 'Scale on one string', gains: 'An octave of the key along a single string.' },
  chromatic: { name: 'By semitones', gains: 'From the open string up its octave, checked at the fourth, the fifth and the octave.' },
  'two-places': { name: 'One finger, two places', gains: 'A finger moves a semitone while its neighbours stay down.' },
  'first-and-fourth': { name: 'First and last finger', gains: 'The outer fingers in turn across two strings.' },
  'lift-and-replace': { name: 'Lift and replace', gains: 'The top of the melodic minor: one finger plays both sevenths.' },
  blocks: { name: 'Blocks', gains: 'Fingers set down together coming onto a string.' },
  hovering: { name: 'Set down at speed', gains: 'Fingers hover through a rest, then four quick notes.' },
  'double-stops': { name: 'Double stops', gains: 'A scale in two parts, one string at a time and then both.' },
  chords: { name: 'Three-note chords', gains: 'The triads of the key on three strings, each within reach of this hand.' },
  'open-string': { name: 'Against the open string', gains: 'Each note alone, then with the open string beside it.' },
};

/** The names of the aims of drills. */
export const AIM_WORDS: Readonly<Record<DrillAim, string>> = {
  'hot-spots': 'hot spots',
  shifts: 'shifts',
  position: 'one position',
  fingers: 'finger independence',
  fingerboard: 'knowing the fingerboard',
  'double-stops': 'double stops',
};

/** Writes a distance: "2 positions", "5 semitones". */
export function distanceText({ by, steps }: ShiftDistance): string {
  return by === 'positions' ? countText(steps, 'position', 'positions') : countText(steps, 'semitone', 'semitones');
}

/** Writes the unit of a distance, in the number that it has: "position", "semitones". */
export function distanceUnit({ by, steps }: ShiftDistance): string {
  const one = by === 'positions' ? 'position' : 'semitone';
  return steps === 1 ? one : `${one}s`;
}

/** Writes a class of shifts: "1–4 up 2 positions, A string". */
export function shiftClassText({ fromFinger, toFinger, way, distance, fromString, toString }: ShiftClass): string {
  const strings =
    fromString === toString ? `${noteLabel(toString)} string` : `${noteLabel(fromString)} string to ${noteLabel(toString)} string`;
  return `${fromFinger}–${toFinger} ${way} ${distanceText(distance)}, ${strings}`;
}

/** Writes the title of a drill: "Shift study 1–4 up 2 positions, A string, D major". */
export function drillTitle({ key, asks }: DrillRequest): string {
  return [`${titleName(asks)}${whereText(asks)}`, keyLabel(key)].join(', ');
}

/** The titles of families that have more than one thing to play. */
const TITLES: { readonly [Name in FamilyName]?: (asks: FamilyOf<Name>) => string } = {
  loop: loopTitle,
  matrix: ({ from, to }) => `${FAMILY_WORDS.matrix.name} from ${positionText(from)} to ${positionText(to)}`,
  matching: ({ from, to }) => `${FAMILY_WORDS.matching.name} from ${positionText(from)} to ${positionText(to)}`,
  position: ({ set }) => TITLE_SETS[set],
  'two-places': ({ finger }) => `Finger ${finger} in two places`,
  chords: ({ played }) => `${FAMILY_WORDS.chords.name}, ${CHORD_WORDS[played]},`,
  'double-stops': ({ interval }) => `Double stops in ${doubleStopText(interval)}`,
};

/** Names what is played; the family where it plays one thing. */
function titleName(asks: DrillFamily): string {
  if ('shift' in asks) return `${FAMILY_WORDS[asks.family].name} ${shiftClassText(asks.shift)}`;
  return titleOf(asks.family, asks) ?? FAMILY_WORDS[asks.family].name;
}

function titleOf<Name extends FamilyName>(name: Name, asks: FamilyOf<Name>): string | undefined {
  return TITLES[name]?.(asks);
}

/** Writes the title of a loop: "Loop E5–B4, string crossing". */
function loopTitle({ notes, kind }: FamilyOf<'loop'>): string {
  const names = notes.map(({ pitches }) => pitches.map(pitchLabel).join('+'));
  if (kind === 'note') return `Loop ${names.join('–')}`;
  const ends = [names[0] ?? '', names.at(-1) ?? ''];
  return `Loop ${ends.join('–')}, ${HOT_SPOT_NAMES[kind]}`;
}

/** The names of what fingers do in a loop. */
export const LOOP_FINGER_WORDS = { 'as-taught': 'as the school has it', held: 'stay down', lifted: 'lifted after each note' } as const;

const TITLE_SETS = { scale: 'Scale', 'broken-thirds': 'Broken thirds', arpeggio: 'Arpeggio' } as const;

/** Writes the place that is not said yet: " in third position, A string". */
function whereText(asks: DrillFamily): string {
  const position = 'position' in asks && asks.position !== null ? ` in ${positionText(asks.position)}` : '';
  return `${position}${'strings' in asks ? `, ${stringsText(asks.strings)}` : ''}`;
}

/** The names of the orders of measures in a study. */
export const STUDY_ORDER_WORDS: Readonly<Record<StudyOrder, string>> = {
  alone: 'each measure twice',
  pairs: 'each with the next',
  all: 'all in a row',
};

/** The names of the pairs of fingers in a matrix. */
export const PAIR_WORDS = { same: 'the same finger', mixed: 'different fingers', all: 'all fingers' } as const;

/** The names of the keys of the strings. */
export const MATRIX_KEY_WORDS = { one: 'all in this key', 'each-string': 'each in its own key' } as const;

/** The names of the ways to play chords of three notes. */
export const CHORD_WORDS = { rolled: 'rolled', held: 'held' } as const;

/** The names of the ways to build up double stops. */
export const BUILT_WORDS = { 'one-by-one': 'one string, the other, both', 'at-once': 'both between rests' } as const;

/** The names of rhythms over the same fingers. */
export const RHYTHM_WORDS: Readonly<Record<DrillVariant['rhythm'], string>> = {
  'as-written': 'even notes',
  'long-short': 'long, short',
  'short-long': 'short, long',
  twice: 'each note twice',
};

/** Writes the origin of a drill: "Written for the shift to note 12 of B♭ major." */
export function originText({ piece, note, request }: NonNullable<Piece['drill']>): string {
  const place = 'shift' in request.asks ? 'the shift to note' : 'note';
  const what = note === undefined ? '' : `${place} ${note + 1} of `;
  return piece === undefined ? '' : `Written for ${what}${piece}.`;
}

/** Writes the notes to a bow, and those left over where no rest comes between; empty for a bow to each note. */
export function bowsText(notes: number, rests: number, notesPerBow: number): string {
  if (notesPerBow === 1) return '';
  if (rests > 0) return 'A rest ends a bow.';
  const rest = notesLeftOver(notes, notesPerBow);
  return `${notes} notes at ${notesPerBow} to a bow ${rest === 0 ? 'come out even' : `leave ${rest}`}.`;
}

/** Writes the interval of double stops, as it stands in a title. */
export function doubleStopText(interval: DoubleStopInterval): string {
  return interval.replace('-', ' ');
}

/** The names of what is played inside a position. */
export const INSIDE_WORDS = { scale: 'scale', 'broken-thirds': 'broken thirds', arpeggio: 'arpeggio' } as const;

function stringsText(strings: readonly string[]): string {
  return strings.length > 2 ? 'all strings' : `${listText(strings.map(noteLabel))} ${strings.length === 1 ? 'string' : 'strings'}`;
}

/** Writes a position by its label, in words. */
export function positionText(label: string): string {
  return positionWords({ label, alteration: null });
}

type AlterationOf<What extends Alteration['what']> = Extract<Alteration, { readonly what: What }>;

/** The sentence of each kind of difference from what was asked for. */
const ALTERED: { readonly [What in Alteration['what']]: (altered: AlterationOf<What>) => string } = {
  'note-inserted': ({ pitch, finger, label }) =>
    `${pitchLabel(pitch)} is not in the key: it is put in for finger ${finger} in ${positionText(label)}.`,
  'positions-left-out': ({ labels }) =>
    `Left out, because the fingers do not fall on notes of the key there: ${listText(labels.map(positionText))}.`,
  'not-in-position': ({ pitches }) => `The position does not hold ${listText(pitches.map(pitchLabel))}.`,
  'measures-left-out': ({ count }) => `${countText(count, 'measure', 'measures')} left out: no hand plays ${count === 1 ? 'it' : 'them'}.`,
  'other-fingers': ({ fromFinger, toFinger }) => `These fingers do not occur in the key: ${fromFinger}–${toFinger} is taken instead.`,
  'other-distance': (altered) => `This distance does not occur in the key: ${distanceText(altered)} are taken instead.`,
  'other-string': ({ string }) => `It does not occur on this string in the key: the ${noteLabel(string)} string is taken instead.`,
  'without-the-piece': () => 'No hand goes on from it into the measures of the piece: they are left out.',
  'no-check': ({ pitch }) => `No open string checks ${pitchLabel(pitch)}.`,
};

/** Writes a difference from what was asked for, in a sentence. */
export function alterationText(altered: Alteration): string {
  return writeAltered(altered.what, altered);
}

function writeAltered<What extends Alteration['what']>(what: What, altered: AlterationOf<What>): string {
  return ALTERED[what](altered);
}
