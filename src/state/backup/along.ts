/** The page that waits while a long file is read or written: it hears how far that is, and may stop it. */
export interface Along {
  /** Hears the share that is done, 0 to 1. */
  readonly onProgress?: (share: number) => void;
  readonly signal?: AbortSignal;
}

/** The number of parts after which the page may draw. */
const PARTS_AT_ONCE = 20;

/**
 * Lets the page draw now and then, and tells it how far the work is.
 *
 * @throws where the page has stopped it
 */
export async function goOn(done: number, all: number, { onProgress, signal }: Along): Promise<void> {
  if (done % PARTS_AT_ONCE !== 0) return;
  onProgress?.(done / all);
  await new Promise((resolve) => setTimeout(resolve));
  signal?.throwIfAborted();
}
