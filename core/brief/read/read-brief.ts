import type { NoteLock } from '#core/brief/parts/limits';
import { materialPart, readMaterial } from '#core/brief/parts/materials';
import { preferredWeights } from '#core/brief/parts/rules';
import { readWishes, type Wishes } from '#core/brief/parts/wishes';
import { type KeyedStrings, keyedStrings } from '#core/hand';
import { type PlayerHand, presetHand } from '#core/hand/reach';
import { placesMm } from '#core/instrument';
import type { Line } from '#core/material';
import { limitIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import { changedWeights, type Weights, weightsFor } from '#core/weights';
import type { Brief } from '../schema/brief.ts';
import { type ReadLimit, readLimits } from './read-limits.ts';
import { readLocks } from './read-locks.ts';
import { readPlayer, type ReadPlayer } from './read-player.ts';

/** A brief, read: everything in exact form, ready to be planned. */
export interface Task extends ReadPlayer {
  /** As it was given. */
  readonly brief: Brief;
  /** The hand double stops are held against: measured, or a large one. */
  readonly doubleStopHand: PlayerHand;
  /** What is to be played. */
  readonly line: Line;
  /** What must hold, in the order of the limits. */
  readonly limits: readonly ReadLimit[];
  /** By line index; at most one for a note. */
  readonly locks: ReadonlyMap<number, NoteLock>;
  /** What the teacher would like. */
  readonly wishes: Wishes;
  /** What everything costs, as purpose and wishes have it. */
  readonly weights: Weights;
  /** Where the key of the line puts the letters on the strings. */
  readonly keyed: KeyedStrings;
  /** mm from the nut by whole semitone. */
  readonly placesMm: readonly number[];
  /** Quarter notes per minute; null when the brief gives no tempo. */
  readonly tempo: number | null;
}

/** Reads a brief that matches its schema; what the schema cannot say (an unknown string, a school of another instrument) is refused here. */
export function readBrief(brief: Brief): Reading<Task> {
  const player = readPlayer(brief);
  if (!player.ok) return player;
  const line = readLine(brief);
  if (!line.ok) return line;
  const asked = readAsked(brief, player.value, line.value);
  if (!asked.ok) return asked;
  const { instrument, playerHand } = player.value;
  return goodReading({
    ...player.value,
    ...asked.value,
    brief,
    doubleStopHand: playerHand ?? presetHand('large', instrument),
    line: line.value,
    keyed: keyedStrings(instrument, line.value.key),
    placesMm: placesMm(instrument.stringLengthMm, instrument.highestSemitone + 1),
    tempo: brief.tempo ?? null,
  });
}

/** In the school of 12 and 1234 the fourth finger is at home in runs of semitones. */
function schoolWeights({ instrument, player }: Brief): Weights {
  const weights = weightsFor(instrument.kind);
  return player?.semitones === '1234' ? { ...weights, fourthInSemitones: 0 } : weights;
}

function readLine({ material, rhythm, samePatternEveryOctave }: Brief): Reading<Line> {
  if (samePatternEveryOctave === true && !materialPart(material.kind).repeatsByOctave) {
    return badReading(limitIssue('pattern-needs-scale', { kind: material.kind }, { pointer: '/samePatternEveryOctave' }));
  }
  return readMaterial(material, rhythm);
}

/** What a brief asks of the fingering: limits, fixed notes, wishes, and the weights they come to. */
function readAsked(brief: Brief, player: ReadPlayer, line: Line): Reading<Pick<Task, 'limits' | 'locks' | 'wishes' | 'weights'>> {
  const limits = readLimits(brief.limits, player);
  if (!limits.ok) return limits;
  const locks = readLocks(brief.locks, player, line);
  if (!locks.ok) return locks;
  const changed = changedWeights(schoolWeights(brief), brief.weights ?? {});
  if (!changed.ok) return changed;
  const wishes = readWishes(brief.preferences);
  const weights = preferredWeights(changed.value, brief.purpose ?? null, wishes);
  return goodReading({ limits: limits.value, locks: locks.value, wishes, weights });
}
