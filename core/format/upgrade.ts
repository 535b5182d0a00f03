/** Turns a document of one version into one of the next. */
export type Upgrade = (document: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>;

/**
 * Brings an older document to the current version, one step at a time. `upgrades` holds, by the version it starts from,
 * the step to the next. Null when a step is missing: nobody knows how to read that version.
 */
export function upgraded(
  document: Readonly<Record<string, unknown>>,
  from: number,
  current: number,
  upgrades: ReadonlyMap<number, Upgrade>,
): Readonly<Record<string, unknown>> | null {
  if (from === current) return document;
  const step = upgrades.get(from);
  return step ? upgraded({ ...step(document), version: from + 1 }, from + 1, current, upgrades) : null;
}
