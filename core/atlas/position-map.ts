import { type Board, boardOf, holdIn } from '#core/drill/position';
import { type DrillFor, type Ground, groundOf, type Standing } from '#core/drill';
import type { Finger } from '#core/hand/placement';
import { mmFromNut } from '#core/instrument/geometry';
import { type StringNumber, stringOf, writtenOnString } from '#core/instrument';
import { RINGS_FROM, ringStrength } from '#core/intonation/checks';
import { drillIssue } from '#core/messages';
import { formatPitch, semitonesOf } from '#core/pitch';
import { isInKey, keyLabel, pitchInKey } from '#core/key';
import type { FingerGap } from '#core/plan/describe';
import { badReading, goodReading, type Reading } from '#core/result';
import { type WayIn, waysIn } from './ways-in.ts';

/** A finger on a note of the key. */
export interface MappedFinger {
  /** The finger that plays it, 0 for the open string. */
  readonly finger: Finger;
  /** The sounding pitch, in documents' form. */
  readonly pitch: string;
  /** The written pitch, as the player reads it, in documents' form. */
  readonly written: string;
  /** The height on the string, semitones above the open note. */
  readonly semitonesAboveOpen: number;
  /** The same height as a length at equal temperament, mm from the nut. */
  readonly mmFromNut: number;
  /** Whether another open string rings with the note. */
  readonly rings: boolean;
}

/** The notes of a key that a position holds on one string. */
export interface MappedString {
  /** The index of the string: 0 for string I. */
  readonly stringIndex: number;
  /** The Roman numeral of the string. */
  readonly number: StringNumber;
  /** The open note of the string, sounding, in documents' form. */
  readonly open: string;
  /** The open note as the player reads it, spelled as the key spells it. */
  readonly openWritten: string;
  /** Whether the open string belongs to the key. */
  readonly openInKey: boolean;
  /** Whether the open string belongs to the position, so that the scale goes on over it. */
  readonly openBelongs: boolean;
  /** The fingers from the nut up; empty where the position holds nothing there. */
  readonly fingers: readonly MappedFinger[];
  /** The gaps between neighbouring fingers that stand on notes of the key: fingers that touch are a semitone apart. */
  readonly gaps: readonly FingerGap[];
}

/** One finger on two neighbouring strings. */
export interface MappedAcross {
  /** The finger that plays on both of them. */
  readonly finger: Finger;
  /** The lower string, 0 for string I. */
  readonly fromString: number;
  /** The string above the lower one. */
  readonly toString: number;
  /** The semitones by which the finger stands higher on the upper string: 0 straight across, negative where it stands lower. */
  readonly semitones: number;
  /** The interval between its two notes, in semitones: 6 is the tritone, which one finger cannot hold down. */
  readonly interval: number;
}

/** One position of a key on an instrument, with everything that lies under the hand. */
export interface PositionMap {
  /** The name of the position. */
  readonly position: string;
  /** The strings in their order, I first. */
  readonly strings: readonly MappedString[];
  /** Each finger from string to string, from the lowest strings up. */
  readonly across: readonly MappedAcross[];
  /** The part of the string under the hand: from the lowest to the highest finger, mm from the nut. */
  readonly frame: { readonly fromMm: number; readonly toMm: number };
  /**
   * The distance up the string to the octave of the lowest finger, where the hand holds it (1 and 4 on neighbouring strings of a violin),
   * mm; null where it does not.
   */
  readonly octaveMm: number | null;
  /** The ways in which the hand comes here, string by string. */
  readonly waysIn: readonly WayIn[];
}

/** Draws the map of one position in a key (documents' form) for a player. Refuses a position that holds nothing of the key. */
export function positionMap(player: DrillFor, key: string, position: string): Reading<PositionMap> {
  const ground = groundOf(player, key);
  if (!ground.ok) return ground;
  return mapOf(boardOf(ground.value), position) ?? badReading(drillIssue('not-here', { key: keyLabel(key) }));
}

