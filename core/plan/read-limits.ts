import type { HandModel } from '#core/hand';
import type { Instrument } from '#core/instrument';
import { parsePitch, semitonesOf } from '#core/pitch';
import { badReading, goodReading, type Reading } from '#core/reading';
import type { Limits as ReadLimits } from '#core/search';
import { highestBelowString, unknownPosition, unknownString } from '#core/words';
import type { Brief } from './schema.ts';

/** Reads the limits of a brief; refuses strings and positions that do not exist. */
export function readLimits(brief: Brief, instrument: Instrument, hand: HandModel): Reading<ReadLimits> {
  const { positions, strings, fingers, openStrings, harmonics, shifts } = brief.limits ?? {};
  const position = firstWrong(positions, (label) => hand.positionLabels.includes(label));
  if (position) return unknownPositionAt(`/limits/positions/${position.index}`, position.value, hand);
  const string = firstWrong(strings, (name) => stringIndexOf(instrument, name) >= 0);
  if (string) return unknownStringAt(`/limits/strings/${string.index}`, string.value, instrument);
  const highest = readHighest(brief, instrument);
  if (!highest.ok) return highest;
  return goodReading({
    positions: setOf(positions),
    strings: setOf(strings?.map((name) => stringIndexOf(instrument, name))),
    fingers: setOf(fingers),
    highestPerString: highest.value,
    openStrings: openStrings ?? 'allow',
    harmonics: harmonics === true,
    shifts: shifts ?? null,
  });
}

function firstWrong(
  values: readonly string[] = [],
  isRight: (value: string) => boolean,
): { readonly index: number; readonly value: string } | null {
  const index = values.findIndex((value) => !isRight(value));
  const value = values[index];
  return value === undefined ? null : { index, value };
}

function setOf<Value>(values: readonly Value[] | undefined): ReadonlySet<Value> | null {
  return values ? new Set(values) : null;
}

function readHighest(brief: Brief, instrument: Instrument): Reading<ReadonlyMap<number, number>> {
  const highest = new Map<number, number>();
  for (const [index, limit] of (brief.limits?.highestPerString ?? []).entries()) {
    const stringIndex = stringIndexOf(instrument, limit.string);
    const string = instrument.strings[stringIndex];
    const pitch = parsePitch(limit.highest);
    if (!string) return unknownStringAt(`/limits/highestPerString/${index}/string`, limit.string, instrument);
    if (!pitch.ok) return pitch;
    const above = semitonesOf(pitch.value) - string.semitones;
    const where = { pointer: `/limits/highestPerString/${index}/highest` };
    if (above < 0) return badReading({ code: 'limit', where, ...highestBelowString(limit.highest, limit.string) });
    highest.set(stringIndex, above);
  }
  return goodReading(highest);
}

/** Index of the string with an open note, −1 where there is none. */
export function stringIndexOf(instrument: Instrument, name: string): number {
  return instrument.strings.findIndex((string) => string.name === name);
}

/** Says that the instrument has no such string. */
export function unknownStringAt(pointer: string, name: string, instrument: Instrument, note?: number): Reading<never> {
  const known = instrument.strings.map((string) => string.name);
  return badReading({ code: 'limit', where: { pointer, ...(note === undefined ? {} : { note }) }, ...unknownString(name, known) });
}

/** Says that the school has no such position. */
export function unknownPositionAt(pointer: string, label: string, hand: HandModel, note?: number): Reading<never> {
  const where = { pointer, ...(note === undefined ? {} : { note }) };
  return badReading({ code: 'limit', where, ...unknownPosition(label, hand.positionLabels) });
}
