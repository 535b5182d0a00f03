import type { ReactNode } from 'react';

/** One line of a list of facts: its name, and what it is. */
export function Fact({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <>
      <dt className="text-dove-dark">{name}</dt>
      <dd>{children}</dd>
    </>
  );
}
