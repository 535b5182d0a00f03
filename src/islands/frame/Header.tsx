import type { ReactNode } from 'react';
import { useForTaught } from '../../state/taught.ts';
import { PAGE_TAB } from '../../ui/page-tab.ts';
import { NotSaved } from './NotSaved.tsx';
import { addressFrom, KEEPING_PAGES, type PageLink, type PageName, PIECE_PAGES, ROOMS } from './rooms.ts';
import { SavedState } from './SavedState.tsx';

interface HeaderProps {
  readonly current: PageName;
  /** The id of the piece in hand: its other pages open on it. */
  readonly pieceId?: string | null;
  /** The choice of the player, which stands in the head of every page. */
  readonly player: ReactNode;
  readonly children?: ReactNode;
}

/** Shows the rooms, the pages of the current one, and the actions here. */
export function Header({ current, pieceId = null, player, children }: HeaderProps) {
  const forTaught = useForTaught();
  const room = ROOMS.find(({ pages }) => pages.some((page) => page.name === current))?.name ?? 'Bench';
  return (
    <>
      <header className="no-print flex flex-wrap items-center gap-x-3 gap-y-1.5 border-b border-line px-5 py-1.5 xl:h-[43px] xl:flex-nowrap">
        <a href="/" className="shrink-0 font-serif text-lg font-semibold text-ink no-underline">
          Dove Path
        </a>
        <nav aria-label="Rooms" className="flex shrink-0 gap-x-2.5 border-line xl:border-r xl:pr-3">
          {ROOMS.map(({ name: roomName, pages }) => (
            <a
              key={roomName}
              href={roomName === 'Bench' ? addressOf('/', pieceId) : forTaught(pages[0].href)}
              aria-current={roomName === room ? 'true' : undefined}
              className={`no-underline ${roomName === room ? 'font-semibold text-ink' : 'text-dove-dark hover:text-ink'}`}
            >
              {roomName}
            </a>
          ))}
        </nav>
        {player}
        <Pages room={room} current={current} pieceId={pieceId} />
        {children}
        {KEEPING_PAGES.includes(current) && <SavedState className="ml-auto" />}
      </header>
      {KEEPING_PAGES.includes(current) && <NotSaved />}
    </>
  );
}

/** Lists the pages of a room; on the bench those of the piece. A room of one page needs none. */
function Pages({ room, current, pieceId }: { readonly room: string; readonly current: PageName; readonly pieceId: string | null }) {
  const forTaught = useForTaught();
  const pages = pagesOf(room);
  if (pages.length < 2) return null;
  return (
    <nav aria-label={room === 'Bench' ? 'This piece' : room} className="flex flex-wrap gap-x-2.5 xl:shrink-0">
      {pages.map((page) => (
        <a
          key={page.href}
          href={room === 'Bench' ? addressOf(page.href, pieceId) : forTaught(page.href)}
          aria-current={page.name === current ? 'page' : undefined}
          // The address may have changed since the head was drawn.
          onClick={(event) => {
            if (room === 'Atlas') event.currentTarget.href = addressFrom(page, forTaught, location.search);
          }}
          className={`${PAGE_TAB} no-underline hover:text-ink`}
        >
          {page.name}
        </a>
      ))}
    </nav>
  );
}

function pagesOf(room: string): readonly PageLink[] {
  return room === 'Bench' ? PIECE_PAGES : (ROOMS.find(({ name }) => name === room)?.pages ?? []);
}

function addressOf(href: string, pieceId: string | null): string {
  return pieceId === null ? href : `${href}?piece=${pieceId}`;
}
