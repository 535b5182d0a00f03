import { format } from 'date-fns/format';
import { countText, listText, positionWords } from '#core/messages';
import type { Level } from '#core/listening';
import type { HeardArrival } from '#core/listening/reading';
import type { ArrivalMiss, ChromaticOctave, Drift, NoteMiss, Purity, SamePitch, Shared, WeakPlace } from '#core/listening/report';
import type { Plan, Shift } from '#core/plan/describe';
import { noteLabel, pitchLabel } from '#core/pitch';
import type { NoTake } from '../../audio/index.ts';
import { noteAtText, type TellNoteOfLine } from '../line/note-places.ts';
import { fingerName } from '../plan-words.ts';
import { centsText, signedMmText } from './intonation.ts';

/** The words of the page on which a take is read. */
export const TAKE_PAGE = {
  waiting: 'Planning the piece …',
  reading: 'Reading the take …',
  failed: 'The take could not be read. Try it again.',
  none: 'Nothing has been played yet. Record the line, open a recording of it, or let the simulated player play it. The sound stays on this machine.',
  asking: 'The browser asks for the microphone: it is used until you stop, and the sound stays on this machine.',
  lane: 'How far each finger stood from its place, magnified, mm: up is sharp, down is flat',
  laneCompared: 'How far each finger stood from its place, magnified, mm; in dashed outline: the earlier take',
  trace: 'The green line on the path is where along the string the finger sounded.',
  notThisLine: 'Little of this line was heard. It may be another piece, or somebody spoke: nothing is said of the playing.',
  nothingWeak: 'No finger, string or shift lies to one side more than chance would have it.',
  caution: 'A reading helps to find where to listen. The ear of player and teacher decides.',
} as const;

/** The words of the button that records a line. */
export const RECORD = { begin: 'Record', stop: 'Stop and read it' } as const;

/** The reasons why a file is not read. */
export const NO_TAKE: Readonly<Record<NoTake, string>> = {
  'too-large': 'This file is too large for a take of ten minutes. Cut it, or save it as a shorter recording.',
  'too-long': 'This recording is longer than ten minutes. Cut out the part in which the line is played.',
  'too-many-notes':
    'This take is too long for a line of this many notes. Make a piece of the passage that is played, and read the take against that.',
  'no-length': 'This file does not tell how long it is. Save it as WAV, and open it again.',
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
  finger: 'with one finger out of tune',
  string: 'with one string out of tune',
  note: 'with one note out of tune',
  shifts: 'with shifts that miss',
  landing: 'with shifts that overshoot and are corrected',
  drift: 'drifting sharp',
  vibrato: 'with vibrato',
  slips: 'with slips, as in a first reading',
} as const;

/** The shifts that a simulated player misses, in the sentence. */
export const SHIFTS_MISSED = { both: 'upward and downward', up: 'upward', down: 'downward' } as const;

/** Writes how far out a simulated player plays: "18 cents flat"; of shifts "18 cents beyond their place". */
export function outByText(cents: number, ofShifts: boolean): string {
  const side = ofShifts ? (cents > 0 ? 'beyond their place' : 'short of their place') : cents > 0 ? 'sharp' : 'flat';
  return `${Math.abs(cents)} cents ${side}`;
}

/** The places in which a simulated player plays, in the sentence. */
export const PLACE_LABELS = { silence: 'in a quiet place', noise: 'in a noisy place', room: 'in a room that rings' } as const;

/** The sounds along, in the sentence. */
export const ALONG_LABELS = { nothing: 'on its own', drone: 'with a drone on the tonic', metronome: 'with the metronome' } as const;

/** The words for keeping a take. */
export const KEEPING = {
  keep: 'Keep it in the record',
  simulated: 'A simulated player’s take does not go into the record.',
  notThisLine: 'A take in which little of the line was heard does not go into the record.',
  tooLong: 'too long to be kept in the record: save it as a file',
  failed: 'The sound could not be saved. Try it again.',
} as const;

/** Writes that a take is kept: "Kept in the record of Mara: 24 notes; unclear ones are left out." */
export function keptText(name: string, notes: number): string {
  return `Kept in the record${name === '' ? '' : ` of ${name}`}: ${countText(notes, 'note', 'notes')}; unclear ones are left out.`;
}

/** Names a take by its time: "3 December, 17:05". */
export function takenAtText(at: number): string {
  return format(at, 'd MMMM, HH:mm');
}

