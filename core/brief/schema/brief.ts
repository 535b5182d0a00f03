import { type Static, Type } from '@sinclair/typebox';
import { Limits } from '#core/brief/parts/limits';
import { Material } from '#core/brief/parts/materials';
import { PurposeName, SamePattern, WayDownName } from '#core/brief/parts/rules';
import { Preferences } from '#core/brief/parts/wishes';
import { InstrumentSpec } from '#core/instrument';
import { IntonationSpec } from '#core/intonation';
import { MOST_NOTES } from '#core/material';
import { eachNamed } from '#core/result';
import { Rhythm } from '#core/rhythm';
import { WEIGHTS } from '#core/weights';
import { Lock } from './lock.ts';
import { Mark } from './mark.ts';
import { Player } from './player.ts';

const WeightValues = Type.Union([Type.Number(), Type.Array(Type.Number(), { minItems: 1, maxItems: 20 })]);

/** Weights changed by name; ranges are those of the table. */
const WeightChanges = eachNamed<Readonly<Record<string, number | readonly number[]>>>(Object.keys(WEIGHTS), WeightValues);

/** A teacher's brief: everything a plan depends on. */
export const Brief = Type.Object(
  {
    instrument: InstrumentSpec,
    player: Type.Optional(Player),
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
    marks: Type.Optional(Type.Array(Mark, { maxItems: MOST_NOTES, description: 'For the reader; they change no fingering.' })),
  },
  { additionalProperties: false, $id: 'brief', title: 'Brief' },
);

/** A teacher's brief: everything a plan depends on. */
export type Brief = Static<typeof Brief>;
