import type { HandModel } from '#core/hand';
import { USUAL_THUMB } from '#core/hand/models';
import { stringOf } from '#core/instrument';
import { isInKey, pitchInKey } from '#core/key';
import { type Pitch, stepsOf } from '#core/pitch';
import { fingersOf, type Ground, type Standing, standingsOf } from '#core/drill';

/** Everything that a hand can stop of a key, string by string: it is found once and read position by position. */
export interface Board {
  /** The ground on which it was found. */
  readonly ground: Ground;
  /** The strings in their order, I first. */
  readonly strings: readonly (readonly Standing[])[];
}

/** The notes that one hand holds of a key in a position. */
export interface Held {
  /** The name of the position. */
  readonly position: string;
  /** The strings in their order, I first: each finger once, from the nut up. */
  readonly strings: readonly (readonly Standing[])[];
  /** The strings whose open note belongs to the position: 0 for string I. */
  readonly open: readonly number[];
}

/** A note that a position holds: stopped, or an open string that belongs to it. */
export interface HeldNote {
  /** The sounding pitch. */
  readonly pitch: Pitch;
  /** The index of the string: 0 for string I. */
  readonly stringIndex: number;
  /** The finger that stands there; null for the open string. */
  readonly standing: Standing | null;
}

/** Finds all that a hand can stop of a key. */
export function boardOf(ground: Ground): Board {
  return { ground, strings: ground.instrument.strings.map((_, index) => allOnString(ground, index)) };
}

/** Lists every finger on every note of the key on a string, in all positions. */
function allOnString(ground: Ground, stringIndex: number): readonly Standing[] {
  return [...fingersOf(ground.hand), 'T' as const].flatMap((finger) => standingsOf(ground, stringIndex, finger));
}

/** Finds what a position holds of the key of a ground. */
export function holdOn(ground: Ground, position: string): Held {
  return holdIn(boardOf(ground), position);
}

/**
 * Finds what one hand holds in a position. Of several hands of one name it is the one that holds most; on the thumb, the one nearest to the
 * half string whose thumb plays notes of the key. A position belongs to a key where its lowest finger has notes of the key on at least two
 * strings; otherwise a teacher would call it by another name (C major of the cello has no half position).
 */
export function holdIn({ ground, strings }: Board, position: string): Held {
  const named = strings.map((standings) =>
    standings.filter(({ label, placement }) => label === position && (position === THUMB || placement.finger !== 'T')),
  );
  const stances = [...new Set(named.flat().map(({ placement }) => placement.stance))];
  const hands = stances
    .map((stance) =>
      named.map((standings) =>
        atRest(
          ground,
          standings.filter(({ placement }) => placement.stance === stance),
        ),
      ),
    )
    .filter((hand) => hand.flat().filter(isLowest).length >= ENOUGH_STRINGS);
  const chosen = position === THUMB ? nearestToHalfString(hands) : holdingMost(hands);
  const held = chosen ?? strings.map(() => []);
  return { position, strings: held, open: openHere(ground, held) };
}

/** The smallest number of strings on which the lowest finger has a note of the key. */
const ENOUGH_STRINGS = 2;

/** The name of thumb position. */
export const THUMB = 'thumb';

type HandOnStrings = readonly (readonly Standing[])[];

function holdingMost(hands: readonly HandOnStrings[]): HandOnStrings | undefined {
  return hands.toSorted((one, other) => other.flat().length - one.flat().length)[0];
}

/** Chooses thumb position as it is learnt: on the two upper strings, with the thumb on the half string where the key has it there. */
function nearestToHalfString(hands: readonly HandOnStrings[]): HandOnStrings | undefined {
  const thumbs = (hand: HandOnStrings): number => hand.slice(0, 2).filter(([lowest]) => lowest?.placement.finger === 'T').length;
  const off = (hand: HandOnStrings): number => Math.abs((hand.flat()[0]?.placement.firstFinger ?? Infinity) - USUAL_THUMB);
  return hands.toSorted((one, other) => thumbs(other) - thumbs(one) || off(one) - off(other))[0];
}

/**
 * Finds the open strings that belong to a position: those of the key that are the next letter to what the hand holds, below the first
 * finger of their own string or above the last finger of the string beside it. A note that the hand stops there needs no open string.
 */
function openHere({ instrument, key }: Ground, held: HandOnStrings): readonly number[] {
  return held.flatMap((standings, index): readonly number[] => {
    const { semitones } = stringOf(instrument, index);
    if (!isInKey(semitones, key)) return [];
    const open = pitchInKey(semitones, key);
    const [above, below] = [standings[0], held[index + 1]?.at(-1)];
    const isBelow = above !== undefined && stepsOf(above.pitch) - stepsOf(open) === 1;
    const isAbove = below !== undefined && stepsOf(open) - stepsOf(below.pitch) === 1;
    return isBelow || isAbove ? [index] : [];
  });
}

