import { addFractions, asNumber, compareFractions, fraction, type Fraction, ZERO } from '#core/fraction';
import type { Measure, MeasureSymbol } from './engraving.ts';

/** The part that a note has in one of its beams; a hook is a short beam at one stem alone. */
export type BeamPart = 'begins' | 'continues' | 'ends' | 'hooks forward' | 'hooks backward';

/** The groups of the eighths of a measure where they are not by threes: as they are mostly counted. */
const UNEVEN_BEATS: Readonly<Record<number, readonly number[]>> = { 5: [3, 2], 7: [2, 2, 3] };

/**
 * Gives the groups of a measure within which notes share a beam, in whole notes, so that the beat is seen; they come round where the measure
 * is longer. Four eighths run over half a measure of four, as players read them.
 */
export function beamGroups(measure: Measure): readonly Fraction[] {
  const { beats, beatValue } = measure.meter;
  if (beatValue === 8) return (UNEVEN_BEATS[beats] ?? [3]).map((eighths) => fraction(eighths, 8));
  if (beats * (4 / beatValue) !== 4) return [fraction(1, 4)];
  return [0, 1].flatMap((half) => (eighthsFill(measure, half) ? [fraction(1, 2)] : [fraction(1, 4), fraction(1, 4)]));
}

/** Tells whether eighths alone fill a half of a measure of four quarters. */
function eighthsFill({ symbols }: Measure, half: number): boolean {
  let onset = 0;
  const within = symbols.filter(({ value }) => {
    const begins = onset;
    onset += asNumber(value.length);
    return begins < (half + 1) / 2 && onset > half / 2;
  });
  return (
    within.length > 0 && within.every(({ kind, value }) => kind === 'note' && value.denominator === 8 && value.dots === 0 && !value.tuplet)
  );
}

/**
 * Gives the beams of every symbol of a measure, in order: of each note its parts from the beam of the eighths on; empty where it has none.
 * Notes of one group share beams, a rest ends them.
 */
export function beamsOf(measure: Measure): readonly (readonly BeamPart[])[] {
  const beams: BeamPart[][] = measure.symbols.map(() => []);
  for (const run of runsOf(measure)) {
    if (run.length < 2) continue;
    const most = Math.max(...run.map((order) => flagsOf(measure.symbols[order])));
    for (let level = 1; level <= most; level += 1) {
      for (const part of partsAt(run, (order) => flagsOf(measure.symbols[order]) >= level)) beams[part.order]?.push(part.part);
    }
  }
  return beams;
}

/** Lists the notes that share a beam, by order: those with flags, side by side in one group. */
function runsOf(measure: Measure): readonly (readonly number[])[] {
  const runs: number[][] = [];
  let [onset, before]: [Fraction, number | null] = [ZERO, null];
  const groupAt = groupFinder(beamGroups(measure));
  for (const [order, symbol] of measure.symbols.entries()) {
    const group: number | null = flagsOf(symbol) > 0 ? groupAt(onset) : null;
    onset = addFractions(onset, symbol.value.length);
    if (group !== null && group === before) runs.at(-1)?.push(order);
    else if (group !== null) runs.push([order]);
    before = group;
  }
  return runs;
}

/** Makes what finds the group of a moment of the measure, by its number. */
function groupFinder(groups: readonly Fraction[]): (onset: Fraction) => number {
  return (onset) => {
    let [end, number] = [ZERO, 0];
    for (;;) {
      end = addFractions(end, groups[number % groups.length] ?? fraction(1, 4));
      if (compareFractions(onset, end) < 0) return number;
      number += 1;
    }
  };
}

/** Gives the number of flags that a note has when it stands alone; none for rests and for quarters and longer. */
function flagsOf(symbol: MeasureSymbol | undefined): number {
  return symbol?.kind === 'note' ? Math.max(0, Math.log2(symbol.value.denominator) - 2) : 0;
}

interface PartOfNote {
  /** The order of the note among the symbols. */
  readonly order: number;
  readonly part: BeamPart;
}

/** Gives the parts of one beam over some notes: those side by side that have it are joined, one alone hooks towards the others. */
function partsAt(run: readonly number[], has: (order: number) => boolean): readonly PartOfNote[] {
  return run.flatMap((order, place): readonly PartOfNote[] => {
    if (!has(order)) return [];
    const [before, after] = [run[place - 1], run[place + 1]].map((other) => other !== undefined && has(other));
    if (before && after) return [{ order, part: 'continues' }];
    if (before) return [{ order, part: 'ends' }];
    if (after) return [{ order, part: 'begins' }];
    return [{ order, part: place === 0 ? 'hooks forward' : 'hooks backward' }];
  });
}
