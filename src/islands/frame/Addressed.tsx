import { NuqsAdapter } from 'nuqs/adapters/react';
import type { ReactNode } from 'react';

/** A page that keeps some of its state in its address: what is below reads and writes it there. */
export function Addressed({ children }: { readonly children: ReactNode }) {
  return <NuqsAdapter>{children}</NuqsAdapter>;
}
