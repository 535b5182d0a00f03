import { type HandModel, handOf, schoolsOf } from '#core/hand';
import { type Instrument, placesMm, readInstrument } from '#core/instrument';
import { type Line, readMaterial } from '#core/material';
import { badReading, goodReading, type Reading } from '#core/reading';
import { type Limits as ReadLimits, type NoteLock, type Weights, weightsFor } from '#core/search';
import { lockOutsideLine, schoolNotOfInstrument, unknownPosition, unknownString } from '#core/words';
import type { Brief } from './schema.ts';

/** A brief, read: everything in exact form, ready to be planned. */
export interface Task {
  readonly brief: Brief;
  readonly instrument: Instrument;
  readonly hand: HandModel;
  readonly line: Line;
  readonly limits: ReadLimits;
  /** By line index; at most one for a note, the last one given. */
  readonly locks: ReadonlyMap<number, NoteLock>;
  readonly weights: Weights;
  /** mm from the nut by whole semitone. */
  readonly placesMm: readonly number[];
  /** Quarter notes per minute; null when the brief gives no tempo. */
  readonly tempo: number | null;
}

/** Reads a brief that matches its schema; what the schema cannot say (an unknown string, a school of another instrument) is refused here. */
export function readBrief(brief: Brief): Reading<Task> {
  const instrument = readInstrument(brief.instrument);
  if (!instrument.ok) return instrument;
  const hand = readSchool(brief);
  if (!hand.ok) return hand;
  const line = readMaterial(brief.material, brief.rhythm);
  if (!line.ok) return line;
  const limits = readLimits(brief, instrument.value, hand.value);
  if (!limits.ok) return limits;
  const locks = readLocks(brief, instrument.value, hand.value, line.value);
  if (!locks.ok) return locks;
  return goodReading({
    brief,
    instrument: instrument.value,
    hand: hand.value,
    line: line.value,
    limits: limits.value,
    locks: locks.value,
    weights: weightsFor(brief.instrument.kind),
    placesMm: placesMm(instrument.value.stringLengthMm, instrument.value.highestSemitone),
    tempo: brief.tempo ?? null,
  });
}

function readSchool(brief: Brief): Reading<HandModel> {
  const schools = schoolsOf(brief.instrument.kind);
  const school = brief.player?.school ?? schools[0];
  if (schools.includes(school)) return goodReading(handOf(school));
  return badReading({
    code: 'instrument',
    where: { pointer: '/player/school' },
    ...schoolNotOfInstrument(school, brief.instrument.kind, schools),
  });
}

function readLimits(brief: Brief, instrument: Instrument, hand: HandModel): Reading<ReadLimits> {
  const limits = brief.limits ?? {};
  const position = (limits.positions ?? []).findIndex((label) => !hand.positionLabels.includes(label));
  if (position >= 0) return unknownPositionAt(`/limits/positions/${position}`, limits.positions?.[position] ?? '', hand);
  const strings = (limits.strings ?? []).map((name) => stringIndexOf(instrument, name));
  const missing = strings.indexOf(-1);
  if (missing >= 0) return unknownStringAt(`/limits/strings/${missing}`, limits.strings?.[missing] ?? '', instrument);
  return goodReading({
    positions: limits.positions ? new Set(limits.positions) : null,
    strings: limits.strings ? new Set(strings) : null,
    fingers: limits.fingers ? new Set(limits.fingers) : null,
    openStrings: limits.openStrings ?? 'allow',
  });
}

function readLocks(brief: Brief, instrument: Instrument, hand: HandModel, line: Line): Reading<ReadonlyMap<number, NoteLock>> {
  const locks = new Map<number, NoteLock>();
  for (const [index, lock] of (brief.locks ?? []).entries()) {
    if (lock.note >= line.notes.length) {
      return badReading({ code: 'lock', where: { pointer: `/locks/${index}/note` }, ...lockOutsideLine(lock.note, line.notes.length) });
    }
    const stringIndex = lock.string === undefined ? null : stringIndexOf(instrument, lock.string);
    if (stringIndex === -1) return unknownStringAt(`/locks/${index}/string`, lock.string ?? '', instrument);
    if (lock.position !== undefined && !hand.positionLabels.includes(lock.position)) {
      return unknownPositionAt(`/locks/${index}/position`, lock.position, hand);
    }
    locks.set(lock.note, { stringIndex, finger: lock.finger ?? null, position: lock.position ?? null });
  }
  return goodReading(locks);
}

function stringIndexOf(instrument: Instrument, name: string): number {
  return instrument.strings.findIndex((string) => string.name === name);
}

function unknownStringAt(pointer: string, name: string, instrument: Instrument): Reading<never> {
  return badReading({
    code: 'limit',
    where: { pointer },
    ...unknownString(
      name,
      instrument.strings.map((string) => string.name),
    ),
  });
}

function unknownPositionAt(pointer: string, label: string, hand: HandModel): Reading<never> {
  return badReading({ code: 'limit', where: { pointer }, ...unknownPosition(label, hand.positionLabels) });
}
