import { Fragment, useRef, useState } from 'react';
import type { SheetChoices } from '#core/paper/choices';
import { VARIANT_GROUPS } from '../../printing/index.ts';
import { Button } from '../../ui/Button.tsx';
import { CheckField } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { Popover } from '../../ui/Popover.tsx';
import { variantsText } from '../../words/paper/sheet.ts';

/** The choice of variants: which, and how much of each. */
type VariantsChosen = Pick<SheetChoices, 'variants' | 'wholeVariants'>;

interface VariantChoiceProps {
  readonly choices: VariantsChosen;
  readonly onChoose: (change: VariantsChosen) => void;
}

/** Chooses the variants that follow a line and make it a practice page. */
export function VariantChoice(props: VariantChoiceProps) {
  const { variants = [] } = props.choices;
  const button = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = useState(false);
  return (
    <div>
      <Button ref={button} aria-expanded={open} onClick={() => setOpen(!open)}>
        {variantsText(variants.length)}
      </Button>
      {open && (
        <Popover label="Variants" anchor={button} width="w-80" onClose={() => setOpen(false)}>
          <VariantFields {...props} />
        </Popover>
      )}
    </div>
  );
}

/** The variants that can be chosen, and how much of each is printed. */
export function VariantFields({ choices, onChoose }: VariantChoiceProps) {
  const { variants = [], wholeVariants = false } = choices;
  const toggle = (name: string, on: boolean): void =>
    onChoose({ variants: on ? [...variants, name] : variants.filter((other) => other !== name) });
  return (
    <>
      {VARIANT_GROUPS.map(({ heading, offered }) => (
        <Fragment key={heading}>
          <Heading as="h3" className="mt-1">
            {heading}
          </Heading>
          {offered.map(({ name, label }) => (
            <CheckField key={name} label={label} checked={variants.includes(name)} onChange={(on) => toggle(name, on)} />
          ))}
        </Fragment>
      ))}
      <Heading as="h3" className="mt-1">
        How much
      </Heading>
      <CheckField
        label="All of each, not its beginning alone"
        checked={wholeVariants}
        onChange={(whole) => onChoose({ wholeVariants: whole })}
      />
    </>
  );
}
