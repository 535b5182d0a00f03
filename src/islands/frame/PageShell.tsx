import { type ReactNode, useState } from 'react';
import { HeadSlot } from '../../ui/NextSteps.tsx';
import { Header } from './Header.tsx';
import type { PageName } from './rooms.ts';
import { StudioPlayer } from './StudioPlayer.tsx';

/** The looks of a page's title: shown, kept from paper, or there for screen readers alone. */
const TITLES = { shown: 'text-2xl font-semibold', 'not-printed': 'no-print text-2xl font-semibold', hidden: 'sr-only' } as const;

interface PageShellProps {
  readonly current: PageName;
  readonly title: string;
  /** The look of the title; where a sentence or a picture opens the page, it is hidden. */
  readonly titled?: keyof typeof TITLES;
  /** The id of the piece in hand; null for none. */
  readonly pieceId?: string | null;
  /** The actions at the end of the title’s row. */
  readonly beside?: ReactNode;
  readonly children?: ReactNode;
}

/**
 * The frame of every page: the head with its rooms, then a row with the title, the next steps (`PageSteps`) and what else can be done, then
 * what the page is for, as wide as the window.
 */
export function PageShell({ current, title, titled = 'shown', pieceId = null, beside, children }: PageShellProps) {
  const [slot, setSlot] = useState<HTMLElement | null>(null);
  return (
    <>
      <Header current={current} pieceId={pieceId} player={<StudioPlayer pieceId={pieceId} />} />
      <main className="px-6 pt-3 pb-6 print:p-0">
        {titled === 'hidden' ? (
          <h1 className={TITLES.hidden}>{title}</h1>
        ) : (
          <div className="flex min-h-9 print:min-h-0 flex-wrap items-center gap-x-6 gap-y-1">
            <h1 className={TITLES[titled]}>{title}</h1>
            <div ref={setSlot} className="empty:hidden" />
            {beside !== undefined && <div className="no-print ml-auto flex flex-wrap items-center gap-1.5">{beside}</div>}
          </div>
        )}
        <HeadSlot value={slot}>{children}</HeadSlot>
      </main>
    </>
  );
}
