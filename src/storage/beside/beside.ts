/*
 * Small texts that a browser keeps beside the database and gives at once. A browser may refuse them all, or have no room: then nothing is
 * kept.
 */

/** Gives a text that is kept under a key; null where there is none. */
export function textBeside(key: string): string | null {
  try {
    return globalThis.localStorage?.getItem(key) ?? null;
  } catch {
    return null;
  }
}

/** Keeps a text under a key, null removes it; false where it could not be kept. */
export function keepBeside(key: string, text: string | null): boolean {
  try {
    if (text === null) globalThis.localStorage?.removeItem(key);
    else localStorage.setItem(key, text);
    return true;
  } catch {
    return false;
  }
}

/** Lists the keys that begin with something. */
export function keysBeside(beginning: string): readonly string[] {
  try {
    return Object.keys(globalThis.localStorage ?? {}).filter((key) => key.startsWith(beginning));
  } catch {
    return [];
  }
}
