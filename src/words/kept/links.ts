/** The words for a link to a brief that is in the clipboard. */
export const LINK_COPIED = 'The link is copied. Whoever opens it gets a piece of this brief.';

/** Writes the link itself, where the clipboard is out of reach. */
export function linkText(link: string): string {
  return `Copy this link: ${link}`;
}

/** The words for a brief that came with a link and stands on the bench. */
export const BRIEF_OF_LINK = 'This brief came with a link. Change it or give it a name to keep it as a piece.';
