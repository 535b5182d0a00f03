import type { NoteLock } from '#core/brief/parts/limits';
import { materialPart, readMaterial } from '#core/brief/parts/materials';
import { preferredWeights } from '#core/brief/parts/rules';
import { styleWishes, type Ways, waysChange } from '#core/brief/parts/school';
import { readWishes, type Wishes } from '#core/brief/parts/wishes';
import { type KeyedStrings, keyedStrings } from '#core/hand';
import { type PlayerHand, presetHand } from '#core/hand/reach';
import { placesMm } from '#core/instrument/geometry';
import type { Line } from '#core/material/line';
import { limitIssue } from '#core/messages';
import type { Key } from '#core/key';
import { badReading, goodReading, type Reading } from '#core/result';
import { changedWeights, mixedWeights, type Weights, weightsFor } from '#core/weights';
import type { Brief } from '../schema/brief.ts';
import { lockedBowsIssue } from './locked-bows.ts';
import { type ReadLimit, readLimits } from './read-limits.ts';
import { readLocks } from './read-locks.ts';
import { type ReadPassage, readPassages } from './read-passages.ts';
import { readPlayer, type ReadPlayer } from './read-player.ts';

/** A brief, read: everything in exact form, ready to be planned. */
export interface Task extends ReadPlayer {
  /** The brief as it was given. */
  readonly brief: Brief;
  /** The hand with which double stops are compared: a measured one, or a large one. */
  readonly doubleStopHand: PlayerHand;
  /** The line to be played. */
  readonly line: Line;
  /** The limits, in order. */
  readonly limits: readonly ReadLimit[];
  /** The limits and wishes of parts of the line. */
  readonly stretches: readonly ReadPassage[];
  /** The locks by line index, at most one for a note. */
  readonly locks: ReadonlyMap<number, NoteLock>;
  /** The wishes of the teacher. */
  readonly wishes: Wishes;
  /** The weights, as purpose and wishes set them. */
  readonly weights: Weights;
  /** The key in which the line begins. */
  readonly key: Key;
  /** The places at which that key puts the letters on the strings. */
  readonly keyed: KeyedStrings;
  /** The places of whole semitones, mm from the nut. */
  readonly placesMm: readonly number[];
  /** The positions that hold the whole line where first position does not; empty until the line is laid out. */
  readonly homes: ReadonlySet<number>;
  /** The tempo in quarter notes a minute; null where the brief gives none. */
  readonly tempo: number | null;
}

/** Reads a brief that matches its schema; refuses what the schema cannot express (an unknown string, a school of another instrument). */
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
    key: line.value.key,
    keyed: keyedStrings(instrument, line.value.key),
    placesMm: placesMm(instrument.stringLengthMm, instrument.highestSemitone + 1),
    homes: new Set(),
    tempo: brief.tempo ?? null,
  });
}

function readLine({ material, rhythm, samePatternEveryOctave }: Brief): Reading<Line> {
  if (samePatternEveryOctave === true && !materialPart(material.kind).repeatsByOctave) {
    return badReading(limitIssue('pattern-needs-scale', { kind: material.kind }, { pointer: '/samePatternEveryOctave' }));
  }
  const line = readMaterial(material, rhythm);
  const wrong = line.ok ? lockedBowsIssue(rhythm ?? {}, line.value) : null;
  return wrong ? badReading(wrong) : line;
}

/** Reads what a brief asks of the fingering: limits, locked notes, wishes, and the weights that result. */
function readAsked(
  brief: Brief,
  player: ReadPlayer,
  line: Line,
): Reading<Pick<Task, 'limits' | 'stretches' | 'locks' | 'wishes' | 'weights'>> {
  const limits = readLimits(brief.limits, player);
  if (!limits.ok) return limits;
  const stretches = readPassages(brief.stretches, player, line);
  if (!stretches.ok) return stretches;
  const locks = readLocks(brief.locks, player, line);
  if (!locks.ok) return locks;
  const wishes = readWishes({ ...styleWishes(brief.school, player.ways), ...brief.preferences });
  const taught = readTaughtWeights(brief, player.ways);
  if (!taught.ok) return taught;
  const weights = preferredWeights(taught.value, brief.purpose ?? null, wishes);
  return goodReading({ limits: limits.value, stretches: stretches.value, locks: locks.value, wishes, weights });
}

/** Gives a task with another table of weights in place of the usual one; what the school, the ways and the wishes change, they change in it. */
export function withTable(task: Task, table: Weights): Task {
  const taught = readTaughtWeights(task.brief, task.ways, table);
  return taught.ok ? { ...task, weights: preferredWeights(taught.value, task.brief.purpose ?? null, task.wishes) } : task;
}

/** Reads the weights: the table, changed by the school and the brief, then by the ways of the teacher. */
function readTaughtWeights({ instrument: { kind }, school, weights = {} }: Brief, ways: Ways, table = weightsFor(kind)): Reading<Weights> {
  const schooled = changedWeights(table, school?.weights?.[kind] ?? {});
  if (!schooled.ok) return schooled;
  const changed = changedWeights(schooled.value, weights);
  if (!changed.ok) return changed;
  return goodReading(waysChange(kind, ways).reduce((before, change) => mixedWeights(before, change(before), 1), changed.value));
}
