import { type Board, heldIn } from '#core/drill/position';
import type { Standing } from '#core/drill';
import type { Finger } from '#core/hand';
import { mmFromNut } from '#core/instrument/geometry';
import { stringOf } from '#core/instrument';
import { formatPitch, stepsOf } from '#core/pitch';

/** How the hand comes to a position on one string: from the open string, and from first position. */
export interface WayIn {
  /** 0 for string I. */
  readonly stringIndex: number;
  /** The lowest finger there, and its note, sounding in documents' form. */
  readonly finger: Finger;
  /** Its note. */
  readonly pitch: string;
  /** Letters from the open string up to it: 3 is a fourth above. */
  readonly lettersAboveOpen: number;
  /** Semitones from the open string up to it. */
  readonly semitonesAboveOpen: number;
  /** The finger of first position that plays the same note, which the new finger takes over; null where none does. */
  readonly takenFrom: Finger | null;
  /** How far finger 1 travels from its place in first position, mm; below 0 where it goes back, 0 in first position itself. */
  readonly travelMm: number;
}

/** The position from which others are reached, by what it is called on each instrument. */
const FIRST_POSITIONS = ['1', 'I'] as const;

/** The ways to what a position holds, string by string. */
export function waysIn(board: Board, held: readonly (readonly Standing[])[]): readonly WayIn[] {
  const { ground } = board;
  const first = ground.hand.positionLabels.find((label) => FIRST_POSITIONS.some((each) => each === label));
  const inFirstPosition = first === undefined ? [] : heldIn(board, first).strings;
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
