/** The look of a tab, and of a link that is one of several pages. */
export const PAGE_TAB =
  'border-b-2 border-transparent py-0.5 text-dove-dark aria-[current=page]:border-ink aria-[current=page]:text-ink data-[state=active]:border-ink data-[state=active]:text-ink';
