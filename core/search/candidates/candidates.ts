import type { ReadLimit } from '#core/brief';
import type { PartSetting } from '#core/brief/parts';
import { chordsOf, STOPPED_HARMONIC_ABOVE, stoppedHarmonics, TOUCHED_ABOVE, withOrnament } from '#core/hand/together';
import { openStop, type Placement, stopIn } from '#core/hand/placement';
import type { HandModel, NoteOnString } from '#core/hand';
import { type Instrument, stringOf } from '#core/instrument';
import { type Pitch, respell, semitonesOf, stepsOf } from '#core/pitch';
import type { HandOnInstrument } from './hand-on-instrument.ts';
import { harmonicPlacements } from './harmonics.ts';

/** A note as the search for candidates needs it. */
export interface WantedNote {
  /** The pitch; of a double stop, the lower note. */
  readonly pitch: Pitch;
  /** The upper note of a double stop, of a chord the middle one; null for a single note. */
  readonly upper: Pitch | null;
  /** The top note of a chord of three, whose middle one is `upper`; null for any other. */
  readonly top: Pitch | null;
  /** Whether it lies in a run of semitones. */
  readonly chromatic: boolean;
  /** Whether its fingers are prescribed and may stand further apart than usual: fingered octaves, tenths. */
  readonly wide: boolean;
  /**
   * The harmonics: `only`, marked as a natural harmonic; `stopped`, as one over a stopped note; `too`, natural ones may be chosen; `none`.
   */
  readonly harmonics: 'only' | 'stopped' | 'too' | 'none';
  /** The other note of a trill or mordent; null for a plain note. */
  readonly other: Pitch | null;
}

/**
 * Lists every way the hand can play a note, whatever the limits: strings from I down, on each the open string, the hand's placements, and
 * its natural harmonics where they are wanted. Doubly altered notes may also be read as their plain neighbours, as players do (E𝄪 as F♯),
 * and in runs of semitones sharps as flats.
 */
export function allPlacements(board: HandOnInstrument, note: WantedNote): readonly Placement[] {
  const { upper, top } = note;
  const places = board.instrument.strings.flatMap((_, stringIndex) => {
    if (!upper) return singles(board, note, stringIndex);
    return top ? chords(board, note, [note.pitch, upper, top], stringIndex) : doubleStops(board, note, upper, stringIndex);
  });
  return places.filter((placement) => placement.anchor <= board.highestAnchor + (placement.finger === '0' ? HOVERING_MARGIN : 0));
}

function singles(board: HandOnInstrument, note: WantedNote, stringIndex: number): readonly Placement[] {
  if (note.harmonics === 'stopped') return harmonicsStopped(board, note.pitch, stringIndex);
  const { instrument } = board;
  const semitones = semitonesOf(note.pitch) - stringOf(instrument, stringIndex).semitones;
  const harmonics = note.harmonics === 'none' || note.other ? [] : harmonicPlacements(board, stringIndex, semitones);
  if (note.harmonics === 'only' || semitones < 0 || semitones > instrument.highestSemitone) return harmonics;
  return [...plainOrOrnamented(board, note, noteOn(board, stringIndex, note.pitch, note.chromatic)), ...harmonics];
}

function plainOrOrnamented({ hand, keyed, ...board }: HandOnInstrument, note: WantedNote, here: NoteOnString): readonly Placement[] {
  const open = here.semitonesAboveOpen === 0;
  const { stringIndex } = here;
  const plain = open ? hand.hoverings(stringIndex, board.highestAnchor + HOVERING_MARGIN, keyed) : hand.placements(here);
  if (note.other === null) return plain;
  const other = noteOn({ hand, keyed, ...board }, stringIndex, note.other, note.chromatic);
  // Over an open string the finger that plays the ornament tells the hand.
  return withOrnament(hand, open ? plain.slice(0, 1) : plain, other);
}

/** Lists the ways to stop a note two octaves below a pitch and touch a fourth above it. */
function harmonicsStopped(board: HandOnInstrument, pitch: Pitch, stringIndex: number): readonly Placement[] {
  const base = { ...pitch, octave: pitch.octave - STOPPED_HARMONIC_ABOVE / 12 };
  const stopped = noteOn(board, stringIndex, base, false);
  const touched = stopped.semitonesAboveOpen + TOUCHED_ABOVE.semitones;
  return stopped.semitonesAboveOpen < 1 || touched > board.instrument.highestSemitone ? [] : stoppedHarmonics(board.hand, stopped);
}

/** The widest interval whose lower note may lie on the higher string: unisons and seconds lie either way; semitones. */
const WIDEST_CROSSED = 2;

/** Lists the ways to play three notes on a string and the two below it. */
function chords(
  board: HandOnInstrument,
  { chromatic, wide }: WantedNote,
  [low, middle, high]: readonly [Pitch, Pitch, Pitch],
  stringIndex: number,
): readonly Placement[] {
  if (stringIndex + 2 >= board.instrument.strings.length) return [];
  const middleNote = noteOn(board, stringIndex + 1, middle, chromatic);
  const lower = pairPlacements(board, noteOn(board, stringIndex + 2, low, chromatic), middleNote, wide);
  return chordsOf(board.hand, lower, pairPlacements(board, middleNote, noteOn(board, stringIndex, high, chromatic), wide));
}

