import type { SignatureChange } from '#core/material/signature';
import {
  addFractions,
  asNumber,
  compareFractions,
  formatFraction,
  fraction,
  type Fraction,
  multiplyFractions,
  subtractFractions,
  ZERO,
} from '#core/fraction';
import { measureLength, type Meter, meterNamed, type MeterName, METERS } from '#core/rhythm';
import type { LeftOut } from './left-out.ts';
import type { ForeignMeasure } from './score.ts';

/** The beginning of music: its meter, where it is offered, and the notes before its first bar line. */
export interface Beginning {
  /** The meter; left out for one that is not offered. */
  readonly meter?: MeterName;
  /** The pick-up as a fraction of a whole note; left out for none. */
  readonly pickUp?: string;
}

/** Finds the meter and the pick-up: a first measure that is not full is a pick-up. */
export function meterAndPickUp(measures: readonly ForeignMeasure[]): Beginning {
  const [first] = measures;
  if (!first) return {};
  const meter = offeredMeter(first.meter);
  const isShort = compareFractions(first.length, ZERO) > 0 && compareFractions(first.length, meter ? first.full : fraction(1, 1)) < 0;
  return { ...(meter ? { meter } : {}), ...(isShort && measures.length > 1 ? { pickUp: formatFraction(first.length) } : {}) };
}

function offeredMeter(meter: string): MeterName | undefined {
  return METERS.find((known) => known === meter);
}

/** The changes of key and meter as a line has them, and the changes that cannot be taken over. */
export interface ChangesTaken {
  /** The changes in order. */
  readonly changes: readonly SignatureChange[];
  /** The changes that are left out. */
  readonly leftOut: readonly LeftOut[];
}

/**
 * Finds the changes of key and meter, each at the measure of the piece in which it stands. These cannot be taken over: a change that comes
 * between the bar lines of the piece, after a measure that is too short or too long; a meter that is not offered; another tempo.
 */
export function changesOf(measures: readonly ForeignMeasure[], begins: Beginning): ChangesTaken {
  const reading = new ChangesReading(measures, begins);
  for (const [index, measure] of measures.entries()) reading.pass(measure, measures[index - 1]);
  const tempos = measures.filter(({ tempo }) => tempo !== null).length;
  return { changes: reading.changes, leftOut: [...reading.listLeftOut(), ...times<LeftOut>('tempo-changes', tempos - 1)] };
}

function times<Item>(item: Item, count: number): readonly Item[] {
  return Array.from({ length: Math.max(0, count) }, () => item);
}

/** A reader that goes through music measure by measure, on the bar lines that the piece will have; it is used for one reading. */
class ChangesReading {
  readonly changes: SignatureChange[] = [];
  private readonly left: LeftOut[] = [];
  /** Whether each measure so far begins on a bar line of the piece. */
  private readonly onBarLine: boolean[] = [];
  private meter: Meter;
  /** The distance of the piece into its measure. */
  private into: Fraction;
  /** The measure of the piece, as the page counts it. */
  private number: number;

  constructor([first]: readonly ForeignMeasure[], { meter, pickUp }: Beginning) {
    const hasPickUp = first !== undefined && pickUp !== undefined;
    this.meter = meterNamed(meter ?? '4/4');
    this.into = hasPickUp ? subtractFractions(first.full, first.length) : ZERO;
    this.number = hasPickUp ? 0 : 1;
    if (meter === undefined) this.left.push('unusual-meter');
  }

  pass(measure: ForeignMeasure, before: ForeignMeasure | undefined): void {
    const isOn = compareFractions(this.into, ZERO) === 0;
    this.onBarLine.push(isOn);
    if (before) this.take(signatureChanged(before, measure), isOn && this.number > (this.changes.at(-1)?.measure ?? 0));
    this.goOn(compareFractions(measure.length, ZERO) > 0 ? measure.length : measure.full);
  }

  /** Gives what is left out; where the piece has the meter of the music, with the measures that do not fill it. */
  listLeftOut(): readonly LeftOut[] {
    return this.left.includes('unusual-meter') ? this.left : [...this.left, ...irregular(this.onBarLine)];
  }

  private take({ unusual, ...changed }: SignatureChanged, canStand: boolean): void {
    this.left.push(...times<LeftOut>('unusual-meter', unusual ? 1 : 0));
    if (canStand) {
      if (changed.key !== undefined || changed.meter !== undefined) this.changes.push({ measure: this.number, ...changed });
      if (changed.meter !== undefined) this.meter = meterNamed(changed.meter);
      return;
    }
    if (changed.key !== undefined) this.left.push('key-changes');
    if (changed.meter !== undefined) this.left.push('meter-changes');
  }

  private goOn(length: Fraction): void {
    const bar = measureLength(this.meter);
    this.into = addFractions(this.into, length);
    const whole = Math.floor(asNumber(this.into) / asNumber(bar) + TINY);
    this.into = subtractFractions(this.into, multiplyFractions(bar, fraction(whole, 1)));
    this.number += whole;
  }
}

/** Lengths are exact; divided they may miss a whole number by a hair. */
const TINY = 1e-9;

type SignatureChanged = Omit<SignatureChange, 'measure'> & { readonly unusual: boolean };

/** Tells which of key and meter change from one measure to the next. */
function signatureChanged(before: ForeignMeasure, now: ForeignMeasure): SignatureChanged {
  const meter = before.meter === now.meter ? undefined : offeredMeter(now.meter);
  return {
    ...(before.key === now.key ? {} : { key: now.key }),
    ...(meter === undefined ? {} : { meter }),
    unusual: before.meter !== now.meter && meter === undefined,
  };
}

/**
 * Counts measures that begin between the bar lines of the piece; a measure in two parts, as at a repeat, does so once and is right with the
 * next.
 */
function irregular(onBarLine: readonly boolean[]): readonly LeftOut[] {
  return onBarLine.flatMap((on, index): readonly LeftOut[] => (index > 0 && !on && !onBarLine[index + 1] ? ['irregular-measures'] : []));
}
