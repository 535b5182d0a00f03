import type { ReactNode } from 'react';

/** Lays out one row of the marks at a note: its name, and the fields beside it. */
export function WriteRow({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <div className="grid grid-cols-[5.4rem_1fr] items-baseline gap-x-2">
      <span className="text-dove-dark">{name}</span>
      <span className="flex flex-wrap items-center gap-1.5">{children}</span>
    </div>
  );
}
