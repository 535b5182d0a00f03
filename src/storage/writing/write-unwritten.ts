import { keepBeside, keysOf, textBeside } from '../beside/index.ts';

/**
 * Puts records that earlier pages left into the database, unless they got there by themselves. Those that cannot be written now, as on a
 * full disk, and those that a newer version left stay where they are.
 */
export async function writeUnwritten(): Promise<void> {
  const keys = keysOf('');
  if (keys.length === 0) return;
  const { putUnwritten } = await import('./put-unwritten.ts');
  for (const key of keys) {
    const text = textBeside(key);
    if (text === null) continue;
    const isDone = await putUnwritten(text).catch(() => false);
    // The page that left it may still live, and have left a newer one meanwhile.
    if (isDone && textBeside(key) === text) keepBeside(key, null);
  }
}
