import { type ReactNode, useState } from 'react';
import { Part } from './states/Boundary.tsx';
import { Heading } from './Heading.tsx';

interface OpenedSectionProps {
  readonly title: string;
  /** Places it. */
  readonly className?: string;
  /** Made when first opened, so that it may come then. */
  readonly children: () => ReactNode;
}

/** A section for those who want it: closed at first, and what is in it comes when it is opened. */
export function OpenedSection({ title, className = 'mt-4', children }: OpenedSectionProps) {
  const [open, setOpen] = useState(false);
  return (
    <details className={className} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <Heading as="summary" className="cursor-pointer py-1">
        {title}
      </Heading>
      {open && <Part>{children()}</Part>}
    </details>
  );
}
