/** The time long before which the database of a working browser answers, ms; one that is held by another page may never. */
const PATIENCE_MS = 10_000;

/** Gives the result of work; rejects where it is not done in time. */
export async function inTime<Value>(work: Promise<Value>, late: () => Error): Promise<Value> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const waiting = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(late()), PATIENCE_MS);
  });
  return await Promise.race([work, waiting]).finally(() => clearTimeout(timer));
}
