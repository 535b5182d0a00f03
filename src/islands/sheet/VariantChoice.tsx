import { Fragment, useRef, useState } from 'react';
import { VARIANT_GROUPS } from '../../printing/index.ts';
import { Button } from '../../ui/Button.tsx';
import { CheckField } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { Popover } from '../../ui/Popover.tsx';
import type { SheetAtHand } from './use-sheet.ts';

/** Chooses the variants that follow a piece and make it a practice page. */
export function VariantChoice({ sheet }: { readonly sheet: SheetAtHand }) {
  const { variants = [] } = sheet.choices;
  const button = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = useState(false);
  return (
    <div>
      <Button ref={button} aria-expanded={open} onClick={() => setOpen(!open)}>
        Variants: {variants.length === 0 ? 'none' : variants.length}
      </Button>
      {open && (
        <Popover label="Variants" anchor={button} width="w-80" onClose={() => setOpen(false)}>
          <VariantFields sheet={sheet} />
        </Popover>
      )}
    </div>
  );
}

function VariantFields({ sheet: { choices, choose } }: { readonly sheet: SheetAtHand }) {
  const { variants = [], wholeVariants = false } = choices;
  const toggle = (name: string, on: boolean): void =>
    choose({ variants: on ? [...variants, name] : variants.filter((other) => other !== name) });
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
        onChange={(whole) => choose({ wholeVariants: whole })}
      />
    </>
  );
}
