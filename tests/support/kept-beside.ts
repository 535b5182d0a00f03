/** The texts a page leaves beside the database. */
export const kept = new Map<string, string>();

/** Makes a place beside the database, as a browser has it: its keys are its own. */
export function storageOf(texts: Map<string, string>): object {
  const methods = {
    getItem: (key: string) => texts.get(key) ?? null,
    setItem: (key: string, value: string) => void texts.set(key, value),
    removeItem: (key: string) => void texts.delete(key),
  };
  return new Proxy(methods, {
    ownKeys: () => [...texts.keys()],
    getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
  });
}
