import { type HandModel, type NoteOnString, type Placement, stopAt } from '#core/hand';
import { type Instrument, stringOf } from '#core/instrument';
import { type Pitch, respelled, semitonesOf, stepsOf } from '#core/pitch';
import { harmonicPlacements } from './harmonics.ts';
import type { Limits } from './limits.ts';

/** A note as the candidates ask of it. */
export interface WantedNote {
  readonly pitch: Pitch;
  /** The upper note of a double stop; null for a single note. */
  readonly upper: Pitch | null;
  /** It lies in a run of semitones. */
  readonly chromatic: boolean;
  /** `only`: marked as a natural harmonic; `too`: harmonics may be chosen; `none`. */
  readonly harmonics: 'only' | 'too' | 'none';
}

/**
 * Every way the hand can play a note, whatever the limits: strings from I down, on each the open string, the hand's
 * placements, and its natural harmonics where they are wanted. Doubly altered notes may also be read as their plain
 * neighbours, as players do (E𝄪 as F♯), and in runs of semitones sharps as flats.
 */
export function allPlacements(instrument: Instrument, hand: HandModel, note: WantedNote, highestAnchor: number): readonly Placement[] {
  const places = instrument.strings.flatMap((_, stringIndex) =>
    note.upper
      ? doubleStops(instrument, hand, note, note.upper, stringIndex, highestAnchor)
      : singles(instrument, hand, note, stringIndex, highestAnchor),
  );
  return places.filter((placement) => placement.anchor <= highestAnchor + (placement.finger === '0' ? HOVERING_MARGIN : 0));
}

function singles(
  instrument: Instrument,
  hand: HandModel,
  note: WantedNote,
  stringIndex: number,
  highestAnchor: number,
): readonly Placement[] {
  const semitones = semitonesOf(note.pitch) - stringOf(instrument, stringIndex).semitones;
  const harmonics = note.harmonics === 'none' ? [] : harmonicPlacements(hand, stringIndex, semitones, instrument.highestSemitone);
  if (note.harmonics === 'only' || semitones < 0 || semitones > instrument.highestSemitone) return harmonics;
  if (semitones === 0) return hand.hoverings(stringIndex, highestAnchor + HOVERING_MARGIN);
  return [...hand.placements(noteOn(instrument, stringIndex, note.pitch, note.chromatic)), ...harmonics];
}

/** The lower note of a double stop lies on the lower string, but for unisons and seconds, which lie either way; semitones. */
const WIDEST_CROSSED = 2;

/** Two notes on a string and the one above it. */
function doubleStops(
  instrument: Instrument,
  hand: HandModel,
  note: WantedNote,
  upper: Pitch,
  stringIndex: number,
  highestAnchor: number,
): readonly Placement[] {
  if (stringIndex + 1 >= instrument.strings.length) return [];
  const pairOn = (low: number, high: number): readonly Placement[] =>
    pairPlacements(
      hand,
      noteOn(instrument, low, note.pitch, note.chromatic),
      noteOn(instrument, high, upper, note.chromatic),
      instrument.highestSemitone,
      highestAnchor,
    );
  const crossed = semitonesOf(upper) - semitonesOf(note.pitch) <= WIDEST_CROSSED ? pairOn(stringIndex, stringIndex + 1) : [];
  return [...pairOn(stringIndex + 1, stringIndex), ...crossed];
}

function pairPlacements(
  hand: HandModel,
  low: NoteOnString,
  high: NoteOnString,
  highest: number,
  highestAnchor: number,
): readonly Placement[] {
  const lowest = Math.min(low.semitonesAboveOpen, high.semitonesAboveOpen);
  if (lowest < 0 || Math.max(low.semitonesAboveOpen, high.semitonesAboveOpen) > highest) return [];
  const openHigh = stopAt(high.stringIndex, '0', 0);
  if (low.semitonesAboveOpen === 0) {
    const openLow = stopAt(low.stringIndex, '0', 0);
    if (high.semitonesAboveOpen > 0)
      return hand
        .placements(high)
        .map((placement) => ({ ...placement, ...openLow, upper: stopAt(high.stringIndex, placement.finger, high.semitonesAboveOpen) }));
    return hand.hoverings(low.stringIndex, highestAnchor + HOVERING_MARGIN).map((placement) => ({ ...placement, upper: openHigh }));
  }
  if (high.semitonesAboveOpen === 0) return hand.placements(low).map((placement) => ({ ...placement, upper: openHigh }));
  return hand.pairs(low, high);
}

function noteOn(instrument: Instrument, stringIndex: number, pitch: Pitch, chromatic: boolean): NoteOnString {
  const string = stringOf(instrument, stringIndex);
  return {
    stringIndex,
    semitonesAboveOpen: semitonesOf(pitch) - string.semitones,
    letterSteps: spellingsOf(pitch, chromatic).map((spelling) => stepsOf(spelling) - stepsOf(string.open)),
    chromatic,
  };
}

/**
 * No hand goes higher than two semitones above the highest note on the highest string in use: every placement above
 * that has one of the same line below it. With positions or locks prescribed (`prescribed`) there is no such bound.
 */
export function highestUsefulAnchor(
  instrument: Instrument,
  hand: HandModel,
  pitches: readonly Pitch[],
  limits: Limits,
  prescribed: boolean,
): number {
  if (prescribed || limits.positions !== null) return hand.highestAnchor;
  const used = limits.strings === null ? 0 : Math.min(...limits.strings);
  const highest = pitches.reduce((most, pitch) => Math.max(most, semitonesOf(pitch)), 0) - stringOf(instrument, used).semitones;
  return Math.min(hand.highestAnchor, Math.max(LOWEST_BOUND, highest + 2));
}

/** Fourth position on all four instruments: lines in first position keep their usual alternatives. */
const LOWEST_BOUND = 7;

/** A hovering hand stands at the plain form of its position, up to two semitones above its lowest form. */
const HOVERING_MARGIN = 2;

/** In a run of semitones an altered note is read by either of its names, as the finger that slides knows it by one only. */
function spellingsOf(pitch: Pitch, chromatic: boolean): readonly Pitch[] {
  const unusual = Math.abs(pitch.alteration) >= 2 || (chromatic && pitch.alteration !== 0);
  const other = unusual ? respelled(pitch, pitch.alteration > 0 ? 1 : -1) : null;
  return other ? [pitch, other] : [pitch];
}
