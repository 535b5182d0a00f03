import type { ReactNode } from 'react';

const PAGES = [
  { href: '/', name: 'Bench', ofPiece: true },
  { href: '/pieces', name: 'Pieces' },
  { href: '/measure', name: 'Measure', ofPiece: true },
  { href: '/tuner', name: 'Tuner' },
  { href: '/setup', name: 'Set up' },
  { href: '/costs', name: 'Costs' },
] as const satisfies readonly { readonly href: string; readonly name: string; readonly ofPiece?: boolean }[];

interface HeaderProps {
  readonly current: (typeof PAGES)[number]['name'];
  /** The piece in hand: other views of a piece open on it. */
  readonly pieceId?: string | null;
  readonly children?: ReactNode;
}

/** The name of the house, where you are, and what can be done here. */
export function Header({ current, pieceId = null, children }: HeaderProps) {
  return (
    <header className="no-print flex flex-wrap items-center gap-x-6 gap-y-2 border-b border-line px-6 py-2">
      <a href="/" className="font-serif text-xl font-semibold text-ink no-underline">
        Dove Path
      </a>
      <nav aria-label="Views" className="flex gap-5">
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
