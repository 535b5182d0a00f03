import { cheapestWay } from '#core/search';
import { describe } from './describe.ts';
import { readBrief } from './read-brief.ts';
import type { Brief } from './schema.ts';
import { asksOfWholeLine, laid, withWay } from './solve.ts';
import type { Plan } from './types.ts';

/**
 * The best plan of an ordinary brief, soonest and with the least code around it. Null when the brief cannot be planned or
 * asks something of the line as a whole: `plan` answers those. `onProgress` hears how much of a long line is laid out.
 */
export function planBest(brief: Brief, onProgress?: (share: number) => void): Plan | null {
  const task = readBrief(brief);
  if (!task.ok || asksOfWholeLine(task.value)) return null;
  const layers = laid(task.value, onProgress);
  const way = layers.ok ? cheapestWay(layers.laid.lattice) : null;
  return layers.ok && way ? describe(withWay(layers.laid, way)) : null;
}
