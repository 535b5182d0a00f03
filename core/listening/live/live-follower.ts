import { type DueNote, middleOf } from '#core/listening';

/** A moment of sound, as it is heard while somebody plays. */
export interface HeardNow {
  /** The pitch, Hz; null where none is heard. */
  readonly hz: number | null;
  /** Whether a sound has just begun. */
  readonly begins: boolean;
}

/** The place of a player in a line, moment by moment. */
export interface LivePlace {
  /** The order among the notes due of the note the player is on; −1 before the first. */
  readonly order: number;
  /** The distance from it, cents, sharp positive; null while nothing of it is heard. */
  readonly cents: number | null;
  /** The distances that were heard of this note in the last moments, cents. */
  readonly recent: readonly number[];
  /** The middle of all of these, cents: how a note that is held lies; null before the first. */
  readonly heldCents: number | null;
  /** The moments for which this note has been heard. */
  readonly moments: number;
  /** Another note that is heard, and for which number of moments: a player who begins again is believed after a few. */
  readonly elsewhere: { readonly order: number; readonly moments: number } | null;
}

/** The place before the first note. */
export const BEFORE_FIRST: LivePlace = { order: -1, cents: null, recent: [], heldCents: null, moments: 0, elsewhere: null };

/** The distance within which a pitch is that of a note due, cents. */
const IS_NOTE = 65;

/** The number of notes ahead that may come next, one or two of them left out. */
const AHEAD = 3;

/** The moments after which a player is believed to have begun again elsewhere. */
const BELIEVED_AFTER = 4;

/**
 * Follows a player through the notes due, one moment at a time: the note that sounds stays until the pitch of one of the next is heard, or a
 * new beginning where the next has the same pitch. A pitch that fits elsewhere only is believed after some moments. Of a double stop the
 * lower voice is followed.
 */
export function followLive(due: readonly DueNote[], place: LivePlace, { hz, begins }: HeardNow): LivePlace {
  if (hz === null) return { ...place, cents: null };
  const centsTo = (order: number): number => 1200 * Math.log2(hz / (due[order]?.hz[0] ?? 1));
  const fits = (order: number): boolean => order >= 0 && order < due.length && Math.abs(centsTo(order)) < IS_NOTE;
  const isRepeated = begins && place.moments > 1 && fits(place.order) && fits(place.order + 1);
  const ahead = Array.from({ length: AHEAD }, (_, step) => place.order + 1 + step);
  const next = isRepeated ? place.order + 1 : [place.order, ...ahead].find(fits);
  if (next !== undefined) {
    return placeOn(place, next, centsTo(next));
  }
  const fitting = due.flatMap((_, order) => (fits(order) ? [order] : []));
  const [nearest] = fitting.toSorted((one, other) => Math.abs(one - place.order) - Math.abs(other - place.order));
  return nearest === undefined ? { ...place, cents: null, elsewhere: null } : placeElsewhere(place, nearest, centsTo(nearest));
}

/** Gives the place of a player of whom another note is heard than those that may come next. */
function placeElsewhere(place: LivePlace, order: number, cents: number): LivePlace {
  const moments = place.elsewhere?.order === order ? place.elsewhere.moments + 1 : 1;
  return moments < BELIEVED_AFTER ? { ...place, cents: null, elsewhere: { order, moments } } : placeOn(place, order, cents);
}

/** The moments of which the middle is told at once: one that was read wrong does not show. And those of a note that is held. */
const TOLD_OF = 5;
const HELD_OF = 30;

/** Gives the place of a player of whom a note is heard. */
function placeOn(place: LivePlace, order: number, cents: number): LivePlace {
  const goesOn = order === place.order;
  const recent = [...(goesOn ? place.recent : []), cents].slice(-HELD_OF);
  return {
    order,
    cents: middleOf(recent.slice(-TOLD_OF)),
    recent,
    heldCents: middleOf(recent),
    moments: goesOn ? place.moments + 1 : 1,
    elsewhere: null,
  };
}
