import { parseAsArrayOf, parseAsBoolean, parseAsStringLiteral, useQueryStates } from 'nuqs';
import { Fragment, useMemo, useRef, useState } from 'react';
import { engravingOfPlan, type FingerMark, type Variant, variantOf } from '#core/notation';
import type { Plan } from '#core/plan/describe';
import { ACCENTS, BOW_PATTERNS, LENGTH_PATTERNS, namesOf } from '#core/rhythm';
import { Button } from '../../ui/Button.tsx';
import { CheckField } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { Popover } from '../../ui/Popover.tsx';
import { ACCENT_LABELS, BOW_LABELS, LENGTH_PATTERN_LABELS } from '../../words/line/rhythm.ts';
import { useUnderStaff } from '../../state/under-staff.ts';
import { useBowPlan } from '../score/under-staff/index.ts';
import { BowSummary } from './BowSummary.tsx';
import { Systems } from './Systems.tsx';

/** A variant that can be put on the page. */
interface Offered {
  readonly name: string;
  readonly label: string;
  readonly variant: Variant;
}

const RHYTHMS: readonly Offered[] = namesOf(LENGTH_PATTERNS)
  .filter((name) => name !== 'even')
  .map((name) => ({ name, label: LENGTH_PATTERN_LABELS[name], variant: { lengths: [...LENGTH_PATTERNS[name]] } }));

const BOWINGS: readonly Offered[] = namesOf(BOW_PATTERNS).map((name) => ({
  name,
  label: BOW_LABELS[name],
  variant: { bows: [...BOW_PATTERNS[name]] },
}));

const ACCENTED: readonly Offered[] = namesOf(ACCENTS).flatMap((name) => {
  const accents = ACCENTS[name];
  return accents ? [{ name, label: ACCENT_LABELS[name], variant: { accents } }] : [];
});

const GROUPS = [
  { heading: 'Rhythms', offered: RHYTHMS },
  { heading: 'Bowings', offered: BOWINGS },
  { heading: 'Accents', offered: ACCENTED },
] as const;

const ALL: readonly Offered[] = GROUPS.flatMap(({ offered }) => offered);

const ADDRESS = {
  variants: parseAsArrayOf(parseAsStringLiteral(ALL.map(({ name }) => name))).withDefault([]),
  whole: parseAsBoolean.withDefault(false),
};

/** Gives the variants that are on the page, in the order in which they are offered, and the function that chooses them. */
export function useVariants(): {
  readonly variants: readonly Offered[];
  /** Whether all of each is shown, not its beginning alone. */
  readonly whole: boolean;
  readonly toggle: (name: string) => void;
  readonly showWhole: (whole: boolean) => void;
} {
  const [{ variants: chosen, whole }, setAddress] = useQueryStates(ADDRESS);
  return {
    variants: ALL.filter(({ name }) => chosen.includes(name)),
    whole,
    toggle: (name) => void setAddress({ variants: chosen.includes(name) ? chosen.filter((other) => other !== name) : [...chosen, name] }),
    showWhole: (next) => void setAddress({ whole: next }),
  };
}

/** Chooses the variants that follow a piece and make it a practice page. */
export function VariantChoice() {
  const { variants } = useVariants();
  const button = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button ref={button} aria-expanded={open} onClick={() => setOpen(!open)}>
        Variants: {variants.length === 0 ? 'none' : variants.length}
      </Button>
      {open && (
        <Popover label="Variants" anchor={button} width="w-80" onClose={() => setOpen(false)}>
          <VariantFields />
        </Popover>
      )}
    </>
  );
}

function VariantFields() {
  const { variants, whole, toggle, showWhole } = useVariants();
  return (
    <>
      {GROUPS.map(({ heading, offered }) => (
        <Fragment key={heading}>
          <Heading as="h3" className="mt-1">
            {heading}
          </Heading>
          {offered.map(({ name, label }) => (
            <CheckField
              key={name}
              label={label}
              checked={variants.some((variant) => variant.name === name)}
              onChange={() => toggle(name)}
            />
          ))}
        </Fragment>
      ))}
      <Heading as="h3" className="mt-1">
        How much
      </Heading>
      <CheckField label="All of each, not its beginning alone" checked={whole} onChange={showWhole} />
    </>
  );
}

interface VariantsProps {
  readonly plan: Plan;
  readonly marks: readonly (FingerMark | null)[];
}

/** Shows the chosen variants, one after the other, under the fingering of the piece. */
export function Variants({ plan, marks }: VariantsProps) {
  const { variants, whole } = useVariants();
  return variants.map(({ name, label, variant }, order) => (
    <section key={name} aria-label={label} className="mt-4 break-inside-avoid">
      <Heading className="mb-1">
        {order + 1}. {label.charAt(0).toUpperCase()}
        {label.slice(1)}
      </Heading>
      <VariantStaff plan={plan} marks={marks} variant={variant} whole={whole} />
    </section>
  ));
}

function VariantStaff({ plan, marks, variant, whole }: VariantsProps & { readonly variant: Variant; readonly whole: boolean }) {
  const varied = useMemo(() => variantOf(plan, variant), [plan, variant]);
  if (!varied) return <p>This rhythm cannot be written down over the lengths of this line.</p>;
  return <Varied plan={varied} marks={marks} whole={whole} />;
}

function Varied({ plan, marks, whole }: VariantsProps & { readonly whole: boolean }) {
  const under = useUnderStaff();
  const bow = useBowPlan(plan, under.bow);
  const engraving = useMemo(() => engravingOfPlan(plan), [plan]);
  return (
    <>
      <Systems plan={plan} engraving={engraving} marks={marks} bow={bow} beginning={!whole} />
      {bow && <BowSummary bow={bow} />}
    </>
  );
}
