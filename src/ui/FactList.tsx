import type { ReactNode } from 'react';

/** A list of facts, one a line. */
export function FactList({ className = '', children }: { readonly className?: string; readonly children: ReactNode }) {
  return <dl className={`grid grid-cols-[auto_1fr] gap-x-3 text-[15px] ${className}`}>{children}</dl>;
}

/** One line of a list of facts: its name, and its value. */
export function Fact({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <>
      <dt className="text-dove-dark">{name}</dt>
      <dd>{children}</dd>
    </>
  );
}

interface FactRowProps {
  /** Each fact: its name, and its figure with the unit. */
  readonly facts: readonly (readonly [string, string])[];
}

/** Facts in a row: the figure large, its name below. */
export function FactRow({ facts }: FactRowProps) {
  return (
    <dl className="mt-1 flex flex-wrap gap-x-8 gap-y-1">
      {facts.map(([name, figure]) => (
        <div key={name} className="flex flex-col-reverse">
          <dt className="text-[14px] text-dove-dark">{name}</dt>
          <dd className="font-serif text-[19px] tabular-nums">{figure}</dd>
        </div>
      ))}
    </dl>
  );
}
