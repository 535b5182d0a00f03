import { type ReactNode, useState } from 'react';
import { Part } from './states/index.ts';
import { Heading } from './Heading.tsx';

interface OpenedSectionProps {
  readonly title: string;
  /** Whether it is open at first. */
  readonly opened?: boolean;
  /** The class that places it. */
  readonly className?: string;
  /** The content, made when it is first opened, so that its code may come then. */
  readonly children: () => ReactNode;
}

/** A section that is closed at first, unless it is what matters here; its content comes when it is opened. */
export function OpenedSection({ title, opened = false, className = 'mt-4', children }: OpenedSectionProps) {
  const [open, setOpen] = useState(opened);
  return (
    <details open={open} className={className} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <Heading as="summary" className="cursor-pointer py-1">
        {title}
      </Heading>
      {open && <Part>{children()}</Part>}
    </details>
  );
}
