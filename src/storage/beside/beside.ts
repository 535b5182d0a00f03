/*
 * Small texts that a browser keeps beside the database and gives at once: for good, or as long as a tab is open. A browser may refuse them
 * all, or have no room: then nothing is kept.
 */

/** Gives a text that is kept under a key; null where there is none. */
export function textBeside(key: string): string | null {
  return read(() => globalThis.localStorage?.getItem(key) ?? null);
}

/** Keeps a text under a key, null removes it; false where it could not be kept. */
export function keepBeside(key: string, text: string | null): boolean {
  return keep(() => {
    if (text === null) globalThis.localStorage?.removeItem(key);
    else localStorage.setItem(key, text);
  });
}

/** Gives a text that this tab keeps under a key; null where there is none. */
export function textOfTab(key: string): string | null {
  return read(() => globalThis.sessionStorage?.getItem(key) ?? null);
}

/** Keeps a text under a key as long as this tab is open; false where it could not be kept. */
export function keepInTab(key: string, text: string): boolean {
  return keep(() => sessionStorage.setItem(key, text));
}

/** Lists the keys that begin with something. */
export function keysBeside(beginning: string): readonly string[] {
  try {
    return Object.keys(globalThis.localStorage ?? {}).filter((key) => key.startsWith(beginning));
  } catch {
    return [];
  }
}

function read(text: () => string | null): string | null {
  try {
    return text();
  } catch {
    return null;
  }
}

function keep(write: () => void): boolean {
  try {
    write();
    return true;
  } catch {
    return false;
  }
}
