import type { ReactNode } from 'react';
import { Heading } from './Heading.tsx';

interface NextStepsProps {
  /** Whether it stands in a row at the head of a long view, where it stays in sight, instead of below it. */
  readonly atHead?: boolean;
  readonly children: ReactNode;
}

/** The next steps for a teacher: buttons and links, each a verb. */
export function NextSteps({ atHead = false, children }: NextStepsProps) {
  return (
    <section aria-label="Next" className={`no-print ${atHead ? 'flex flex-wrap items-center gap-1.5' : 'mt-4'}`}>
      <Heading as={atHead ? 'h2' : 'h3'} className={atHead ? 'mr-1.5' : ''}>
        Next
      </Heading>
      {atHead ? children : <div className="mt-1.5 flex flex-wrap gap-1.5">{children}</div>}
    </section>
  );
}
