import { alterationInKey, type Key } from '#core/key';
import { ZERO } from '#core/fraction';
import { parsePitch, type Pitch } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import type { NoteValue } from '#core/rhythm';
import type { Engraving, MeasureSymbol, SmallNote, WrittenHead } from './engraving.ts';

/** The value of an in-between note: it is written small, and takes no time. */
const SMALL_VALUE: NoteValue = { denominator: 8, dots: 0, tuplet: null, length: ZERO };

/** Writes the notes that shifts pass as small notes before those they lead to, in an engraving of the plan. */
export function withInBetweenNotes(engraving: Engraving, plan: Plan): Engraving {
  return {
    ...engraving,
    measures: engraving.measures.map((measure) => ({
      ...measure,
      symbols: measure.symbols.map((symbol) => withPassed(symbol, plan, measure.key)),
    })),
  };
}

function withPassed(symbol: MeasureSymbol, { shifts }: Plan, key: Key): MeasureSymbol {
  if (symbol.kind === 'rest' || symbol.tiedFromBefore) return symbol;
  const passed = shifts.find(({ to }) => to === symbol.index)?.guides[0]?.inBetween;
  const pitch = passed && parsePitch(passed.written);
  if (!passed || !pitch?.ok) return symbol;
  const small: SmallNote = { index: symbol.index, heads: [headInKey(pitch.value, key)], value: SMALL_VALUE, passedBy: passed.finger };
  return { ...symbol, small: [...symbol.small, small] };
}

/** Gives a head with the sign it needs in a key: an in-between note stands by itself. */
export function headInKey(written: Pitch, key: Key): WrittenHead {
  const accidental = alterationInKey(key, written.letter) === written.alteration ? null : written.alteration;
  return { written, accidental, courtesy: false, diamond: false };
}
