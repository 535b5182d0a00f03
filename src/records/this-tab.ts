import { nanoid } from 'nanoid';

/** Makes an id that no other thing has; it works where a page served without encryption has no `crypto.randomUUID`. */
export function newId(): string {
  return nanoid();
}

/** The name of this page among all that write into the database: a tab opened or loaded again has another. */
export const THIS_TAB = newId();
