import type { ReactNode } from 'react';
import { Heading } from './Heading.tsx';

/** What a teacher does next from here: buttons and links, each a verb. */
export function NextSteps({ children }: { readonly children: ReactNode }) {
  return (
    <section aria-label="Next" className="no-print mt-4">
      <Heading as="h3">Next</Heading>
      <div className="mt-1.5 flex flex-wrap gap-1.5">{children}</div>
    </section>
  );
}
