import type { ClefName } from '#core/instrument';
import { keyLabel } from '#core/key';
import type { SignatureChange } from '#core/material/signature';

/** Nothing chosen: what stood before goes on. */
export const AS_BEFORE = '';

/** A key to choose, or that the one before goes on. */
export function keyChoiceLabel(key: string): string {
  return key === AS_BEFORE ? 'the same key' : keyLabel(key);
}

/** A meter to choose, or that the one before goes on. */
export function meterChoiceLabel(meter: string): string {
  return meter === AS_BEFORE ? 'the same meter' : meter;
}

/** A clef to choose, that the one before goes on, or where none is set before, the one that is easiest to read. */
export function clefChoiceLabel(clef: ClefName | typeof AS_BEFORE, isSetBefore: boolean): string {
  if (clef !== AS_BEFORE) return `${clef} clef from here`;
  return isSetBefore ? 'the same clef' : 'as is easiest to read';
}

/** Where a change stands, before the key or meter in the sentence: "from measure 9 in". */
export function fromMeasure(measure: number): string {
  return `from measure ${measure} in`;
}

/** The changes of a line in a few words: "from measure 9 in D major and 3/4". */
export function changesText(changes: readonly SignatureChange[] = []): string {
  if (changes.length === 0) return 'one key and one meter';
  const told = changes.map(({ measure, key, meter }) => {
    const signature = [...(key === undefined ? [] : [keyLabel(key)]), ...(meter === undefined ? [] : [meter])];
    return `${fromMeasure(measure)} ${signature.join(' and ')}`;
  });
  return told.join(', ');
}
