import { ButtonLink } from '../../ui/Button.tsx';

interface SheetsLinkProps {
  /** The ids of the pieces, in their order; one that stands there twice is printed once. */
  readonly pieces: readonly string[];
  /** The title of the document; a plain one where there is none. */
  readonly title?: string;
  readonly children: string;
}

/** The most pieces in one address: a browser opens no longer one. */
const MOST = 80;

/** Leads to the pages of several pieces as one document; nothing where there are none, or too many. */
export function SheetsLink({ pieces, title = '', children }: SheetsLinkProps) {
  const ids = [...new Set(pieces)];
  if (ids.length === 0 || ids.length > MOST) return null;
  const address = new URLSearchParams({ pieces: ids.join(','), ...(title !== '' && { title: title.slice(0, 120) }) });
  return <ButtonLink href={`/sheet/several?${address.toString()}`}>{children}</ButtonLink>;
}
