import { countText, listText, positionWords } from '#core/messages';
import type { Level } from '#core/listening';
import type { NoteMiss, WeakPlace } from '#core/listening/report';
import type { Plan } from '#core/plan/describe';
import { noteLabel } from '#core/pitch';
import type { NoTake } from '../../audio/index.ts';
import { noteAtText, type TellNoteOfLine } from '../line/note-places.ts';
import { fingerName } from '../plan-words.ts';

/** The words of the page on which a take is read. */
export const TAKE_PAGE = {
  title: 'Take',
  waiting: 'Planning the piece …',
  reading: 'Reading the take …',
  failed: 'The take could not be read. Try it again.',
  none: 'Nothing has been played yet. Record the line, open a recording of it, or let the simulated player play it. The sound stays on this machine.',
  asking: 'The browser asks for the microphone: it is used until you stop, and the sound stays on this machine.',
  doubleStops: 'This line has double stops. So far a take is read note by note: choose a line of single notes.',
  lane: 'How far each finger stood from its place, magnified, mm: up is sharp, down is flat',
  notThisLine: 'Little of this line was heard. It may be another piece, or somebody spoke: nothing is said of the playing.',
  nothingWeak: 'No finger, string or shift lies to one side more than chance would have it.',
  caution: 'A reading helps to find where to listen. The ear of player and teacher decides.',
} as const;

/** The reasons why a file is not read. */
export const NO_TAKE: Readonly<Record<NoTake, string>> = {
  'too-large': 'This file is too large for a take of ten minutes. Cut it, or save it as a shorter recording.',
  'too-long': 'This recording is longer than ten minutes. Cut out the part in which the line is played.',
  'too-many-notes':
    'This take is too long for a line of this many notes. Make a piece of the passage that is played, and read the take against that.',
  'no-sound': 'This browser does not read the file as sound. Save it as WAV, and open it again.',
  silent: 'Nothing is heard in this recording. Check the microphone with which it was made.',
};

/** The levels of a recording that goes on. */
export const LEVEL_LABELS: Readonly<Record<Level, string>> = {
  silent: 'Nothing is heard.',
  clipped: 'Too loud: the sound is cut off. Move away from the microphone.',
  sounding: 'The level is good.',
};

/** Writes how long a recording has been going on: "Recording, 12 s". */
export function recordedText(seconds: number): string {
  return `Recording, ${Math.floor(seconds)} s`;
}

/** The faults that a simulated player can have, in the sentence. */
export const FAULT_LABELS = {
  none: 'in tune',
  finger: 'with one finger flat',
  shifts: 'with shifts that overshoot',
  slips: 'with slips, as in a first reading',
} as const;

/** Names the sides on which a note may lie. */
export const SIDE_LABELS = { flat: 'flat', 'in tune': 'in tune', sharp: 'sharp' } as const;

/** Writes how much of a line was heard: "29 of 30 notes were heard. Left out: measure 3, beat 1 (A4)." */
export function heardText(misses: readonly NoteMiss[], leftOut: readonly number[], due: number, tell: TellNoteOfLine): readonly string[] {
  const placesOf = (notes: readonly number[]): string => listText(notes.map((note) => noteAtText(tell(note), note)));
  const reached = misses.reduce((last, { note }) => Math.max(last, note), -1);
  const skipped = leftOut.filter((note) => note < reached);
  const wrong = misses.filter(({ side }) => side === null);
  const again = misses.filter(({ heard }) => heard.again);
  const doubtful = misses.filter((miss) => miss.doubtful);
  return [
    `${due - leftOut.length} of ${countText(due, 'note', 'notes')} were heard.`,
    ...(skipped.length < leftOut.length && reached >= 0 ? [`Played as far as ${noteAtText(tell(reached), reached)}.`] : []),
    ...(skipped.length > 0 ? [`Left out: ${placesOf(skipped)}.`] : []),
    ...wrong.map(({ note, heard }) => `Another note at ${noteAtText(tell(note), note)}: ${byText(heard.wrongBy)}.`),
    ...(again.length > 0 ? [`Played again: ${placesOf([...new Set(again.map(({ note }) => note))])}.`] : []),
    ...(doubtful.length > 0 ? [`Too unclear to judge: ${placesOf(doubtful.map(({ note }) => note))}.`] : []),
  ];
}

function byText(semitones: number): string {
  return `${countText(Math.abs(semitones), 'semitone', 'semitones')} ${semitones > 0 ? 'higher' : 'lower'}`;
}

/** Writes a weak place: "Finger 3 on II (A) lies flat: 15 cents below the other notes, in 5 of 6 notes." */
export function weakText({ group, cents, othersCents, onThatSide, notes }: WeakPlace, plan: Plan): string {
  const [side, way] = cents < othersCents ? ['flat', 'below'] : ['sharp', 'above'];
  const apart = Math.round(Math.abs(cents - othersCents));
  return `${groupText(group, plan)} ${side}: ${apart} cents ${way} the other notes, in ${onThatSide} of ${countText(notes.length, 'note', 'notes')}.`;
}

function groupText(group: WeakPlace['group'], { strings }: Plan): string {
  const nameOf = (number: string): string => {
    const string = strings.find((one) => one.number === number);
    return `${number}${string ? ` (${noteLabel(string.name)})` : ''}`;
  };
  switch (group.by) {
    case 'finger':
      return `${capital(fingerName(group.finger))} lies`;
    case 'string':
      return `Notes on ${nameOf(group.string)} lie`;
    case 'finger on string':
      return `${capital(fingerName(group.finger))} on ${nameOf(group.string)} lies`;
    case 'arrival':
      return `Shifts ${group.way === 'up' ? 'upward' : 'downward'} arrive`;
  }
}

function capital(text: string): string {
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
}

/** Writes the shift that arrives on a note: "from first to third position"; nothing where none does. */
export function arrivalText({ due: { shift } }: NoteMiss): string {
  return shift === null ? '' : `from ${positionWords(shift.fromPosition)} to ${positionWords(shift.toPosition)}`;
}
