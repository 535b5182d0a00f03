import type { Brief } from '#core/brief';
import type { SignatureChange } from '#core/material/signature';
import type { MeterName } from '#core/rhythm';
import { writeOut } from './line-edits.ts';

/** The key and meter of a line from a measure on; null for those before it. A field left out stays as it is. */
export interface SignatureEdit {
  /** A key text: "Eb major". */
  readonly key?: string | null;
  /** A meter: "3/4". */
  readonly meter?: MeterName | null;
}

/** Changes the key or meter of a line from a measure on; measures are counted as on the page. */
export function withSignatureFrom(brief: Brief, measure: number, edit: SignatureEdit): Brief {
  const out = writeOut(brief);
  if (out.material.kind !== 'line') return brief;
  const { changes = [], ...material } = out.material;
  const here = changes.find((change) => change.measure === measure);
  const others = changes.filter((change) => change !== here);
  const merged = Object.fromEntries(Object.entries({ ...here, ...edit }).filter(([name, value]) => value !== null && name !== 'measure'));
  const changed: SignatureChange[] = Object.keys(merged).length === 0 ? others : [...others, { ...merged, measure }];
  const inOrder = changed.toSorted((one, other) => one.measure - other.measure);
  return { ...out, material: inOrder.length === 0 ? material : { ...material, changes: inOrder } };
}
