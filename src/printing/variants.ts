import type { Variant } from '#core/notation';
import { ACCENTS, BOW_PATTERNS, LENGTH_PATTERNS, namesOf } from '#core/rhythm';
import { ACCENT_LABELS, BOW_LABELS, LENGTH_PATTERN_LABELS } from '../words/line/rhythm.ts';

/** A variant that can follow a piece and make its sheet a practice page. */
export interface OfferedVariant {
  readonly name: string;
  readonly label: string;
  readonly variant: Variant;
}

const RHYTHMS: readonly OfferedVariant[] = namesOf(LENGTH_PATTERNS)
  .filter((name) => name !== 'even')
  .map((name) => ({ name, label: LENGTH_PATTERN_LABELS[name], variant: { lengths: [...LENGTH_PATTERNS[name]] } }));

const BOWINGS: readonly OfferedVariant[] = namesOf(BOW_PATTERNS).map((name) => ({
  name,
  label: BOW_LABELS[name],
  variant: { bows: [...BOW_PATTERNS[name]] },
}));

const ACCENTED: readonly OfferedVariant[] = namesOf(ACCENTS).flatMap((name) => {
  const accents = ACCENTS[name];
  return accents ? [{ name, label: ACCENT_LABELS[name], variant: { accents } }] : [];
});

/** The variants that are offered, by what they change. */
export const VARIANT_GROUPS = [
  { heading: 'Rhythms', offered: RHYTHMS },
  { heading: 'Bowings', offered: BOWINGS },
  { heading: 'Accents', offered: ACCENTED },
] as const;

/** Gives the variants of some names, in the order in which they are offered; a name that is not known is left out. */
export function variantsNamed(names: readonly string[]): readonly OfferedVariant[] {
  return VARIANT_GROUPS.flatMap(({ offered }) => offered).filter(({ name }) => names.includes(name));
}
