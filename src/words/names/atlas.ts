import type { MappedAcross, MappedString, PlaceOfNote, PositionMap, ScaleHere, ScaleTypeHere, WayIn } from '#core/atlas';
import type { School } from '#core/brief/parts/school';
import type { InstrumentKind } from '#core/instrument';
import { countText, listText, positionWords } from '#core/messages';
import { keyLabel } from '#core/key';
import { noteLabel, pitchLabel } from '#core/pitch';
import { patternKey } from '#core/plan/describe';
import { gapsText } from '../hand/patterns.ts';
import { intervalName } from './intervals.ts';
import { writtenLabel } from '../studio/instruments.ts';
import { mmText } from '../plan-words.ts';

/** Names a position: "third position". */
export function positionName(label: string): string {
  return positionWords({ label, alteration: null });
}

/** Writes the fingers of a string with their notes: "1 C5, 2 D5, 3 E5, 4 F5". */
export function fingersText({ fingers, openBelongs, openWritten }: MappedString): string {
  const open = openBelongs ? [{ finger: '0', written: openWritten }] : [];
  const all = [...open, ...fingers].map(({ finger, written }) => `${finger} ${pitchLabel(written)}`);
  return all.length === 0 ? 'nothing of the key' : all.join(', ');
}

/** Writes the fingers that touch on a string, by the teacher's own name where it has one. */
export function mappedPatternText({ gaps }: MappedString, { patternNames = {} }: School = {}): string {
  if (gaps.length === 0) return '';
  const own = patternNames[patternKey({ gaps })];
  return own === undefined ? gapsText(gaps) : `${own} (${gapsText(gaps)})`;
}

/** Writes tones and semitones from finger to finger: "tone, semitone, tone". */
export function stepsText({ gaps }: MappedString): string {
  return gaps.map(({ semitones }) => STEPS[semitones] ?? countText(semitones, 'semitone', 'semitones')).join(', ');
}

const STEPS: Readonly<Record<number, string>> = { 1: 'semitone', 2: 'tone', 3: 'augmented second' };

/** Writes the way from the open string up to the tonic: "tone, tone, semitone to D"; "the open string". */
export function toTonicText(steps: readonly number[], tonic: string): string {
  if (steps.length === 0) return 'the open string';
  return `${steps.map((semitones) => STEPS[semitones] ?? countText(semitones, 'semitone', 'semitones')).join(', ')} to ${tonic}`;
}

/**
 * Writes how the hand comes to a string: "1 lies a fourth above the open D; it takes over from 3 in first position; finger 1 goes 72 mm up
 * from first position".
 */
export function wayInText({ finger, lettersAboveOpen, semitonesAboveOpen, takenFrom, travelMm }: WayIn, open: string): string {
  // Writes an interval above; a fourth alone is a perfect one.
  const above = intervalName(lettersAboveOpen, semitonesAboveOpen).replace('perfect ', '');
  const from = takenFrom === null || travelMm < 1 ? '' : `; it takes over from ${takenFrom} in first position`;
  const way =
    Math.abs(travelMm) < 1 ? '' : `; finger 1 goes ${mmText(Math.abs(travelMm))} ${travelMm > 0 ? 'up' : 'down'} from first position`;
  return `${finger} lies ${above} above the open ${noteLabel(open)}${from}${way}`;
}

/** The tritone, semitones. */
const TRITONE = 6;

/** Tells whether one finger on two strings makes the tritone. */
export function isTritone({ interval }: MappedAcross): boolean {
  return interval === TRITONE;
}

/** Writes a finger from string to string: "2, D to A: straight across"; "2, D to A: a semitone lower on A, a tritone". */
export function acrossText(across: MappedAcross, strings: PositionMap['strings']): string {
  const name = (index: number): string => noteLabel(strings[index]?.open ?? '');
  const [from, to] = [name(across.fromString), name(across.toString)];
  return `${across.finger}, ${from} to ${to}: ${diagonalWords(across, to)}`;
}

function diagonalWords(across: MappedAcross, to: string): string {
  const { semitones } = across;
  if (semitones === 0) return 'straight across';
  const far = Math.abs(semitones) === 1 ? 'a semitone' : countText(Math.abs(semitones), 'semitone', 'semitones');
  return `${far} ${semitones > 0 ? 'higher' : 'lower'} on ${to}${isTritone(across) ? ', a tritone' : ''}`;
}

/**
 * Writes a scale of a position: "G major from G3: 2 octaves, 2 notes above left over"; "G minor from G3: 2 octaves" where the rest is not
 * said.
 */
export function scaleHereText({ key, tonic, octaves, left }: ScaleHere, kind: InstrumentKind): string {
  const told = `${keyLabel(key)} from ${writtenLabel(kind, tonic)}: ${countText(octaves, 'octave', 'octaves')}`;
  if (!left) return told;
  const over = [
    ...(left.above > 0 ? [`${countText(left.above, 'note', 'notes')} above`] : []),
    ...(left.below > 0 ? [`${countText(left.below, 'note', 'notes')} below`] : []),
  ];
  return `${told}, ${over.length === 0 ? 'nothing left over' : `${listText(over)} left over`}`;
}

/** The names of kinds of scales, for headings. */
export const SCALES_HERE_WORDS: Readonly<Record<ScaleTypeHere, string>> = {
  major: 'major scales',
  'natural-minor': 'natural minor scales',
  'harmonic-minor': 'harmonic minor scales',
  'melodic-minor': 'melodic minor scales',
};

/** Writes the distance of a place from the nut: "2 semitones up, 36 mm". */
export function placeDistanceText(semitones: number, mm: number): string {
  return `${countText(semitones, 'semitone', 'semitones')} up, ${mmText(mm)}`;
}

/** Writes the places of a note on a string: "A string: 1 in third position, 2 in second position". */
export function waysOnStringText({ open, ways }: PlaceOfNote): string {
  const told = ways.map(({ finger, position }) => (finger === '0' ? 'the open string' : `${finger} in ${positionName(position)}`));
  return `${noteLabel(open)} string: ${told.join(', ')}`;
}

/** The words of the atlas. */
export const ATLAS_WORDS = {
  waiting: 'Drawing the map …',
  nothing: 'This position holds nothing of the key.',
  noScale: 'No such scale has a whole octave here.',
  noFinger: 'No finger of this hand plays it.',
  legend:
    'Press a bead to hear it. Dark: the tonic. A bar joins fingers that touch. A green ring: an open string rings with the note. Grey ground: the hand in this position. Dashed: the same note elsewhere, with the finger of the lowest position that has it. An outer ring: the place that was pressed.',
  frames:
    'Each line is what one position holds, from its lowest to its highest finger, in true millimetres; after it the octave from the lowest finger to the next string.',
} as const;