/**
 * Lists all notes that a position holds, upward, each letter once: the open string where it belongs to the position, the thumb where it is
 * set, else the stop on the lower of two strings.
 */
export function notesHeld({ instrument, key }: Ground, { strings, open }: Held): readonly HeldNote[] {
  const opens = open.map((stringIndex): HeldNote => {
    return { pitch: pitchInKey(stringOf(instrument, stringIndex).semitones, key), stringIndex, standing: null };
  });
  const stopped = strings.flatMap((standings, stringIndex) =>
    standings.map((standing): HeldNote => ({ pitch: standing.pitch, stringIndex, standing })),
  );
  const all = [...opens, ...stopped].toSorted(
    (one, other) =>
      stepsOf(one.pitch) - stepsOf(other.pitch) ||
      Number(isFingered(one)) - Number(isFingered(other)) ||
      other.stringIndex - one.stringIndex,
  );
  return all.filter(({ pitch }, order) => order === 0 || stepsOf(all[order - 1]?.pitch ?? pitch) !== stepsOf(pitch));
}

/** Tells whether a finger plays it, and neither the thumb nor the open string. */
function isFingered({ standing }: HeldNote): boolean {
  return standing !== null && standing.placement.finger !== 'T';
}

/** Finds the longest row of these notes that follow each other without a gap in the key; of equally long rows the lower. */
export function longestRow(notes: readonly HeldNote[]): readonly HeldNote[] {
  const rows = notes.reduce<readonly (readonly HeldNote[])[]>((found, note) => {
    const [row, ...before] = found;
    const last = row?.at(-1);
    return row && last && stepsOf(note.pitch) - stepsOf(last.pitch) === 1 ? [[...row, note], ...before] : [[note], ...found];
  }, []);
  return rows.toReversed().reduce<readonly HeldNote[]>((best, row) => (row.length > best.length ? row : best), []);
}

/** Keeps each finger once: on violin and viola on its own letter, elsewhere in the one shape of the hand that holds most on the string. */
function atRest({ hand }: Ground, standings: readonly Standing[]): readonly Standing[] {
  const own = standings.filter(
    ({ placement: { letterPosition, letterSteps, finger } }) =>
      letterPosition === null || letterSteps === letterPosition + Number(finger) - 1,
  );
  const [first] = own;
  if (!first) return [];
  if (first.placement.letterPosition !== null) return eachFingerOnce(own);
  const shapes = HAND_SHAPES.map((isOf) => oneHand(hand, own.filter(isOf)));
  return shapes.reduce((best, shape) => (shape.length > best.length ? shape : best));
}

/** The shapes of one hand on cello and bass: at rest, opened above the first finger, and with the first finger reaching back. */
const HAND_SHAPES: readonly ((standing: Standing) => boolean)[] = [
  isHome,
  (standing) => (isLowest(standing) ? isHome(standing) : standing.placement.shape === 'reached-forward'),
  (standing) => (isLowest(standing) ? standing.placement.shape === 'reached-back' : isHome(standing)),
];

function isLowest({ placement: { finger } }: Standing): boolean {
  return finger === '1' || finger === 'T';
}

function isHome({ placement: { shape } }: Standing): boolean {
  return shape === 'home' || shape === 'three-finger' || shape === 'thumb';
}

/** Sorts from the nut up, with one place for each finger and each note. */
function eachFingerOnce(standings: readonly Standing[]): readonly Standing[] {
  return fromTheNut(standings).reduce<readonly Standing[]>(
    (held, standing) => (held.some(isTakenBy(standing)) ? held : [...held, standing]),
    [],
  );
}

/** Finds the most fingers and notes, each once, that one hand holds down together; of equally many, those nearest the nut. */
function oneHand(hand: HandModel, standings: readonly Standing[]): readonly Standing[] {
  const hands = fromTheNut(standings).reduce<readonly (readonly Standing[])[]>(
    (found, candidate) => [
      ...found,
      ...found.filter((held) => held.every((other) => goTogether(hand, other, candidate))).map((held) => [...held, candidate]),
    ],
    [[]],
  );
  return hands.reduce((best, held) => (held.length > best.length ? held : best));
}

function goTogether(hand: HandModel, one: Standing, other: Standing): boolean {
  return !isTakenBy(other)(one) && hand.fitsBeside(one.placement, other.placement) && hand.inOneFrame(one.placement, other.placement);
}

function fromTheNut(standings: readonly Standing[]): readonly Standing[] {
  return standings.toSorted((one, other) => one.placement.semitonesAboveOpen - other.placement.semitonesAboveOpen);
}

/** Tells whether a finger or a note is there already. */
function isTakenBy({ placement: { finger, semitonesAboveOpen } }: Standing): (before: Standing) => boolean {
  return ({ placement }) => placement.finger === finger || placement.semitonesAboveOpen === semitonesAboveOpen;
}
