import type { HandModel } from '#core/hand';
import type { Instrument } from '#core/instrument';
import { parsePitch, semitonesOf } from '#core/pitch';
import { badReading, goodReading, type Reading } from '#core/reading';
import type { Limits as ReadLimits } from '#core/search';
import { highestBelowString, unknownPosition, unknownString } from '#core/words';
import type { Brief } from './schema.ts';

/** Reads the limits of a brief; refuses strings and positions that do not exist. */
export function readLimits(brief: Brief, instrument: Instrument, hand: HandModel): Reading<ReadLimits> {
  const limits = brief.limits ?? {};
  const position = (limits.positions ?? []).findIndex((label) => !hand.positionLabels.includes(label));
  if (position >= 0) return unknownPositionAt(`/limits/positions/${position}`, limits.positions?.[position] ?? '', hand);
  const strings = (limits.strings ?? []).map((name) => stringIndexOf(instrument, name));
  const missing = strings.indexOf(-1);
  if (missing >= 0) return unknownStringAt(`/limits/strings/${missing}`, limits.strings?.[missing] ?? '', instrument);
  const highest = readHighest(brief, instrument);
  if (!highest.ok) return highest;
  return goodReading({
    positions: limits.positions ? new Set(limits.positions) : null,
    strings: limits.strings ? new Set(strings) : null,
    fingers: limits.fingers ? new Set(limits.fingers) : null,
    highestPerString: highest.value,
    openStrings: limits.openStrings ?? 'allow',
    harmonics: limits.harmonics ?? false,
    shifts: limits.shifts ?? null,
  });
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