/** Draws the maps of every position of a key that holds anything, from the nut up. */
export function positionMaps(player: DrillFor, key: string): readonly PositionMap[] {
  const ground = groundOf(player, key);
  if (!ground.ok) return [];
  const board = boardOf(ground.value);
  return ground.value.hand.positionLabels.flatMap((position) => {
    const map = mapOf(board, position);
    return map?.ok ? [map.value] : [];
  });
}

function mapOf(board: Board, position: string): Reading<PositionMap> | null {
  const { ground } = board;
  const { strings: held, open } = holdIn(board, position);
  const places = held.flat().map(({ placement }) => mmFromNut(ground.instrument.stringLengthMm, placement.semitonesAboveOpen));
  if (places.length === 0) return null;
  return goodReading({
    position,
    strings: held.map((standings, index) => ({ ...mappedString(ground, index, standings), openBelongs: open.includes(index) })),
    across: acrossOf(ground, held),
    frame: { fromMm: Math.min(...places), toMm: Math.max(...places) },
    octaveMm: octaveOf(ground, held),
    waysIn: waysIn(board, held),
  });
}

/** An octave, semitones. */
const OCTAVE = 12;

/** Finds the octave frame of a hand: its lowest finger on the lowest string that has one, and the octave where another finger holds it. */
function octaveOf({ instrument }: Ground, held: readonly (readonly Standing[])[]): number | null {
  const upward = held.flat().toSorted((one, other) => semitonesOf(one.pitch) - semitonesOf(other.pitch));
  const lowest = upward.find(({ placement: { finger } }) => finger === '1' || finger === 'T');
  const octave = lowest && upward.find(({ pitch }) => semitonesOf(pitch) === semitonesOf(lowest.pitch) + OCTAVE);
  if (!lowest || !octave) return null;
  const mm = ({ placement }: Standing): number => mmFromNut(instrument.stringLengthMm, placement.semitonesAboveOpen);
  return mm(octave) - mm(lowest);
}

function mappedString(ground: Ground, stringIndex: number, standings: readonly Standing[]): Omit<MappedString, 'openBelongs'> {
  const { instrument, key } = ground;
  const string = stringOf(instrument, stringIndex);
  const fingers = standings.map(({ pitch, placement: { finger, semitonesAboveOpen } }): MappedFinger => ({
    finger,
    pitch: formatPitch(pitch),
    written: formatPitch(writtenOnString(instrument, stringIndex, pitch)),
    semitonesAboveOpen,
    mmFromNut: mmFromNut(instrument.stringLengthMm, semitonesAboveOpen),
    rings: ringStrength(instrument, { stringIndex, pitch }) >= RINGS_FROM,
  }));
  const gaps = fingers.slice(1).flatMap((here, order): readonly FingerGap[] => {
    const before = fingers[order];
    return before ? [{ from: before.finger, to: here.finger, semitones: here.semitonesAboveOpen - before.semitonesAboveOpen }] : [];
  });
  const openInKey = isInKey(string.semitones, key);
  const openPitch = openInKey ? pitchInKey(string.semitones, key) : string.open;
  return {
    stringIndex,
    number: string.number,
    open: string.name,
    openWritten: formatPitch(writtenOnString(instrument, stringIndex, openPitch)),
    openInKey,
    fingers,
    gaps,
  };
}

function acrossOf({ instrument }: Ground, held: readonly (readonly Standing[])[]): readonly MappedAcross[] {
  const upward = held.map((_, index) => index).toReversed();
  return upward.slice(1).flatMap((toString) => {
    const [lower = [], upper = []] = [held[toString + 1], held[toString]];
    const tuned = stringOf(instrument, toString).semitones - stringOf(instrument, toString + 1).semitones;
    return lower.flatMap(({ placement: { finger, semitonesAboveOpen } }): readonly MappedAcross[] => {
      const same = upper.find(({ placement }) => placement.finger === finger);
      if (!same) return [];
      const semitones = same.placement.semitonesAboveOpen - semitonesAboveOpen;
      return [{ finger, fromString: toString + 1, toString, semitones, interval: tuned + semitones }];
    });
  });
}
