/** A page, with its address and its name in links. */
export interface PageLink {
  readonly href: string;
  readonly name: string;
  /** Whether what is typed or chosen on the page is kept at once; its head then says whether all is saved. */
  readonly keeps?: true;
  /** The rest of its address where fields are shared with the page before it. */
  readonly beside?: string;
}

/** The fields of the address that the pages of the atlas share: what was chosen on one is chosen on the next. */
const SHARED = ['key', 'position'] as const;

/** Gives the address of a page of the atlas; the fields that its pages share come along from `search`, the query of the page before. */
export function addressFrom({ href, beside = '' }: PageLink, forTaught: (href: string) => string, search: string): string {
  const now = new URLSearchParams(search);
  const shared = SHARED.flatMap((field) => (now.has(field) ? [[field, now.get(field) ?? '']] : []));
  const address = forTaught(href);
  if (shared.length === 0) return address;
  return `${address}${address.includes('?') ? '&' : '?'}${new URLSearchParams(shared).toString()}${beside && `&${beside}`}`;
}

/** The rooms of the application that have something in them, each with its pages; the first page is where the room opens. */
export const ROOMS = [
  {
    name: 'Studio',
    pages: [
      { href: '/pieces', name: 'Pieces', keeps: true },
      { href: '/books', name: 'Books', keeps: true },
      { href: '/setup', name: 'Players, instruments, schools', keeps: true },
      { href: '/sheet/scale-book', name: 'Scale book' },
      { href: '/sheet/class', name: 'Class score' },
      { href: '/tapes', name: 'Tapes' },
      { href: '/costs', name: 'Costs', keeps: true },
      { href: '/backup', name: 'Backup' },
    ],
  },
  { name: 'Bench', pages: [{ href: '/', name: 'Fingering' }] },
  {
    name: 'Practise',
    pages: [
      { href: '/practise', name: 'Session', keeps: true },
      { href: '/practise/week', name: 'Week', keeps: true },
      { href: '/practise/assignment', name: 'Assignment' },
      { href: '/metronome', name: 'Metronome' },
      { href: '/tuner', name: 'Tuner' },
    ],
  },
  { name: 'Record', pages: [{ href: '/record', name: 'Log', keeps: true }] },
  {
    name: 'Atlas',
    pages: [
      { href: '/atlas', name: 'Map' },
      { href: '/atlas/names', name: 'Names', keeps: true, beside: 'about=chosen' },
      { href: '/atlas/phrases', name: 'Phrases', keeps: true },
    ],
  },
] as const satisfies readonly { readonly name: string; readonly pages: readonly [PageLink, ...PageLink[]] }[];

/** The pages that belong to one piece, on the bench. */
export const PIECE_PAGES = [
  { href: '/', name: 'Fingering' },
  { href: '/measure', name: 'Measurements' },
  { href: '/compare', name: 'Compare' },
  { href: '/drills', name: 'Drills', keeps: true },
  { href: '/take', name: 'Take' },
  { href: '/sheet', name: 'Sheet', keeps: true },
  { href: '/by-heart', name: 'By heart', keeps: true },
] as const satisfies readonly PageLink[];

/** The name of a page, of a room or of a piece. */
export type PageName = (typeof ROOMS)[number]['pages'][number]['name'] | (typeof PIECE_PAGES)[number]['name'];

/** The pages that keep at once everything typed or chosen on them. */
export const KEEPING_PAGES: readonly string[] = [...ROOMS.flatMap<PageLink>(({ pages }) => [...pages]), ...PIECE_PAGES]
  .filter((page: PageLink) => page.keeps === true)
  .map(({ name }) => name);
