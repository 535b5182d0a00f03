import { type Static, Type } from '@sinclair/typebox';
import { FINGERS, School } from '#core/hand';
import { InstrumentSpec } from '#core/instrument';
import { Material, MOST_NOTES, Rhythm } from '#core/material';
import { PitchText } from '#core/pitch';
import { oneOf } from '#core/reading';
import { OPEN_STRING_POLICIES } from '#core/search';

const closed = { additionalProperties: false };
const FingerText = oneOf(FINGERS);
const PositionLabel = Type.String({ maxLength: 8, description: '"half", "1", "2" … or, on the bass, "half", "I", "II-III" …' });

/** What must hold, whatever it costs. Absent means no limit; strings are named by their open note. */
export const Limits = Type.Object(
  {
    positions: Type.Optional(Type.Array(PositionLabel, { minItems: 1, maxItems: 20 })),
    strings: Type.Optional(Type.Array(PitchText, { minItems: 1, maxItems: 6 })),
    fingers: Type.Optional(Type.Array(FingerText, { minItems: 1, maxItems: 5 })),
    openStrings: Type.Optional(oneOf(OPEN_STRING_POLICIES)),
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
    position: Type.Optional(PositionLabel),
  },
  closed,
);

/** What the teacher fixed for one note, as documents carry it. */
export type Lock = Static<typeof Lock>;

/** A teacher's brief: everything a plan depends on. */
export const Brief = Type.Object(
  {
    instrument: InstrumentSpec,
    player: Type.Optional(Type.Object({ name: Type.Optional(Type.String({ maxLength: 80 })), school: Type.Optional(School) }, closed)),
    material: Material,
    rhythm: Type.Optional(Rhythm),
    tempo: Type.Optional(Type.Number({ minimum: 20, maximum: 400, description: 'Quarter notes per minute.' })),
    limits: Type.Optional(Limits),
    locks: Type.Optional(Type.Array(Lock, { maxItems: MOST_NOTES })),
  },
  { ...closed, $id: 'brief', title: 'Brief' },
);

/** A teacher's brief: everything a plan depends on. */
export type Brief = Static<typeof Brief>;
