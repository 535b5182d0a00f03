import type { StageName } from '#core/drill/apart';
import type { DueNote } from '#core/listening';
import type { TakeReading } from '#core/listening/reading';
import type { NoteMiss } from '#core/listening/report';
import { type JudgedTry, judgeTry, lateNote } from './judge-try.ts';

/** Whether a recording tells how a stage went, and whether the lengths of its notes count too. */
const RECORDED: Readonly<Record<StageName, 'pitch' | 'pitch and time' | 'not'>> = {
  // It is said and heard, not played.
  name: 'not',
  target: 'pitch',
  match: 'pitch',
  slide: 'pitch',
  lighter: 'pitch and time',
  ghost: 'pitch',
  rhythm: 'pitch and time',
  neighbours: 'pitch and time',
  measures: 'pitch and time',
};

/** Tells whether a recording of a stage tells how it went. */
export function isRecorded(stage: StageName): boolean {
  return RECORDED[stage] !== 'not';
}

/**
 * Judges a recording of a stage of a shift against its own line: every note, those between included, is heard at its place, and from
 * “lighter” on none comes late, so that the note between is as short as it is written.
 */
export function judgeStage(stage: StageName, due: readonly DueNote[], reading: TakeReading, misses: readonly NoteMiss[]): JudgedTry {
  const judged = judgeTry(due, reading, misses);
  const late = judged.judged === 'clean' && RECORDED[stage] === 'pitch and time' ? lateNote(due, reading) : null;
  return late === null ? judged : { judged: 'missed', fault: 'late', note: late, voice: null, cents: null };
}
