import type { HTMLAttributes } from 'react';

interface HeadingProps extends HTMLAttributes<HTMLElement> {
  readonly as?: 'h2' | 'h3' | 'legend' | 'summary' | 'span';
}

/** The small heading over a part of a page. */
export function Heading({ as: Element = 'h2', className = '', ...attributes }: HeadingProps) {
  return <Element className={`font-serif text-[15px] font-semibold text-dove-dark ${className}`} {...attributes} />;
}
