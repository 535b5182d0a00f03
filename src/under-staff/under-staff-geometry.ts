import type { FingersAt } from '#core/fit';
import type { ScaleSteps } from '#core/fit/intoned';
import type { Finger } from '#core/hand/placement';
import type { StringNumber } from '#core/instrument';
import { type Head, isMarked } from '../engraving/index.ts';

/** The work of one finger from one head to the next. */
export interface LanePart {
  /** The lane from the top: the highest finger first. */
  readonly lane: number;
  /** The line index. */
  readonly note: number;
  readonly string: StringNumber;
  readonly does: 'plays' | 'stays' | 'hovers';
  /** The x at which it begins, px. */
  readonly from: number;
  /** The x at which it ends, px. */
  readonly to: number;
}

/** The distance that a part begins before its head, px. */
const BEFORE = 9;

/** Draws the work of every finger as lines in its lane: from its head to the next, to a little beyond the last. */
export function lanePartsOf(work: readonly FingersAt[], heads: readonly Head[], fingers: readonly Finger[]): readonly LanePart[] {
  return heads.flatMap((head, order) => {
    const at = work[head.index];
    const next = heads[order + 1];
    if (!at) return [];
    const [from, to] = [head.x - BEFORE, next ? next.x - BEFORE : head.x + 2 * BEFORE];
    const parts = [
      ...at.playing.map((finger) => ({ finger, does: 'plays' as const })),
      ...[...at.held, ...at.set].map((finger) => ({ finger, does: 'stays' as const })),
      ...at.hovering.map((finger) => ({ finger, does: 'hovers' as const })),
    ];
    return parts.map(({ finger: { finger, string }, does }) => ({
      lane: fingers.indexOf(finger),
      note: head.index,
      string,
      does,
      from,
      to: does === 'plays' && next ? to - 2 : to,
    }));
  });
}

/** A step between two heads: an angle for a semitone, a bracket for a tone, a bracket with its size for an augmented second. */
export interface StepMark {
  readonly key: string;
  /** The x of its middle, px. */
  readonly x: number;
  readonly path: string;
  readonly wide: boolean;
}

/** Finds the steps between the heads drawn. */
export function stepMarksOf({ steps }: ScaleSteps, heads: readonly Head[], y: number): readonly StepMark[] {
  const byIndex = headsByIndex(heads);
  return steps.flatMap((semitones, index): readonly StepMark[] => {
    const [from, to] = [byIndex.get(index - 1)?.x, byIndex.get(index)?.x];
    if (semitones === null || from === undefined || to === undefined) return [];
    const [left, right, middle] = [from + 5, to - 5, (from + to) / 2];
    const close = Math.abs(semitones) === 1;
    const path = close ? `M${middle - 5} ${y}L${middle} ${y + 7}L${middle + 5} ${y}` : `M${left} ${y}V${y + 5}H${right}V${y}`;
    return [{ key: String(index), x: middle, path, wide: Math.abs(semitones) > 2 }];
  });
}

/** Finds the lines from the first to the last head of each tetrachord drawn. */
export function tetrachordLinesOf(
  { tetrachords }: ScaleSteps,
  heads: readonly Head[],
): readonly { readonly from: number; readonly to: number }[] {
  const byIndex = headsByIndex(heads);
  return tetrachords.flatMap(({ from, to }) => {
    const [first, last] = [byIndex.get(from)?.x, byIndex.get(to)?.x];
    return first === undefined || last === undefined ? [] : [{ from: first - 4, to: last + 4 }];
  });
}

function headsByIndex(heads: readonly Head[]): ReadonlyMap<number, Head> {
  return new Map(heads.filter(isMarked).map((head) => [head.index, head]));
}
