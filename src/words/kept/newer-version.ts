import { countText } from '#core/messages';

/** Writes that something cannot be shown because a newer version has written it. */
export function ofNewerText(count: number): string {
  const them = count === 1 ? 'it' : 'them';
  return `${countText(count, 'entry was', 'entries were')} written by a newer version of Dove Path and cannot be shown here; nothing was changed in ${them}. Reload the page to get the newer version.`;
}

/** The words for a newer version of the application, or files that this one needs and that are gone from the server. */
export const NEWER_VERSION = { said: 'A newer version of Dove Path is ready. Nothing you entered is lost.', use: 'Update' } as const;
