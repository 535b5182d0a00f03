import { type HandModel, handOf, type PlayerHand, presetHand, readPlayerHand, schoolsOf, USUAL_OPTIONS } from '#core/hand';
import { type Instrument, placesMm, readInstrument } from '#core/instrument';
import { type Line, readMaterial } from '#core/material';
import { badReading, goodReading, type Reading } from '#core/reading';
import {
  type Limits as ReadLimits,
  type NoteLock,
  preferredWeights,
  type Preference,
  PREFERENCES,
  type Weights,
  weightsFor,
  type Wishes,
} from '#core/search';
import { patternNeedsScale, schoolNotOfInstrument } from '#core/words';
import { readLimits } from './read-limits.ts';
import { readLocks } from './read-locks.ts';
import { changedWeights } from './changed-weights.ts';
import type { Brief } from './schema.ts';

/** A brief, read: everything in exact form, ready to be planned. */
export interface Task {
  readonly brief: Brief;
  readonly instrument: Instrument;
  readonly hand: HandModel;
  /** The player's measured hand; null when the brief gives none. */
  readonly playerHand: PlayerHand | null;
  /** The hand double stops are held against: measured, or a large one. */
  readonly doubleStopHand: PlayerHand;
  readonly line: Line;
  readonly limits: ReadLimits;
  /** By line index; at most one for a note. */
  readonly locks: ReadonlyMap<number, NoteLock>;
  readonly wishes: Wishes;
  readonly weights: Weights;
  /** mm from the nut by whole semitone. */
  readonly placesMm: readonly number[];
  /** Quarter notes per minute; null when the brief gives no tempo. */
  readonly tempo: number | null;
}

/** Reads a brief that matches its schema; what the schema cannot say (an unknown string, a school of another instrument) is refused here. */
export function readBrief(brief: Brief): Reading<Task> {
  const player = readPlayer(brief);
  if (!player.ok) return player;
  const { instrument, hand, playerHand } = player.value;
  const line = readLine(brief);
  if (!line.ok) return line;
  const limits = readLimits(brief, instrument, hand);
  if (!limits.ok) return limits;
  const locks = readLocks(brief, instrument, hand, line.value);
  if (!locks.ok) return locks;
  const weights = changedWeights(weightsFor(brief.instrument.kind), brief.weights ?? {});
  if (!weights.ok) return weights;
  const wishes = wishesOf(brief);
  return goodReading({
    brief,
    instrument,
    hand,
    playerHand,
    doubleStopHand: playerHand ?? presetHand('large', instrument),
    line: line.value,
    limits: limits.value,
    locks: locks.value,
    wishes,
    weights: preferredWeights(weights.value, brief.purpose ?? null, wishes),
    placesMm: placesMm(instrument.stringLengthMm, instrument.highestSemitone + 1),
    tempo: brief.tempo ?? null,
  });
}

/** The instrument, the hand its school teaches, and the hand that plays it. */
function readPlayer(brief: Brief): Reading<Pick<Task, 'instrument' | 'hand' | 'playerHand'>> {
  const instrument = readInstrument(brief.instrument);
  if (!instrument.ok) return instrument;
  const hand = readSchool(brief);
  if (!hand.ok) return hand;
  const playerHand = brief.player?.hand ? readPlayerHand(brief.player.hand, instrument.value) : goodReading(null);
  if (!playerHand.ok) return playerHand;
  return goodReading({ instrument: instrument.value, hand: hand.value, playerHand: playerHand.value });
}

function readLine(brief: Brief): Reading<Line> {
  const { kind } = brief.material;
  if (brief.samePatternEveryOctave === true && kind !== 'scale' && kind !== 'arpeggio') {
    return badReading({ code: 'limit', where: { pointer: '/samePatternEveryOctave' }, ...patternNeedsScale() });
  }
  return readMaterial(brief.material, brief.rhythm);
}

function wishesOf(brief: Brief): Wishes {
  const wished = PREFERENCES.map((name): readonly [Preference, number] => [name, brief.preferences?.[name] ?? 0]);
  return new Map(wished.filter(([, strength]) => strength > 0));
}

function readSchool(brief: Brief): Reading<HandModel> {
  const { kind } = brief.instrument;
  const schools = schoolsOf(kind);
  const school = brief.player?.school ?? schools[0];
  const options = {
    thumbFrom: brief.player?.thumbFrom ?? USUAL_OPTIONS.thumbFrom,
    pivots: brief.player?.pivots ?? USUAL_OPTIONS.pivots,
  };
  if (schools.includes(school)) return goodReading(handOf(kind, school, options));
  return badReading({ code: 'instrument', where: { pointer: '/player/school' }, ...schoolNotOfInstrument(school, kind, schools) });
}
