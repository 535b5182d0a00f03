import { type Static, Type } from '@sinclair/typebox';
import { Limits } from '#core/brief/parts/limits';
import { Material } from '#core/brief/parts/materials';
import { PurposeName, SamePattern, WayDownName } from '#core/brief/parts/rules';
import { School, WaysSchema, WeightChanges } from '#core/brief/parts/school';
import { Preferences } from '#core/brief/parts/wishes';
import { InstrumentSpec } from '#core/instrument';
import { IntonationSpec } from '#core/intonation';
import { MOST_NOTES } from '#core/material/typed';
import { Rhythm } from '#core/rhythm';
import { GivenFinger } from './given.ts';
import { Lock } from './lock.ts';
import { Mark } from './mark.ts';
import { Player } from './player.ts';
import { Passage } from './passage.ts';

/** The schema of a teacher's brief: everything a plan depends on. */
export const Brief = Type.Object(
  {
    instrument: InstrumentSpec,
    player: Type.Optional(Player),
    school: Type.Optional(School),
    ways: Type.Optional(WaysSchema),
    material: Material,
    rhythm: Type.Optional(Rhythm),
    tempo: Type.Optional(Type.Number({ minimum: 20, maximum: 400, description: 'Quarter notes per minute.' })),
    intonation: Type.Optional(IntonationSpec),
    purpose: Type.Optional(PurposeName),
    preferences: Type.Optional(Preferences),
    wayDown: Type.Optional(WayDownName),
    samePatternEveryOctave: Type.Optional(SamePattern),
    weights: Type.Optional(WeightChanges),
    limits: Type.Optional(Limits),
    locks: Type.Optional(Type.Array(Lock, { maxItems: MOST_NOTES })),
    given: Type.Optional(
      Type.Array(GivenFinger, {
        maxItems: MOST_NOTES,
        description: 'The fingering of a score, to be read and compared; it binds nothing.',
      }),
    ),
    stretches: Type.Optional(Type.Array(Passage, { maxItems: 100, description: 'What is asked of some notes alone.' })),
    marks: Type.Optional(Type.Array(Mark, { maxItems: MOST_NOTES, description: 'For the reader; they change no fingering.' })),
  },
  { additionalProperties: false, $id: 'brief', title: 'Brief' },
);

/** A teacher's brief: everything a plan depends on. */
export type Brief = Static<typeof Brief>;
