import type { ClefName, InstrumentKind } from '#core/instrument';
import { compareFractions, type Fraction } from '#core/fraction';
import { childrenOf, numberOf, type ReadElement, textOf } from '#core/format';

/** A clef from a moment of the measure on. */
interface ClefFrom {
  readonly time: Fraction;
  readonly clef: ClefName | null;
}

/** The clefs of a part as they are read, staff by staff: one that begins within a measure holds for every voice from there on. */
export class ClefReader {
  /** The clefs that hold at the beginning of the measure. */
  private carried = new Map<string, ClefName | null>();
  private changes = new Map<string, readonly ClefFrom[]>();

  constructor(private readonly kind: InstrumentKind) {}

  /** Begins a new measure. */
  nextMeasure(): void {
    for (const [staff, changes] of this.changes) this.carried.set(staff, changes[changes.length - 1]?.clef ?? null);
    this.changes.clear();
  }

  /** Reads the clefs in attributes at a moment of the measure. */
  read(attributes: ReadElement, time: Fraction): void {
    for (const clef of childrenOf(attributes, 'clef')) {
      const staff = clef.attributes['number'] ?? '1';
      const all = [...(this.changes.get(staff) ?? []), { time, clef: this.clefNamed(clef) }];
      this.changes.set(
        staff,
        all.toSorted((one, other) => compareFractions(one.time, other.time)),
      );
    }
  }

  /** Gives the clef of a note or rest; null where none is given, or one that string players do not read. */
  at(note: ReadElement, time: Fraction): ClefName | null {
    const staff = textOf(note, 'staff') ?? '1';
    const here = this.changes.get(staff)?.findLast((change) => compareFractions(change.time, time) <= 0);
    return here ? here.clef : (this.carried.get(staff) ?? null);
  }

  private clefNamed(clef: ReadElement): ClefName | null {
    const sign = textOf(clef, 'sign') ?? '';
    const octaves = numberOf(clef, 'clef-octave-change') ?? 0;
    // The bass clef of a double bass is the same whether it says that it sounds an octave lower or not.
    if (octaves !== 0 && !(octaves === -1 && this.kind === 'bass')) return null;
    return CLEFS[`${sign}${textOf(clef, 'line') ?? USUAL_LINES[sign] ?? ''}`] ?? null;
  }
}

const USUAL_LINES: Readonly<Record<string, string>> = { G: '2', C: '3', F: '4' };

const CLEFS: Readonly<Record<string, ClefName>> = { G2: 'treble', C3: 'alto', C4: 'tenor', F4: 'bass' };
