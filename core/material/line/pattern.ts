import { pitchIssue } from '#core/messages';
import { formatPitch, parsePitch, type Pitch, pitchAt, semitonesOf, stepsOf } from '#core/pitch';
import type { Key } from '#core/key';
import { badReading, type Reading } from '#core/result';
import { addFractions, compareFractions, fraction, type Fraction, parseFraction, subtractFractions, ZERO } from '#core/fraction';
import { measureLength, type Meter, meterOf, type Rhythm } from '#core/rhythm';
import type { Direction, TopNote, NotePair } from '#core/material/scale';
import { type Line, lineOf, pickUpOf, plainNote, type UnplacedNote, writableLine } from './line.ts';
import { inVariant } from './variant.ts';

/** The fields that all material made by rule has in common, as documents carry them. */
export interface PatternDocument {
  /** The tonic from which it is counted. */
  readonly tonic: string;
  /** The name of its scale or chord. */
  readonly type: string;
  /** The direction: up, down, or both. */
  readonly direction: Direction;
  /** The number of times the top note of material that goes up and down is played; once where nothing is said. */
  readonly top?: TopNote;
}

/** The sound at one place of a pattern: a note, or two together. */
export type Sound = Pitch | NotePair;

/** The rule by which a kind of pattern is made on a tonic. */
export interface PatternRule {
  /** Gives the key it is written in; null beyond seven sharps or flats. */
  readonly keyOn: (tonic: Pitch) => Key | null;
  /** Gives one way of it in playing order; null where a note cannot be spelled. */
  readonly wayFrom: (tonic: Pitch, way: 'up' | 'down') => readonly Sound[] | null;
  /** Gives the notes that follow when it has come down again; left out for none, null where they cannot be spelled. */
  readonly turn?: (tonic: Pitch) => readonly Sound[] | null;
}

/** Writes a pattern out as a line: in equal values, the last note held to the end of its measure. Refuses what cannot be spelled. */
export function lineOfPattern(pattern: PatternDocument, rule: PatternRule, rhythm: Rhythm): Reading<Line> {
  const tonic = parsePitch(pattern.tonic);
  if (!tonic.ok) return tonic;
  const key = rule.keyOn(tonic.value);
  const sounds = key && soundsOf(pattern, rule, tonic.value);
  if (!key || !sounds) return badReading(outOfRange(pattern, rule, tonic.value));
  const meter = meterOf(rhythm);
  const pickUp = pickUpOf(rhythm, meter);
  const bowed = { ...rhythm, bows: rhythm.bows ?? [rhythm.notesPerBow ?? 1] };
  return writableLine(lineOf({ key, meter, pickUp }, filledToBar(inVariant(notesOf(sounds, rhythm), bowed), meter, pickUp)));
}

/** Puts a rising row in playing order. */
export function inOrder<Each>(rising: readonly Each[] | null, way: 'up' | 'down'): readonly Each[] | null {
  return way === 'up' ? rising : (rising?.toReversed() ?? null);
}

function soundsOf({ direction, top }: PatternDocument, { wayFrom, turn }: PatternRule, tonic: Pitch): readonly Sound[] | null {
  const [up, down, after] = [wayFrom(tonic, 'up'), wayFrom(tonic, 'down'), turn ? turn(tonic) : []];
  if (!up || !down || !after) return null;
  switch (direction) {
    case 'up':
      return up;
    case 'down':
      return down;
    case 'up-down':
      return [...up, ...(top === 'twice' ? down : down.slice(1)), ...after];
  }
}

function notesOf(sounds: readonly Sound[], rhythm: Rhythm): readonly UnplacedNote[] {
  const value = parseFraction(rhythm.noteValue ?? '1/4') ?? fraction(1, 4);
  return sounds.map((sound) =>
    'lower' in sound
      ? { ...plainNote(sound.lower, value, false), upper: sound.upper, fingerPairs: sound.fingerPairs }
      : plainNote(sound, value, false),
  );
}

/** Holds the last note of a scale to the end of its measure, as scale books write it. */
function filledToBar(notes: readonly UnplacedNote[], meter: Meter, pickUp: Fraction | null): readonly UnplacedNote[] {
  const last = notes[notes.length - 1];
  if (!last) return notes;
  const bar = measureLength(meter);
  const begins = pickUp ? subtractFractions(bar, pickUp) : ZERO;
  const before = notes.slice(0, -1).reduce((sum, { duration }) => addFractions(sum, duration), begins);
  let end = bar;
  while (compareFractions(end, addFractions(before, last.duration)) < 0) end = addFractions(end, bar);
  return [...notes.slice(0, -1), { ...last, duration: subtractFractions(end, before) }];
}

/** Names the enharmonic tonic whose key is nearer, where there is one. */
function outOfRange({ tonic: text, type }: PatternDocument, { keyOn }: PatternRule, tonic: Pitch): ReturnType<typeof pitchIssue> {
  const nearer = [1, -1].flatMap((step) => {
    const other = pitchAt(stepsOf(tonic) + step, semitonesOf(tonic));
    return other && keyOn(other) ? [formatPitch(other)] : [];
  });
  return pitchIssue('key-too-far', { tonic: text, type, nearer: nearer[0] ?? null }, { pointer: '/material/tonic' });
}
