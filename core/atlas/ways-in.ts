import { type Board, holdIn } from '#core/drill/position';
import type { Standing } from '#core/drill';
import type { Finger } from '#core/hand/placement';
import { mmFromNut } from '#core/instrument/geometry';
import { stringOf } from '#core/instrument';
import { formatPitch, stepsOf } from '#core/pitch';

/** The ways of the hand to a position on one string: from the open string, and from first position. */
export interface WayIn {
  /** The index of the string: 0 for string I. */
  readonly stringIndex: number;
  /** The lowest finger in the position on this string. */
  readonly finger: Finger;
  /** The note under that finger, sounding, in documents' form. */
  readonly pitch: string;
  /** The letters from the open string up to the note: 3 is a fourth above. */
  readonly lettersAboveOpen: number;
  /** The semitones from the open string up to the note. */
  readonly semitonesAboveOpen: number;
  /** The finger of first position that plays the same note, which the new finger takes over; null where none does. */
  readonly takenFrom: Finger | null;
  /** The distance that finger 1 travels from its place in first position, mm; below 0 where it goes back, 0 in first position itself. */
  readonly travelMm: number;
}

/** The names that first position has on the instruments; other positions are reached from it. */
const FIRST_POSITIONS = ['1', 'I'] as const;

/** Finds the ways into a position, string by string. */
export function waysIn(board: Board, held: readonly (readonly Standing[])[]): readonly WayIn[] {
  const { ground } = board;
  const first = ground.hand.positionLabels.find((label) => FIRST_POSITIONS.some((position) => position === label));
  const inFirstPosition = first === undefined ? [] : holdIn(board, first).strings;
  return held.flatMap((standings, stringIndex): readonly WayIn[] => {
    const [lowest] = standings;
    if (!lowest) return [];
    const inFirst = inFirstPosition[stringIndex] ?? [];
    const taken = inFirst.find(({ placement }) => placement.semitonesAboveOpen === lowest.placement.semitonesAboveOpen);
    const mmOf = ({ placement }: Standing): number => mmFromNut(ground.instrument.stringLengthMm, placement.firstFinger);
    const [home] = inFirst;
    return [
      {
        stringIndex,
        finger: lowest.placement.finger,
        pitch: formatPitch(lowest.pitch),
        lettersAboveOpen: stepsOf(lowest.pitch) - stepsOf(stringOf(ground.instrument, stringIndex).open),
        semitonesAboveOpen: lowest.placement.semitonesAboveOpen,
        takenFrom: taken?.placement.finger ?? null,
        travelMm: home ? mmOf(lowest) - mmOf(home) : 0,
      },
    ];
  });
}
