import type { ReactNode } from 'react';
import { Header } from './Header.tsx';
import type { PageName } from './rooms.ts';
import { StudioPlayer } from './StudioPlayer.tsx';

/** The looks of a page's title: shown, kept from paper, or there for screen readers alone. */
const TITLES = { shown: 'text-2xl font-semibold', 'not-printed': 'no-print text-2xl font-semibold', hidden: 'sr-only' } as const;

/** The widths of a page: the whole window, or a measure that is read with ease. */
const WIDTHS = { full: '', wide: 'mx-auto max-w-6xl', narrow: 'mx-auto max-w-4xl' } as const;

interface PageShellProps {
  readonly current: PageName;
  readonly title: string;
  /** The look of the title; where a sentence or a picture opens the page, it is hidden. */
  readonly titled?: keyof typeof TITLES;
  readonly width?: keyof typeof WIDTHS;
  /** The id of the piece in hand; null for none. */
  readonly pieceId?: string | null;
  /** The actions beside the title. */
  readonly beside?: ReactNode;
  readonly children?: ReactNode;
}

/** Shows a page: the head with its rooms, the title, and what the page is for. */
export function PageShell({ current, title, titled = 'shown', width = 'full', pieceId = null, beside, children }: PageShellProps) {
  return (
    <>
      <Header current={current} pieceId={pieceId} player={<StudioPlayer pieceId={pieceId} />} />
      <main className={`px-6 pt-3 pb-6 print:p-0 ${WIDTHS[width]}`}>
        {beside === undefined ? (
          <h1 className={TITLES[titled]}>{title}</h1>
        ) : (
          <div className="flex flex-wrap items-center gap-3">
            <h1 className={`mr-auto ${TITLES[titled]}`}>{title}</h1>
            {beside}
          </div>
        )}
        {children}
      </main>
    </>
  );
}
