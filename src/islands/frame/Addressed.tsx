import { NuqsAdapter } from 'nuqs/adapters/react';
import type { ReactNode } from 'react';

/** Wraps a page that keeps some of its state in its address: the parts below read and write it there. */
export function Addressed({ children }: { readonly children: ReactNode }) {
  return <NuqsAdapter>{children}</NuqsAdapter>;
}
