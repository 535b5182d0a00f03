import { createContext, type ReactNode, useContext } from 'react';
import { createPortal } from 'react-dom';
import { Heading } from './Heading.tsx';

/** The place in the head of a page for its next steps; null until it is drawn, and on pages without a title. */
export const HeadSlot = createContext<HTMLElement | null>(null);

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

/** The next steps of a page, beside its title. */
export function PageSteps({ children }: { readonly children: ReactNode }) {
  const slot = useContext(HeadSlot);
  return slot && createPortal(<NextSteps atHead>{children}</NextSteps>, slot);
}
