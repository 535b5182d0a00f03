import type { PartSetting } from '#core/brief/parts';
import { readWishes, type Wishes } from '#core/brief/parts/wishes';
import type { Line } from '#core/material/line';
import { limitIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import type { Passage } from '../schema/passage.ts';
import { type ReadLimit, readLimits } from './read-limits.ts';

/** The limits and wishes for a part of the line, read. */
export interface ReadPassage extends Pick<Passage, 'from' | 'to'> {
  /** The limits that hold there. */
  readonly limits: readonly ReadLimit[];
  /** The wishes that hold there. */
  readonly wishes: Wishes;
}

/** Reads the passages of a brief; refuses one that does not lie in the line. */
export function readPassages(stretches: readonly Passage[] = [], setting: PartSetting, line: Line): Reading<readonly ReadPassage[]> {
  const read: ReadPassage[] = [];
  for (const [index, { from, to, limits, preferences }] of stretches.entries()) {
    if (from > to || to >= line.notes.length) {
      return badReading(limitIssue('passage-outside-line', { from, to, count: line.notes.length }, { pointer: `/stretches/${index}` }));
    }
    const rules = readLimits(limits, setting);
    if (!rules.ok) return rules;
    read.push({ from, to, limits: rules.value, wishes: readWishes(preferences) });
  }
  return goodReading(read);
}
