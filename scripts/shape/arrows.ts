import type { Source } from './sources.ts';

/** Finds groups of files that import each other in a loop; type imports count where `types` says so. */
export function cyclesAmong(sources: readonly Source[], types: boolean): readonly (readonly string[])[] {
  const targets = new Map(
    sources.map(({ path, imports }) => [path, imports.filter((value) => types || !value.typeOnly).map((value) => value.path)]),
  );
  return components(targets).filter((files) => files.length > 1);
}

/** Finds imports from a room of the core to one that stands above it: `rooms` from the ground up. Type imports count. */
export function upwardArrows(sources: readonly Source[], rooms: readonly string[]): readonly string[] {
  const heightOf = (path: string): number => rooms.indexOf(roomOf(path, rooms));
  return sources
    .filter(({ path }) => path.startsWith('core/'))
    .flatMap(({ path, imports }) =>
      imports.filter((value) => heightOf(value.path) > heightOf(path)).map((value) => `${path} -> ${value.path}`),
    );
}

/** Finds the room of a file of the core: the longest name with which its path begins. */
export function roomOf(path: string, rooms: readonly string[]): string {
  const inside = rooms.filter((room) => path.startsWith(`core/${room}/`));
  return inside.toSorted((one, other) => other.length - one.length)[0] ?? '';
}

/** Finds strongly connected components (Tarjan), each in the order found. */
function components(targets: ReadonlyMap<string, readonly string[]>): readonly (readonly string[])[] {
  const [number, low, found] = [new Map<string, number>(), new Map<string, number>(), [] as string[][]];
  const waiting: string[] = [];
  const enter = (file: string): void => {
    number.set(file, number.size);
    low.set(file, number.get(file) ?? 0);
    waiting.push(file);
    for (const next of targets.get(file) ?? []) {
      if (!number.has(next)) enter(next);
      if (waiting.includes(next)) low.set(file, Math.min(low.get(file) ?? 0, low.get(next) ?? 0));
    }
    if (low.get(file) === number.get(file)) found.push(waiting.splice(waiting.indexOf(file)));
  };
  for (const file of targets.keys()) if (!number.has(file)) enter(file);
  return found;
}
