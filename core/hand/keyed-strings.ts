import { type Instrument, stringOf } from '#core/instrument';
import { alterationInKey, type Key } from '#core/key';
import { DIATONIC_SEMITONES, type LetterIndex, stepsOf } from '#core/pitch';

/** The places at which the key of a line puts the letters on the strings of an instrument. */
export interface KeyedStrings {
  /** Gives the semitones above an open string of the letter a number of steps above it, as the key spells it. */
  readonly placeOf: (stringIndex: number, letterSteps: number) => number;
  /** Gives the place of a first finger on that letter on most of the strings; the higher place where as many say one as the other. */
  readonly homeOf: (letterSteps: number) => number;
}

const LETTERS: readonly LetterIndex[] = [0, 1, 2, 3, 4, 5, 6];

/** The number of letters calculated in advance: two octaves and a half above an open string, beyond every fingerboard. */
const MOST_STEPS = 24;

/** Calculates the letters of a key on the strings of an instrument once. */
export function keyedStrings(instrument: Instrument, key: Key): KeyedStrings {
  const places = instrument.strings.map((_, stringIndex) =>
    Array.from({ length: MOST_STEPS }, (__, letterSteps) => keyedPlace(instrument, key, stringIndex, letterSteps)),
  );
  const homes = Array.from({ length: MOST_STEPS }, (_, letterSteps) => mostOften(places.map((row) => row[letterSteps] ?? 0)));
  return {
    placeOf: (stringIndex, letterSteps) => places[stringIndex]?.[letterSteps] ?? keyedPlace(instrument, key, stringIndex, letterSteps),
    homeOf: (letterSteps) => homes[letterSteps] ?? 0,
  };
}

function keyedPlace(instrument: Instrument, key: Key, stringIndex: number, letterSteps: number): number {
  const string = stringOf(instrument, stringIndex);
  const steps = stepsOf(string.open) + letterSteps;
  const letter = LETTERS[((steps % 7) + 7) % 7] ?? 0;
  return 12 * Math.floor(steps / 7) + DIATONIC_SEMITONES[letter] + alterationInKey(key, letter) - string.semitones;
}

function mostOften(places: readonly number[]): number {
  const times = (place: number): number => places.filter((other) => other === place).length;
  return places.reduce(
    (best, place) => (times(place) > times(best) || (times(place) === times(best) && place > best) ? place : best),
    places[0] ?? 0,
  );
}
