import type { ClefName } from '#core/instrument';
import { keyLabel } from '#core/key';
import type { SignatureChange } from '#core/material/signature';

/** The name of the choice of nothing: the signature before goes on. */
export const AS_BEFORE = '';

/** Writes the choice of a key, or that the one before goes on. */
export function keyChoiceLabel(key: string): string {
  return key === AS_BEFORE ? 'the same key' : keyLabel(key);
}

/** Writes the choice of a meter, or that the one before goes on. */
export function meterChoiceLabel(meter: string): string {
  return meter === AS_BEFORE ? 'the same meter' : meter;
}

/** Writes the choice of a clef, that the one before goes on, or where none is set before, the one that is easiest to read. */
export function clefChoiceLabel(clef: ClefName | typeof AS_BEFORE, isSetBefore: boolean): string {
  if (clef !== AS_BEFORE) return `${clef} clef from here`;
  return isSetBefore ? 'the same clef' : 'as is easiest to read';
}

/** Writes the place of a change, before the key or meter in the sentence: "from measure 9 in". */
export function fromMeasure(measure: number): string {
  return `from measure ${measure} in`;
}

/** Writes the changes of a line in a few words: "from measure 9 in D major and 3/4". */
export function changesText(changes: readonly SignatureChange[] = []): string {
  if (changes.length === 0) return 'one key and one meter';
  const told = changes.map(({ measure, key, meter }) => {
    const signature = [...(key === undefined ? [] : [keyLabel(key)]), ...(meter === undefined ? [] : [meter])];
    return `${fromMeasure(measure)} ${signature.join(' and ')}`;
  });
  return told.join(', ');
}
