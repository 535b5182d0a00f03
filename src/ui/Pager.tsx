import { useState } from 'react';
import { Button } from './Button.tsx';

/** The number of rows shown at once: enough for any scale, few enough for a long line. */
const PAGE = 200;

/** The rows of a long table that are shown. */
export interface Pager {
  /** The index of the first row. */
  readonly from: number;
  /** The index after the last row. */
  readonly to: number;
  /** The number of rows there are. */
  readonly total: number;
  readonly go: (by: 1 | -1) => void;
}

/** Pages through a long table. */
export function usePager(total: number): Pager {
  const [page, setPage] = useState(0);
  const last = Math.max(0, Math.ceil(total / PAGE) - 1);
  const shown = Math.min(page, last);
  return { from: shown * PAGE, to: Math.min(total, (shown + 1) * PAGE), total, go: (by) => setPage(shown + by) };
}

/** Shows earlier and later rows; nothing where all are shown. */
export function PageButtons({ pager: { from, to, total, go } }: { readonly pager: Pager }) {
  if (from === 0 && to === total) return null;
  return (
    <p className="mt-2 flex items-center gap-3">
      <Button disabled={from === 0} onClick={() => go(-1)}>
        Earlier notes
      </Button>
      {from + 1} to {to} of {total}
      <Button disabled={to === total} onClick={() => go(1)}>
        Later notes
      </Button>
    </p>
  );
}
