import { readMaterial } from '#core/brief/parts/materials';
import type { Plan } from '#core/plan/describe';
import type { Rhythm } from '#core/rhythm';

/** The features that make a variant of a line. */
export type Variant = Pick<Rhythm, 'lengths' | 'bows' | 'accents'>;

/**
 * Gives a plan in another rhythm, another bowing or with accents, under the fingering that it has: the hand does the same. The brief's own
 * features of the same kind give way. Null where the variant cannot be written down.
 */
export function variantOf(plan: Plan, { lengths, bows, accents }: Variant): Plan | null {
  const { brief } = plan;
  const { lockedBows, ...asIs } = brief.rhythm ?? {};
  const rhythm = {
    ...asIs,
    ...(lockedBows && !bows ? { lockedBows } : {}),
    ...(lengths ? { lengths } : {}),
    ...(bows ? { bows } : {}),
    ...(accents ? { accents } : {}),
  };
  const line = readMaterial(brief.material, rhythm);
  return line.ok ? { ...plan, brief: { ...brief, rhythm }, line: line.value } : null;
}
