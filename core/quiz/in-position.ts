import type { MappedFinger, MappedString, PositionMap } from '#core/atlas';
import type { InstrumentKind } from '#core/instrument';
import { ACROSS, nameOf, placeNamed, type QuestionOf, type QuizPlace, type QuizQuestion } from './question.ts';

/** The parts from which the questions of one position are made. */
export interface AskedOf {
  /** The instrument. */
  readonly kind: InstrumentKind;
  /** The key, documents' form. */
  readonly key: string;
}

/**
 * Lists everything that can be asked of one position: places and notes both ways, finger 1, fingers that touch, and straight or diagonal.
 */
export function questionsInPosition(of: AskedOf, map: PositionMap): readonly QuizQuestion[] {
  const places = placesIn(map);
  return [
    ...places.map((place) => placeToNote(of, map, place)),
    ...notesIn(places).map((written) => noteToPlace(of, map, written)),
    ...places.flatMap((place) => firstFinger(of, map, place)),
    ...map.strings.flatMap((string) => touch(of, map, string)),
    ...across(of, map),
  ];
}

/** Lists the places under the hand, from the lowest string up. */
export function placesIn({ strings }: PositionMap): readonly QuizPlace[] {
  return strings.toReversed().flatMap((string) => string.fingers.map((finger) => placeOf(string, finger)));
}

function placeOf({ stringIndex, open }: MappedString, { finger, semitonesAboveOpen, pitch, written }: MappedFinger): QuizPlace {
  return { stringIndex, open, finger, semitonesAboveOpen, pitch, written };
}

/** Makes the id of a question from everything that makes it this one. */
export function quizId(kind: string, { kind: instrument, key }: AskedOf, ...more: readonly string[]): string {
  return [kind, instrument, key, ...more].join(' | ');
}

/** Makes the id of the question which note lies at a place. */
export function placeToNoteId(of: AskedOf, position: string, place: QuizPlace): string {
  return quizId('place-to-note', of, position, placeNamed(place));
}

function placeToNote(of: AskedOf, { position }: PositionMap, place: QuizPlace): QuestionOf<'place-to-note'> {
  const id = placeToNoteId(of, position, place);
  return { id, kind: 'place-to-note', key: of.key, position, place, answers: [nameOf(place.written)], shown: [place] };
}

/** Lists the open strings of the key, as places. */
export function openPlacesIn({ strings }: PositionMap): readonly QuizPlace[] {
  return strings.toReversed().flatMap(({ stringIndex, open, openWritten, openInKey }): readonly QuizPlace[] => {
    const place = { stringIndex, open, finger: '0' as const, semitonesAboveOpen: 0, pitch: open, written: openWritten };
    return openInKey ? [place] : [];
  });
}

function notesIn(places: readonly QuizPlace[]): readonly QuizPlace[] {
  return [...new Map(places.map((place) => [place.written, place])).values()];
}

function noteToPlace(of: AskedOf, map: PositionMap, { written, pitch }: QuizPlace): QuestionOf<'note-to-place'> {
  // An open string is as good an answer as a finger, wherever the hand is.
  const shown = [...placesIn(map), ...openPlacesIn(map)].filter((place) => place.written === written);
  const id = quizId('note-to-place', of, map.position, written);
  const answers = shown.map(placeNamed).toSorted();
  return { id, kind: 'note-to-place', key: of.key, position: map.position, written, pitch, answers, shown };
}

/** Asks where finger 1 is while another plays; not on a string where it stands on no note of the key. */
function firstFinger(of: AskedOf, map: PositionMap, place: QuizPlace): readonly QuestionOf<'first-finger'>[] {
  const first = placesIn(map).find(({ stringIndex, finger }) => stringIndex === place.stringIndex && finger === '1');
  if (!first || place.finger === '1' || place.finger === 'T') return [];
  const id = quizId('first-finger', of, map.position, placeNamed(place));
  return [
    { id, kind: 'first-finger', key: of.key, position: map.position, place, answers: [nameOf(first.written)], shown: [first, place] },
  ];
}

/** Asks which fingers touch, that is, stand a semitone apart; a string with a single finger on it is no question. */
function touch(of: AskedOf, { position }: PositionMap, string: MappedString): readonly QuestionOf<'touch'>[] {
  if (string.fingers.length < 2) return [];
  const touching = string.gaps.filter(({ semitones }) => semitones === 1).map(({ from, to }) => `${from} ${to}`);
  const fingers = string.fingers.map(({ finger }) => finger);
  const shown = string.fingers.map((finger) => placeOf(string, finger));
  const id = quizId('touch', of, position, string.open);
  return [{ id, kind: 'touch', key: of.key, position, open: string.open, fingers, answers: touching.toSorted(), shown }];
}

function across(of: AskedOf, map: PositionMap): readonly QuestionOf<'across'>[] {
  const places = placesIn(map);
  const openOf = (index: number): string => map.strings[index]?.open ?? '';
  return map.across.map(({ finger, fromString, toString, semitones }) => {
    const [straight, higher, lower] = ACROSS;
    const [from, to] = [openOf(fromString), openOf(toString)];
    return {
      id: quizId('across', of, map.position, `${finger} ${from} ${to}`),
      kind: 'across',
      key: of.key,
      position: map.position,
      finger,
      from,
      to,
      answers: [semitones === 0 ? straight : semitones > 0 ? higher : lower],
      shown: places.filter((place) => place.finger === finger && (place.stringIndex === fromString || place.stringIndex === toString)),
    };
  });
}
