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
