import { Tabs as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { PAGE_TAB } from './page-tab.ts';

interface TabsProps<Name extends string> {
  /** The name of the tabs, for a screen reader. */
  readonly label: string;
  readonly names: readonly Name[];
  readonly nameOf: (name: Name) => string;
  readonly children: (name: Name) => ReactNode;
}

/** Shows several views of one thing, one at a time. */
export function Tabs<Name extends string>({ label, names, nameOf, children }: TabsProps<Name>) {
  return (
    <Radix.Root defaultValue={names[0]}>
      <Radix.List aria-label={label} className="mt-2 flex gap-5 border-b border-line">
        {names.map((name) => (
          <Radix.Trigger key={name} value={name} className={PAGE_TAB}>
            {nameOf(name)}
          </Radix.Trigger>
        ))}
      </Radix.List>
      {names.map((name) => (
        <Radix.Content key={name} value={name}>
          {children(name)}
        </Radix.Content>
      ))}
    </Radix.Root>
  );
}

interface PartTabsProps<Name extends string> extends Omit<TabsProps<Name>, 'children'> {
  readonly chosen: Name;
  readonly onChoose: (name: Name) => void;
}

/** Shows the parts of a page, one of which is open. */
export function PartTabs<Name extends string>({ label, names, nameOf, chosen, onChoose }: PartTabsProps<Name>) {
  return (
    <nav aria-label={label} className="no-print mt-2 flex flex-wrap gap-x-6 border-b border-line text-[17px]">
      {names.map((name) => (
        <button
          key={name}
          type="button"
          className={PAGE_TAB}
          aria-current={name === chosen ? 'page' : undefined}
          onClick={() => onChoose(name)}
        >
          {nameOf(name)}
        </button>
      ))}
    </nav>
  );
}
