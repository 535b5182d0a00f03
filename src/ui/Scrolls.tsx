import { type ReactNode, useRef } from 'react';
import { useScrolls } from './use-scrolls.ts';

interface ScrollsProps {
  /** The name of what scrolls, for a screen reader: "Table". */
  readonly what: string;
  readonly className?: string;
  readonly children: ReactNode;
}

/** Scrolls its content sideways where it is wider than its place, by keyboard too; on paper it stands whole. */
export function Scrolls({ what, className = '', children }: ScrollsProps) {
  const place = useRef<HTMLDivElement>(null);
  const scrolls = useScrolls(place);
  return (
    <div
      ref={place}
      className={`overflow-x-auto [scrollbar-width:thin] print:overflow-visible ${className}`}
      {...(scrolls && { tabIndex: 0, role: 'group', 'aria-label': `${what}, scrolls sideways` })}
    >
      {children}
    </div>
  );
}