/** Lists the ways to play two notes on a string and the one below it. */
function doubleStops(board: HandOnInstrument, note: WantedNote, upper: Pitch, stringIndex: number): readonly Placement[] {
  if (stringIndex + 1 >= board.instrument.strings.length) return [];
  const pairOn = (low: number, high: number): readonly Placement[] =>
    pairPlacements(board, noteOn(board, low, note.pitch, note.chromatic), noteOn(board, high, upper, note.chromatic), note.wide);
  const crossed = semitonesOf(upper) - semitonesOf(note.pitch) <= WIDEST_CROSSED ? pairOn(stringIndex, stringIndex + 1) : [];
  return [...pairOn(stringIndex + 1, stringIndex), ...crossed];
}

function pairPlacements(
  { instrument, hand, highestAnchor, keyed }: HandOnInstrument,
  low: NoteOnString,
  high: NoteOnString,
  wide: boolean,
): readonly Placement[] {
  const places = [low.semitonesAboveOpen, high.semitonesAboveOpen];
  if (places.some((place) => place < 0 || place > instrument.highestSemitone)) return [];
  const openHigh = openStop(high.stringIndex);
  if (low.semitonesAboveOpen === 0) {
    if (high.semitonesAboveOpen > 0) return overOpen(hand, low, high);
    return hand.hoverings(low.stringIndex, highestAnchor + HOVERING_MARGIN, keyed).map((placement) => ({ ...placement, upper: openHigh }));
  }
  if (high.semitonesAboveOpen === 0) return hand.placements(low).map((placement) => ({ ...placement, upper: openHigh }));
  return hand.pairs(low, high, wide);
}

/** Lists the ways to play a stopped note over the open string below it. */
function overOpen(hand: HandModel, low: NoteOnString, high: NoteOnString): readonly Placement[] {
  const openLow = openStop(low.stringIndex);
  return hand.placements(high).map((placement) => ({ ...placement, ...openLow, upper: stopIn(placement) }));
}

function noteOn({ instrument, keyed }: HandOnInstrument, stringIndex: number, pitch: Pitch, chromatic: boolean): NoteOnString {
  const string = stringOf(instrument, stringIndex);
  return {
    stringIndex,
    semitonesAboveOpen: semitonesOf(pitch) - string.semitones,
    letterSteps: spellingsOf(pitch, chromatic).map((spelling) => stepsOf(spelling) - stepsOf(string.open)),
    chromatic,
    keyed,
  };
}

/** The facts that tell how high a hand has reason to go. */
export interface LineBounds {
  /** The pitches of the line; of a double stop the upper one. */
  readonly pitches: readonly Pitch[];
  /** Whether there are only a few notes. */
  readonly short: boolean;
  /** Whether two notes sound at once somewhere. */
  readonly doubleStops: boolean;
  /** The limits that hold somewhere in the line. */
  readonly limits: readonly ReadLimit[];
}

/**
 * Gives the highest useful anchor: no hand has reason to go higher than two semitones above the highest note on the highest string in use,
 * or than it must where strings between may not be used. Where a limit prescribes places there is no such bound.
 */
export function highestUsefulAnchor({ instrument, hand }: PartSetting, { pitches, short, doubleStops, limits }: LineBounds): number {
  if (limits.some(({ rule }) => rule.prescribesPlaces === true)) return hand.highestAnchor;
  const highest = pitches.reduce((most, pitch) => Math.max(most, semitonesOf(pitch)), 0);
  const every = instrument.strings.map((_, index) => index);
  const sets = [every, ...limits.flatMap(({ rule }) => (rule.strings ? [rule.strings] : []))];
  const bounds = sets.map((strings) => boundOnStrings(instrument, strings, highest));
  return Math.min(hand.highestAnchor, Math.max(doubleStops ? ROW_BOUND : short ? OCTAVE_BOUND : LOWEST_BOUND, ...bounds));
}

/**
 * Gives the bound on some strings: the highest note on the highest of them, and the notes between two of them that lie further apart than
 * usual.
 */
function boundOnStrings(instrument: Instrument, strings: readonly number[], highest: number): number {
  const open = strings.map((index) => stringOf(instrument, index).semitones).toSorted((one, other) => other - one);
  const gaps = open.slice(1).map((lower, index) => (open[index] ?? lower) - lower);
  const widest = Math.max(0, ...gaps.filter((gap) => gap > WIDEST_TUNING));
  return Math.max(highest - (open[0] ?? 0), widest) + 2;
}

/** The widest distance of neighbouring strings, a fifth; semitones. */
const WIDEST_TUNING = 7;

/** The lowest bound, fourth position on all four instruments: lines in first position keep their usual alternatives. */
const LOWEST_BOUND = 7;

/** The bound for a few notes: an octave above the open string. */
const OCTAVE_BOUND = 12;

/** The bound for a row of double stops, which keeps its frame on lower strings: an octave above first position. */
const ROW_BOUND = 14;

/** The margin of a hovering hand, which stands at the plain form of its position: up to two semitones above its lowest form. */
const HOVERING_MARGIN = 2;

/**
 * Lists the spellings of an altered note in a run of semitones: it is read by either of its names, because the finger that slides knows it
 * by one only.
 */
function spellingsOf(pitch: Pitch, chromatic: boolean): readonly Pitch[] {
  const unusual = Math.abs(pitch.alteration) >= 2 || (chromatic && pitch.alteration !== 0);
  const other = unusual ? respell(pitch, pitch.alteration > 0 ? 1 : -1) : null;
  return other ? [pitch, other] : [pitch];
}
