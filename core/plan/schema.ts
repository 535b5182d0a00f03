import { type Static, type TSchema, type TUnsafe, Type } from '@sinclair/typebox';
import { FINGERS, HandMeasure, LOWEST_THUMB, School, USUAL_THUMB } from '#core/hand';
import { InstrumentSpec } from '#core/instrument';
import { IntonationSpec } from '#core/intonation';
import { Material, MOST_NOTES, Rhythm } from '#core/material';
import { PitchText } from '#core/pitch';
import { oneOf } from '#core/reading';
import { OPEN_STRING_POLICIES, type Preference, PREFERENCES, PURPOSES, WEIGHTS } from '#core/search';
import { MOST_SHIFTS, WAYS_DOWN } from './choices.ts';

const closed = { additionalProperties: false };
const FingerText = oneOf(FINGERS);
const PositionLabel = Type.String({ maxLength: 8, description: '"half", "1", "2" … or, on the bass, "half", "I", "II-III" …; "thumb"' });

/** What must hold, whatever it costs. Absent means no limit; strings are named by their open note. */
export const Limits = Type.Object(
  {
    positions: Type.Optional(Type.Array(PositionLabel, { minItems: 1, maxItems: 20 })),
    strings: Type.Optional(Type.Array(PitchText, { minItems: 1, maxItems: 6 })),
    fingers: Type.Optional(Type.Array(FingerText, { minItems: 1, maxItems: 5 })),
    openStrings: Type.Optional(oneOf(OPEN_STRING_POLICIES)),
    highestPerString: Type.Optional(
      Type.Array(Type.Object({ string: PitchText, highest: PitchText }, closed), {
        maxItems: 6,
        description: 'Highest sounding note on a string.',
      }),
    ),
    shifts: Type.Optional(Type.Integer({ minimum: 0, maximum: MOST_SHIFTS, description: 'Exactly so many shifts.' })),
    harmonics: Type.Optional(Type.Boolean({ description: 'Natural harmonics may be chosen.' })),
  },
  closed,
);

/** What must hold, whatever it costs, as documents carry it. */
export type Limits = Static<typeof Limits>;

/** What the teacher fixed for one note of the line (rests count): any of string, finger, position. */
export const Lock = Type.Object(
  {
    note: Type.Integer({ minimum: 0, maximum: MOST_NOTES - 1 }),
    string: Type.Optional(PitchText),
    finger: Type.Optional(FingerText),
    upperFinger: Type.Optional(FingerText),
    position: Type.Optional(PositionLabel),
  },
  closed,
);

/** What the teacher fixed for one note, as documents carry it. */
export type Lock = Static<typeof Lock>;

/** Which way the bow goes. */
export const BOW_DIRECTIONS = ['down', 'up'] as const;

/** What the teacher writes at one note of the line (rests count): bow, a cue over the staff, a remark for the page below. */
export const Mark = Type.Object(
  {
    note: Type.Integer({ minimum: 0, maximum: MOST_NOTES - 1 }),
    bow: Type.Optional(oneOf(BOW_DIRECTIONS)),
    cue: Type.Optional(Type.String({ minLength: 1, maxLength: 40 })),
    remark: Type.Optional(Type.String({ minLength: 1, maxLength: 400 })),
  },
  closed,
);

/** What the teacher writes at one note, as documents carry it. */
export type Mark = Static<typeof Mark>;

/** The one who plays: school, hand as measured, and what the school leaves open. */
export const Player = Type.Object(
  {
    name: Type.Optional(Type.String({ maxLength: 80 })),
    school: Type.Optional(School),
    hand: Type.Optional(HandMeasure),
    thumbFrom: Type.Optional(
      Type.Integer({
        minimum: LOWEST_THUMB,
        maximum: USUAL_THUMB,
        description: 'Semitones above the open string from which the thumb is set.',
      }),
    ),
    pivots: Type.Optional(Type.Boolean({ description: 'Double bass: the hand may roll a semitone around its thumb.' })),
  },
  closed,
);

/** A player as a studio keeps them: who plays what, with which hand, what is known, and what for. */
export const PlayerProfile = Type.Object(
  {
    kind: InstrumentSpec.properties.kind,
    player: Player,
    purpose: Type.Optional(oneOf(PURPOSES)),
    positions: Type.Optional(Type.Array(PositionLabel, { minItems: 1, maxItems: 20, description: 'The positions this player knows.' })),
  },
  closed,
);

/** A player as a studio keeps them, as documents carry it. */
export type PlayerProfile = Static<typeof PlayerProfile>;

const Strength = Type.Number({ minimum: 0, maximum: 1 });
const WeightValues = Type.Union([Type.Number(), Type.Array(Type.Number(), { minItems: 1, maxItems: 20 })]);

/** Wishes by name, 0 … 1 each. */
export const Preferences = eachNamed<Partial<Record<Preference, number>>>(PREFERENCES, Strength);

/** Weights changed by name; ranges are those of the table. */
export const WeightChanges = eachNamed<Readonly<Record<string, number | readonly number[]>>>(Object.keys(WEIGHTS), WeightValues);

/** A teacher's brief: everything a plan depends on. */
export const Brief = Type.Object(
  {
    instrument: InstrumentSpec,
    player: Type.Optional(Player),
    material: Material,
    rhythm: Type.Optional(Rhythm),
    tempo: Type.Optional(Type.Number({ minimum: 20, maximum: 400, description: 'Quarter notes per minute.' })),
    intonation: Type.Optional(IntonationSpec),
    purpose: Type.Optional(oneOf(PURPOSES)),
    preferences: Type.Optional(Preferences),
    wayDown: Type.Optional(oneOf(WAYS_DOWN)),
    samePatternEveryOctave: Type.Optional(Type.Boolean()),
    weights: Type.Optional(WeightChanges),
    limits: Type.Optional(Limits),
    locks: Type.Optional(Type.Array(Lock, { maxItems: MOST_NOTES })),
    marks: Type.Optional(Type.Array(Mark, { maxItems: MOST_NOTES, description: 'For the reader; they change no fingering.' })),
  },
  { ...closed, $id: 'brief', title: 'Brief' },
);

/** A teacher's brief: everything a plan depends on. */
export type Brief = Static<typeof Brief>;

/** An object whose keys are some of the names and whose values are all alike: one loop for a validator, however many names. */
function eachNamed<Value>(names: readonly string[], value: TSchema): TUnsafe<Value> {
  return Type.Unsafe<Value>({ type: 'object', propertyNames: { enum: [...names] }, additionalProperties: value });
}
