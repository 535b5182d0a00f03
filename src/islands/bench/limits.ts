import type { Brief } from '#core/plan';
import { positionWords } from '#core/words';
import { noteLabel } from '../../words/labels.ts';

/** What the sentence can limit to some of several. */
export type Limit = 'positions' | 'strings' | 'fingers';

export const LIMIT_LABELS: Readonly<Record<Limit, string>> = { positions: 'Positions', strings: 'Strings', fingers: 'Fingers' };

/** The words for no limit. */
export const ANY_LABELS: Readonly<Record<Limit, string>> = { positions: 'any position', strings: 'any string', fingers: 'any finger' };

/** What a brief allows; null for all. Open strings have a part of the sentence of their own. */
export function limitValues({ limits }: Brief, limit: Limit): readonly string[] | null {
  return limit === 'fingers' ? (limits?.fingers?.filter((finger) => finger !== '0') ?? null) : (limits?.[limit] ?? null);
}

/** One value by itself. */
export function valueLabel(limit: Limit, value: string): string {
  switch (limit) {
    case 'positions':
      return positionWords({ label: value, alteration: null });
    case 'strings':
      return noteLabel(value);
    case 'fingers':
      return value === 'T' ? 'thumb' : `finger ${value}`;
  }
}

/** Some values, as they stand in the sentence. */
export function someLabel(limit: Limit, values: readonly string[]): string {
  const [only] = values;
  const one = values.length === 1 && only !== undefined;
  switch (limit) {
    case 'positions':
      return one ? valueLabel(limit, only) : `positions ${values.join(', ')}`;
    case 'strings':
      return `${one ? 'the string' : 'the strings'} ${values.map(noteLabel).join(', ')}`;
    case 'fingers':
      return `${one ? 'finger' : 'fingers'} ${values.join(', ')}`;
  }
}
