import { readBrief } from '#core/brief';
import type { DrillFor } from '#core/drill';
import { type WayToPlay, waysToPlay } from '#core/fit';
import type { Finger } from '#core/hand/placement';
import { formatPitch, type Pitch } from '#core/pitch';

/** A place where a note lies: a string, and the fingers that play it there, each in its position. */
export interface PlaceOfNote {
  /** The string's open note, documents' form. */
  readonly open: string;
  /** The fingers, each once in each position; an open string has finger 0 and no position. */
  readonly ways: readonly { readonly finger: Finger; readonly position: string }[];
}

/** Lists every place of a note on an instrument, the highest string first, with every finger that plays it in a key (documents' form). */
export function placesOfNote(player: DrillFor, key: string, pitch: Pitch): readonly PlaceOfNote[] {
  const task = readBrief({ ...player, material: { kind: 'line', key, notes: [{ pitches: [formatPitch(pitch)], duration: '1/4' }] } });
  if (!task.ok) return [];
  const all = waysToPlay(task.value, 0);
  const strings = [...new Set(all.map(({ open }) => open))];
  return strings.map((open) => ({ open, ways: eachOnce(all.filter((way) => way.open === open)) }));
}

/** Each finger is kept once in each position, because one position may have two forms. */
function eachOnce(ways: readonly WayToPlay[]): PlaceOfNote['ways'] {
  const named = ways.map(({ finger, position }) => [`${finger} ${position.label}`, finger === '0' ? '' : position.label, finger] as const);
  return [...new Map(named.map(([name, position, finger]) => [finger === '0' ? '0' : name, { finger, position }])).values()];
}