/** Names a take of this visit by its time: "17:05:12", "17:05:12, by the simulated player". */
export function takenNowText(at: number, simulated: boolean): string {
  return `${format(at, 'HH:mm:ss')}${simulated ? ', by the simulated player' : ''}`;
}

/** Writes cents without their unit: "−26". */
export function signedCents(cents: number): string {
  return centsText(Math.round(cents)).replace(/\.0 cents| cents/, '');
}

/** The words of the table of shifts. */
export const SHIFTS_TAKEN = {
  title: 'Shifts within one bow',
  columns: ['Arrives on', 'Shift', 'Lands', 'Heard on the way', 'Against the plan'],
  note: 'Where the bow changes with the shift, its way is not heard, and such a shift is not listed.',
} as const;

/** Writes where a shift landed first: "3.1 mm beyond, corrected in 0.2 s". */
export function landingText({ lands, beyondMm, heard: { correctedIn } }: ArrivalMiss): string {
  const corrected = correctedIn > 0 ? `, corrected in ${correctedIn.toFixed(1)} s` : lands === 'on it' ? '' : ', and stays there';
  const by = beyondMm === null ? '' : `${Math.abs(beyondMm).toFixed(1)} mm `;
  return lands === 'on it' ? `at its place${corrected}` : `${by}${lands}${corrected}`;
}

/** Writes where most shifts land first, where it is not at their place: "4 of 5 shifts within one bow land beyond their place at first." */
export function landingsText(arrivals: readonly ArrivalMiss[]): string | null {
  const most = (['beyond', 'short'] as const).find((lands) => 2 * arrivals.filter((one) => one.lands === lands).length > arrivals.length);
  if (!most || arrivals.length < 2) return null;
  const off = arrivals.filter(({ lands }) => lands === most);
  const where = most === 'beyond' ? 'beyond their place' : 'short of their place';
  return `${off.length} of ${arrivals.length} shifts within one bow land ${where} at first.`;
}

/** The parts of the way that are heard. */
const PART_WORDS: Readonly<Record<HeardArrival['part'], string>> = {
  from: 'out of the old note',
  into: 'into the new note',
  all: 'all the way',
  none: 'nothing',
};

/** Writes what was heard on the way: "a slide of 0.15 s all the way", "nothing: a silent shift". */
export function slideText({ heard: { part, slideSeconds } }: ArrivalMiss): string {
  return part === 'none' ? 'nothing: a silent shift' : `a slide of ${slideSeconds.toFixed(2)} s ${PART_WORDS[part]}`;
}

/** Writes how the way that was heard compares with the guide of the plan. */
export function guideHeardText({ planned, passedInBetween, heard: { part } }: ArrivalMiss): string {
  if (part === 'none') return planned === 'none' ? 'silent, as planned' : '';
  if (planned === 'none') return 'planned without a slide';
  const passing = passedInBetween === null ? '' : passedInBetween ? ', over the in-between note' : ', not over the in-between note';
  return part === planned ? `as planned${passing}` : `the plan leads ${PART_WORDS[planned]}${passing}`;
}

/** The words of the table by finger, string, position and arrival. */
export const GROUPS_TAKEN = {
  title: 'By finger, string, position and shift',
  columns: ['', 'Notes', 'Flat', 'Sharp', 'Mean', 'Spread'],
  by: { finger: 'By finger', string: 'By string', position: 'By position', arrival: 'By arriving shift' },
} as const;

const ARRIVAL_WORDS = { up: 'after a shift upward', down: 'after a shift downward', none: 'without a shift' } as const;

/** Names what notes of a take have in common. */
export function sharedText(shared: Shared, plan: Plan): string {
  switch (shared.by) {
    case 'finger':
      return fingerName(shared.finger);
    case 'string':
      return stringText(shared.string, plan);
    case 'position':
      return positionWords(shared.position);
    case 'arrival':
      return ARRIVAL_WORDS[shared.way];
  }
}

function stringText(number: string, { strings }: Plan): string {
  const string = strings.find((one) => one.number === number);
  return `${number}${string ? ` (${noteLabel(string.name)})` : ''}`;
}

/** The reasons why it is not told how pure a double stop was. */
const NOT_PURE_TOLD = {
  'too short': 'too short to tell',
  unclear: 'too unclear to tell',
  'no small ratio': 'no clear beats to judge it by',
} as const;

