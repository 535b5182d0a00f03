import type { PositionMap } from '#core/atlas';
import type { Finger } from '#core/hand/placement';
import { type InstrumentSpec, readInstrument, writtenOnString } from '#core/instrument';
import { DIATONIC_SEMITONES, formatPitch, parsePitch, pitchAt, respell, semitonesOf, stepsOf } from '#core/pitch';
import { type AskedOf, openPlacesIn, placesIn, placeToNoteId, quizId } from './in-position.ts';
import { nameOf, type QuestionOf, type QuizPlace } from './question.ts';

/** The notes that have two usual names, each with its other name. */
const OTHER_NAMES: readonly (readonly [string, string])[] = [
  ['C#', 'Db'],
  ['D#', 'Eb'],
  ['F#', 'Gb'],
  ['G#', 'Ab'],
  ['A#', 'Bb'],
  ['B#', 'C'],
  ['E#', 'F'],
  ['Cb', 'B'],
  ['Fb', 'E'],
];

/** Lists the questions for the other name of every note that has one, both ways. */
export function otherNameQuestions(of: AskedOf): readonly QuestionOf<'other-name'>[] {
  return OTHER_NAMES.flatMap(([one, other]) => [
    [one, other],
    [other, one],
  ]).flatMap(([name = '', answer = '']) => [
    {
      id: quizId('other-name', { ...of, key: '' }, name),
      kind: 'other-name',
      key: of.key,
      position: null,
      name,
      answers: [answer],
      shown: [],
    },
  ]);
}

/** The fingers of violin and viola, each on its own letter above the first. */
const LETTER_FINGERS: readonly Finger[] = ['1', '2', '3', '4'];

/**
 * Lists the questions for two names of one place, each with the finger of its own letter: D♯5 and E♭5 on the A string in first position are
 * 3 low and 4 low. On violin and viola alone: elsewhere a place has one finger under whatever name.
 */
export function letterFingerQuestions(of: AskedOf, spec: InstrumentSpec, position: string): readonly QuestionOf<'letter-finger'>[] {
  const instrument = readInstrument(spec);
  const first = Number(position);
  if (!instrument.ok || (of.kind !== 'violin' && of.kind !== 'viola') || !Number.isInteger(first)) return [];
  return instrument.value.strings.flatMap(({ open, name, semitones }, stringIndex) =>
    LETTER_FINGERS.flatMap((finger, order): readonly QuestionOf<'letter-finger'>[] => {
      const steps = stepsOf(open) + first + order;
      return [-1, 1].flatMap((alteration): readonly QuestionOf<'letter-finger'>[] => {
        const pitch = pitchAlteredBy(steps, alteration);
        const above = pitch ? pitch.semitones - semitones : 0;
        if (!pitch || above < 1 || above > instrument.value.highestSemitone) return [];
        const written = formatPitch(writtenOnString(instrument.value, stringIndex, pitch.pitch));
        const sounding = formatPitch(pitch.pitch);
        const place: QuizPlace = { stringIndex, open: name, finger, semitonesAboveOpen: above, pitch: sounding, written };
        const id = quizId('letter-finger', { ...of, key: '' }, position, name, written);
        return [{ id, kind: 'letter-finger', key: of.key, position, open: name, name: written, answers: [finger], shown: [place] }];
      });
    }),
  );
}

/**
 * Gives the natural letter a number of steps above C0, moved a semitone up or down, where that has another name: a black key, to a pianist.
 */
function pitchAlteredBy(steps: number, alteration: number) {
  const natural = DIATONIC_SEMITONES[steps % DIATONIC_SEMITONES.length] ?? 0;
  const semitones = 12 * Math.floor(steps / DIATONIC_SEMITONES.length) + natural + alteration;
  const pitch = pitchAt(steps, semitones);
  const other = pitch && respell(pitch, alteration > 0 ? 1 : -1);
  return pitch && other && Math.abs(other.alteration) === 1 ? { pitch, semitones } : null;
}

/** The ways through the names of a position. */
export const NAME_WAYS = ['up', 'down', 'up-down'] as const;

/** A way through the names of a position. */
export type NameWay = (typeof NAME_WAYS)[number];

/** One name to be said: a place under the hand, and the question it answers. */
export interface NameAsked {
  /** The id of the question which note lies there. */
  readonly question: string;
  /** The place where it lies. */
  readonly place: QuizPlace;
  /** The name that is right, documents' form. */
  readonly answer: string;
}

/** Lists the names of a key in a position in order: all that lies under the hand, or an octave from its lowest tonic, up, down, or both. */
export function namesInOrder(of: AskedOf, map: PositionMap, way: NameWay, octave: { readonly from: string } | null): readonly NameAsked[] {
  const all = eachNoteOnce(scaleIn(map));
  const upward = octave ? octaveFrom(all, octave.from) : all;
  const ordered = way === 'up' ? upward : way === 'down' ? upward.toReversed() : [...upward, ...upward.toReversed().slice(1)];
  return ordered.map((place) => ({ question: placeToNoteId(of, map.position, place), place, answer: nameOf(place.written) }));
}

/** Lists the places under the hand from the lowest string up, with the open strings that belong to the position. */
function scaleIn(map: PositionMap): readonly QuizPlace[] {
  const belongs = map.strings.filter(({ openBelongs }) => openBelongs).map(({ stringIndex }) => stringIndex);
  const open = openPlacesIn(map).filter(({ stringIndex }) => belongs.includes(stringIndex));
  return [...open, ...placesIn(map)].toSorted(
    (one, other) => other.stringIndex - one.stringIndex || one.semitonesAboveOpen - other.semitonesAboveOpen,
  );
}

/** Keeps each note once: of two places the open string, else the lower string. */
function eachNoteOnce(places: readonly QuizPlace[]): readonly QuizPlace[] {
  return places.filter((place) => {
    const same = places.filter(({ written }) => written === place.written);
    return place === (same.find(({ finger }) => finger === '0') ?? same[0]);
  });
}

/** Cuts the row from the lowest tonic to the next one above it; all of it where there is no tonic. */
function octaveFrom(places: readonly QuizPlace[], tonic: string): readonly QuizPlace[] {
  const first = places.findIndex(({ written }) => nameOf(written) === tonic);
  if (first < 0) return places;
  const next = places.findIndex(({ written }, order) => order > first && nameOf(written) === tonic);
  return places.slice(first, next < 0 ? undefined : next + 1);
}

/** Tells whether two names sound the same: A♯ and B♭. */
export function soundsTheSame(one: string, other: string): boolean {
  const [first, second] = [one, other].map((name) => parsePitch(`${name}4`));
  return first?.ok === true && second?.ok === true && (semitonesOf(first.value) - semitonesOf(second.value)) % 12 === 0;
}
