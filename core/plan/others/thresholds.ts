import type { Finger } from '#core/hand/placement';
import type { Difference } from './name.ts';

/** A number by which other fingerings are chosen, with its unit and its reason. */
interface Threshold<Value> {
  readonly value: Value;
  readonly unit: string;
  /** The reason for it, in a sentence. */
  readonly why: string;
}

/**
 * Every threshold by which other fingerings are found, left out and put in order, once. The costs were fitted to fingerings that teachers
 * read and graded; the bounds on work keep the longest lines within seconds and were chosen so that no graded brief loses a fingering.
 */
export const THRESHOLDS = {
  asGoodWithin: threshold(0.1, 'costs of a shift', 'A difference this small is a matter of taste: a teacher calls the two equally good.'),
  mostToPractise: threshold(
    2.65,
    'costs of a shift',
    'About two shifts with their way in: a scale is there to be practised in many places.',
  ),
  mostToPlay: threshold(1.5, 'costs of a shift', 'In a tune nobody wants the harder fingering, so little more than a shift is offered.'),
  mostOfSemitones: threshold(5.3, 'costs of a shift', 'In runs of semitones the fingers of another school cost much and are still wanted.'),
  mostForLittle: threshold(1000, 'thousandths', 'One other finger, or a near copy of a line, is not worth more than half a shift.'),
  mostForAShift: threshold(2000, 'thousandths', 'Where one position holds a line at home, shifts in it must not cost more than one shift.'),
  unusualShift: threshold(1500, 'thousandths', 'A shift that arrives in another way than schools teach comes after those that do.'),
  anotherSlides: threshold(1500, 'thousandths', 'Another finger that slides by semitones makes a run hard to hear and to learn.'),
  opened: threshold(100, 'thousandths', 'Each note with an opened hand counts a little against a line that is closed.'),
  fromFirstTo: threshold<Readonly<Record<number, number>>>(
    { 2: 1000, 4: 300 },
    'thousandths, by position',
    'On violin and viola the hand goes from first to third position: second is rare, fourth a little less.',
  ),
  turn: threshold(800, 'thousandths', 'One kind of fingering waits about half a shift for another kind to be offered first.'),
  waits: threshold<Partial<Readonly<Record<Difference['kind'], number>>>>(
    {
      'finger-a-semitone': -10,
      'same-fingers': -10,
      'no-shift': -4,
      'two-and-two': -3,
      groups: -3,
      moment: 2,
      'more-open': 6,
      'fewer-open': 6,
      'no-fourth-finger': 2,
      fingers: 2,
    },
    'turns',
    'Fingerings that every teacher knows come sooner; those that change little, or only when the hand shifts, wait.',
  ),
  nearCopyWaits: threshold(5, 'turns', 'A near copy of a fingering, on another string, tells a teacher nothing new.'),
  visitNotes: threshold(2, 'notes', 'A hand that leaves and is back after two notes has only visited; it has not moved.'),
  mostShiftsNamed: threshold(2, 'shifts', 'A name with more than two shifts in it is not read.'),
  mostPositionsNamed: threshold(3, 'positions', 'A name with more than three positions in it is not read.'),
  notesOfAGroup: threshold(3, 'notes', 'A group of fingers that goes from string to string plays three notes on each.'),
  slides: threshold<readonly (Finger | null)[]>(
    [null, '1', '2', '3', '4'],
    'fingers',
    'In a run of semitones no finger slides, or one of these.',
  ),
  mostNotesCompared: threshold(400, 'notes', 'In longer lines only wishes are tried: telling all others apart would take too long.'),
  mostNotesSolvedAgain: threshold(120, 'notes', 'Only lines this long are solved again for each of their notes.'),
  mostNamesExamined: threshold(12, 'names', 'Finding out whether a single hand plays a line takes longest, so the likeliest are asked.'),
  mostLinesOfAName: threshold(3, 'lines', 'Two more lines of a name stand by in case no single hand plays the first.'),
  mostNamesJoined: threshold(12, 'names', 'The lines of the likeliest names are joined two and two; others seldom gain by it.'),
  waysAStep: threshold(150, 'lines', 'The work pauses this often, so that it can be stopped and shown.'),
  mostApartBy: threshold(2000, 'thousandths', 'Above this cost it does not matter any more from which position a line shifts.'),
  mostTraced: threshold(110, 'ways', 'The cheapest ways through one lattice hold all that were graded well.'),
  mostTracedBack: threshold(40, 'ways', 'Of a line that comes back fewer are kept, for they differ only in coming down.'),
  moreShifts: threshold(2, 'shifts', 'A fingering with more than two shifts above the best is not wanted.'),
  mostPatterns: threshold(12, 'patterns', 'The patterns of one string that are tried on all: the others are rare.'),
} as const;

function threshold<const Value>(value: Value, unit: string, why: string): Threshold<Value> {
  return { value, unit, why };
}