/** Writes how pure a double stop was: "4 cents wide, 1.2 beats a second"; nothing of a single note. */
export function purityText(purity: Purity | null): string {
  if (purity === null) return '';
  if (purity.heard !== 'side' && purity.heard !== 'size') return NOT_PURE_TOLD[purity.heard];
  const size = Math.round(Math.abs(purity.cents));
  if (size < 2) return 'pure';
  const beats = `${purity.beats.toFixed(1)} beats a second`;
  if (purity.heard === 'size') return `${size} cents off, ${beats}; whether wide or narrow cannot be heard`;
  return `${size} cents ${purity.cents > 0 ? 'wide' : 'narrow'}, ${beats}`;
}

/** Writes that a pitch came out differently: "E5 differs by 14 cents: finger 4 on II (A) −3.2 mm, finger 1 on I (E) +0.4 mm." */
export function samePitchText({ written, places, apartCents }: SamePitch, plan: Plan): string {
  const told = places.map(({ finger, string, mm }) => `${fingerName(finger)} on ${stringText(string, plan)} ${signedMmText(mm)}`);
  return `${pitchLabel(written)} differs by ${Math.round(apartCents)} cents: ${listText(told)}.`;
}

/** Writes a chromatic octave: "Chromatic octave upward from measure 1, beat 1 (G3): 12 of 13 notes, semitones of 82 to 115 cents." */
export function chromaticOctaveText({ from, way, notes, semitones }: ChromaticOctave, tell: TellNoteOfLine): string {
  const sizes =
    semitones.length === 0 ? '' : `, semitones of ${Math.round(Math.min(...semitones))} to ${Math.round(Math.max(...semitones))} cents`;
  return `Chromatic octave ${way}ward from ${noteAtText(tell(from), from)}: ${notes} of 13 notes${sizes}.`;
}

/** Writes a drift: "The line drifts sharp by 34 cents from its first note to its last." */
export function driftText({ cents }: Drift): string {
  return `The line drifts ${cents > 0 ? 'sharp' : 'flat'} by ${Math.round(Math.abs(cents))} cents from its first note to its last.`;
}

/** The most places that are told at which a sound is cut off. */
const MOST_CUT_OFF = 5;

/** Writes where the sound is cut off: "The sound is cut off at 3 s and 12 s: it was too loud for the microphone."; null where it is not. */
export function cutOffText(seconds: readonly number[]): string | null {
  if (seconds.length === 0) return null;
  const told = seconds.slice(0, MOST_CUT_OFF).map((at) => `${Math.floor(at)} s`);
  const more = seconds.length - told.length;
  const places = listText([...told, ...(more > 0 ? [countText(more, 'more place', 'more places')] : [])]);
  return `The sound is cut off at ${places}: it was too loud for the microphone.`;
}

/** Names the sides on which a note may lie. */
export const SIDE_LABELS = { flat: 'flat', 'in tune': 'in tune', sharp: 'sharp' } as const;

/** Writes how much of a line was heard: "29 of 30 notes were heard. Left out: measure 3, beat 1 (A4)." */
export function heardText(misses: readonly NoteMiss[], leftOut: readonly number[], due: number, tell: TellNoteOfLine): readonly string[] {
  const placesOf = (notes: readonly number[]): string => listText(notes.map((note) => noteAtText(tell(note), note)));
  const reached = misses.reduce((last, { note }) => Math.max(last, note), -1);
  const skipped = leftOut.filter((note) => note < reached);
  // Of a double stop either voice may have been heard, or both.
  const notes = misses.filter(({ heard }, order) => heard !== misses[order - 1]?.heard);
  const wrong = notes.filter(({ heard }) => heard.wrongBy !== 0);
  const again = notes.filter(({ heard }) => heard.again);
  const doubtful = notes.filter((miss) => miss.doubtful);
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

function groupText(group: WeakPlace['group'], plan: Plan): string {
  switch (group.by) {
    case 'finger':
      return `${capital(fingerName(group.finger))} lies`;
    case 'string':
      return `Notes on ${stringText(group.string, plan)} lie`;
    case 'finger on string':
      return `${capital(fingerName(group.finger))} on ${stringText(group.string, plan)} lies`;
    case 'arrival':
      return `Shifts ${group.way === 'up' ? 'upward' : 'downward'} arrive`;
  }
}

function capital(text: string): string {
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
}

/** Writes the shift that arrives on a note: "from first to third position"; nothing where none does. */
export function arrivalText({ due: { shift } }: NoteMiss): string {
  return shift === null ? '' : shiftWayText(shift);
}

/** Writes the way of a shift: "from first to third position". */
export function shiftWayText({ fromPosition, toPosition }: Shift): string {
  return `from ${positionWords(fromPosition)} to ${positionWords(toPosition)}`;
}
