import type { InstrumentKind } from '#core/instrument';
import { type Pitch, stepsOf } from '#core/pitch';

/** The clefs string players read. */
export type ClefName = 'treble' | 'alto' | 'tenor' | 'bass';

/** A clef as notation needs it. */
export interface Clef {
  readonly name: ClefName;
  /** MusicXML sign and line (from the bottom). */
  readonly sign: 'G' | 'C' | 'F';
  readonly line: number;
  /** Letter steps above C0 of the middle line. */
  readonly middleSteps: number;
}

/** The clefs with their middle lines: B4, C4, A3 and D3. */
export const CLEFS: Readonly<Record<ClefName, Clef>> = {
  treble: { name: 'treble', sign: 'G', line: 2, middleSteps: 34 },
  alto: { name: 'alto', sign: 'C', line: 3, middleSteps: 28 },
  tenor: { name: 'tenor', sign: 'C', line: 4, middleSteps: 26 },
  bass: { name: 'bass', sign: 'F', line: 4, middleSteps: 22 },
};

/** Clefs an instrument is written in, its own first. */
const CLEFS_OF: Readonly<Record<InstrumentKind, readonly ClefName[]>> = {
  violin: ['treble'],
  viola: ['alto', 'treble'],
  cello: ['bass', 'tenor', 'treble'],
  bass: ['bass', 'tenor', 'treble'],
};

/** Ledger lines saved on the average note before another clef than the instrument's own is worth reading. */
const WORTH_CHANGING = 1.5;

/** The clef in which a whole line of written pitches needs fewest ledger lines; the instrument's own unless much is saved. */
export function clefFor(kind: InstrumentKind, written: readonly Pitch[]): Clef {
  const [own, ...others] = CLEFS_OF[kind].map((name) => CLEFS[name]);
  if (!own) throw new RangeError(`No clef for ${kind}`);
  return others.reduce((best, clef) => {
    const margin = best === own ? WORTH_CHANGING * written.length : 0;
    return ledgerLines(clef, written) + margin < ledgerLines(best, written) ? clef : best;
  }, own);
}

function ledgerLines(clef: Clef, pitches: readonly Pitch[]): number {
  return pitches.reduce((sum, pitch) => sum + Math.max(0, Math.floor((Math.abs(stepsOf(pitch) - clef.middleSteps) - 4) / 2)), 0);
}
