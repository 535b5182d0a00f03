import type { PositionMap } from '#core/atlas';
import { writtenPitch } from '#core/instrument';
import { formatPitch, parsePitch, type Pitch, semitonesOf, stepsOf } from '#core/pitch';
import { type Key, nextInKey, parseKey } from '#core/key';
import { type AskedOf, placesIn, quizId } from './in-position.ts';
import { intervalNamed, placeNamed, type QuestionOf, type QuizPlace } from './question.ts';

/** Lists the questions for shifts of one finger between two positions, both ways: the interval that sounds, and the target. */
export function shiftQuestions(
  of: AskedOf,
  from: PositionMap,
  to: PositionMap,
): readonly (QuestionOf<'shift-interval'> | QuestionOf<'shift-target'>)[] {
  return placesIn(from).flatMap((place) => {
    const target = placesIn(to).find(({ stringIndex, finger }) => stringIndex === place.stringIndex && finger === place.finger);
    const interval = target && intervalBetween(place.pitch, target.pitch);
    // Nobody shifts a finger further than an octave on one string.
    if (!target || interval === undefined || !INTERVALS_OFFERED.includes(interval)) return [];
    const shift = { key: of.key, position: to.position, from: place, to: target, fromPosition: from.position, shown: [place, target] };
    const id = (kind: string): string => quizId(kind, of, from.position, to.position, placeNamed(place));
    return [
      { ...shift, kind: 'shift-interval', id: id('shift-interval'), answers: [interval] } as const,
      { ...shift, kind: 'shift-target', id: id('shift-target'), answers: ['yes'] } as const,
    ];
  });
}

/** Lists every interval within an octave of the key from its lowest tonic that the instrument plays: heard and named. */
export function intervalQuestions(of: AskedOf, maps: readonly PositionMap[]): readonly QuestionOf<'key-interval'>[] {
  const key = parseKey(of.key);
  const tonic = key.ok ? lowestTonic(key.value, maps.flatMap(placesIn)) : null;
  if (!key.ok || !tonic) return [];
  const octave = octaveUp(tonic, key.value);
  return octave.flatMap((low, order) =>
    octave.slice(order + 1).map((high): QuestionOf<'key-interval'> => {
      const pitches = [formatPitch(low), formatPitch(high)] as const;
      const answers = [intervalBetween(...pitches)];
      const written = [formatPitch(writtenPitch(of.kind, low)), formatPitch(writtenPitch(of.kind, high))] as const;
      const id = quizId('key-interval', of, ...pitches);
      return { id, kind: 'key-interval', key: of.key, position: null, pitches, written, answers, shown: [] };
    }),
  );
}

function lowestTonic({ tonic }: Key, places: readonly QuizPlace[]): Pitch | null {
  const sounding = places.flatMap(({ pitch }) => {
    const read = parsePitch(pitch);
    return read.ok && read.value.letter === tonic.letter && read.value.alteration === tonic.alteration ? [read.value] : [];
  });
  return sounding.toSorted((one, other) => semitonesOf(one) - semitonesOf(other))[0] ?? null;
}

/** Lists eight notes up from the tonic. */
function octaveUp(tonic: Pitch, key: Key): readonly Pitch[] {
  const notes = [tonic];
  while (notes.length < 8) notes.push(nextInKey(notes[notes.length - 1] ?? tonic, key, true));
  return notes;
}

function intervalBetween(one: string, other: string): string {
  const [first, second] = [parsePitch(one), parsePitch(other)];
  if (!first.ok || !second.ok) return intervalNamed(0, 0);
  const up = semitonesOf(second.value) >= semitonesOf(first.value);
  const [low, high] = up ? [first.value, second.value] : [second.value, first.value];
  return intervalNamed(Math.abs(stepsOf(high) - stepsOf(low)), semitonesOf(high) - semitonesOf(low));
}

/** The intervals that are offered beside the right one: those of major and minor within an octave. */
export const INTERVALS_OFFERED: readonly string[] = [
  '1 1',
  '1 2',
  '2 3',
  '2 4',
  '3 5',
  '3 6',
  '4 6',
  '4 7',
  '5 8',
  '5 9',
  '6 10',
  '6 11',
  '7 12',
];
