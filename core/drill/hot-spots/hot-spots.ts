import type { Plan } from '#core/plan/describe';
import { groundsOf } from './grounds.ts';
import { type HotSpot, type HotSpotKind, type KnownOfPlayer, NOTHING_KNOWN, type Place, type SpotGround } from './hot-spot.ts';
import { placesOf } from './places.ts';

/** The share by which other difficulties on the same note count: the hand meets them at the same time. */
const SHARE_OF_THE_REST = 0.5;

/** A place with what makes it hard. */
interface Judged {
  readonly place: Place;
  readonly grounds: readonly SpotGround[];
  readonly points: number;
}

/**
 * Finds the hot spots of a plan for a player, the hardest first, equally hard ones in the order of the line. Everything on one note that
 * goes in one direction is one hot spot, named by the hardest of it.
 */
export function hotSpotsOf(plan: Plan, known: KnownOfPlayer = NOTHING_KNOWN): readonly HotSpot[] {
  const judged = placesOf(plan).map((place): Judged => {
    const grounds = groundsOf(plan, place, known);
    return { place, grounds, points: grounds.reduce((sum, ground) => sum + ground.points, 0) };
  });
  const byNote = new Map<number, readonly Judged[]>();
  for (const spot of judged) byNote.set(spot.place.note, [...(byNote.get(spot.place.note) ?? []), spot]);
  return [...byNote.values()].flatMap(together).toSorted((one, other) => other.points - one.points || one.note - other.note);
}

/** Joins everything on one note into one hot spot. */
function together(all: readonly Judged[]): readonly HotSpot[] {
  const [hardest, ...rest] = all.toSorted((one, other) => other.points - one.points);
  if (!hardest) return [];
  const also = rest.map(({ place }): HotSpotKind => place.kind);
  const restPoints = rest.reduce((sum, { points }) => sum + points, 0) * SHARE_OF_THE_REST;
  return [{ ...hardest.place, also, grounds: hardest.grounds, points: hardest.points + restPoints }];
}
