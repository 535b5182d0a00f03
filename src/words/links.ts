/** The link to a brief is in the clipboard. */
export const LINK_COPIED = 'The link is copied. Whoever opens it gets a piece of this brief.';

/** The link itself, where the clipboard is out of reach. */
export function linkText(link: string): string {
  return `Copy this link: ${link}`;
}
