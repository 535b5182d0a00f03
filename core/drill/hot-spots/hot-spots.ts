import type { Plan } from '#core/plan/describe';
import { groundsOf } from './grounds.ts';
import { type HotSpot, type HotSpotKind, type KnownOfPlayer, NOTHING_KNOWN, type Place, type SpotGround } from './hot-spot.ts';
import { placesOf } from './places.ts';

/** What else happens on the same note counts by this share: the hand does it at the same time. */
const SHARE_OF_THE_REST = 0.5;

/** A place with what makes it hard. */
interface Judged {
  readonly place: Place;
  readonly grounds: readonly SpotGround[];
  readonly points: number;
}

/**
 * The hot spots of a plan for a player, the hardest first, those that are alike in the order of the line. What falls on one note
 * and goes one way is one hot spot, called by the hardest of it.
 */
export function hotSpotsOf(plan: Plan, known: KnownOfPlayer = NOTHING_KNOWN): readonly HotSpot[] {
  const judged = placesOf(plan).map((place): Judged => {
    const grounds = groundsOf(plan, place, known);
    return { place, grounds, points: grounds.reduce((sum, ground) => sum + ground.points, 0) };
  });
  const byNote = new Map<number, readonly Judged[]>();
  for (const each of judged) byNote.set(each.place.note, [...(byNote.get(each.place.note) ?? []), each]);
  return [...byNote.values()].flatMap(together).toSorted((one, other) => other.points - one.points || one.note - other.note);
}

/** Everything on one note as one hot spot. */
function together(all: readonly Judged[]): readonly HotSpot[] {
  const [hardest, ...rest] = all.toSorted((one, other) => other.points - one.points);
  if (!hardest) return [];
  const also = rest.map(({ place }): HotSpotKind => place.kind);
  const restPoints = rest.reduce((sum, { points }) => sum + points, 0) * SHARE_OF_THE_REST;
  return [{ ...hardest.place, also, grounds: hardest.grounds, points: hardest.points + restPoints }];
}
