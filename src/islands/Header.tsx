import type { ReactNode } from 'react';
import { PAGES } from './pages.ts';

interface HeaderProps {
  readonly current: (typeof PAGES)[number]['name'];
  /** The piece in hand: other views of a piece open on it. */
  readonly pieceId?: string | null;
  readonly children?: ReactNode;
}

/** The name of the house, where you are, and what can be done here. */
export function Header({ current, pieceId = null, children }: HeaderProps) {
  return (
    <header className="no-print flex flex-wrap items-center gap-x-5 gap-y-2 border-b border-line px-5 py-1.5 lg:flex-nowrap">
      <a href="/" className="shrink-0 font-serif text-lg font-semibold text-ink no-underline">
        Dove Path
      </a>
      <nav aria-label="Views" className="flex flex-wrap gap-x-4">
        {PAGES.map((page) => (
          <a
            key={page.href}
            href={'ofPiece' in page && pieceId !== null ? `${page.href}?piece=${pieceId}` : page.href}
            aria-current={page.name === current ? 'page' : undefined}
            className={`border-b-2 pb-0.5 no-underline ${page.name === current ? 'border-ink text-ink' : 'border-transparent text-dove-dark hover:text-ink'}`}
          >
            {page.name}
          </a>
        ))}
      </nav>
      {children}
    </header>
  );
}
