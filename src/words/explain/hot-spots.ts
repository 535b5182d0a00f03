import type { HotSpot, HotSpotKind, SpotGround } from '#core/drill/hot-spots';
import { countText, positionWords } from '#core/messages';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { mmText, semitonesText } from '../plan-words.ts';

/** The names of the kinds of hot spots. */
export const HOT_SPOT_NAMES: Readonly<Record<HotSpotKind, string>> = {
  shift: 'shift',
  crossing: 'string crossing',
  block: 'fingers set down together',
  'augmented-second': 'augmented second',
  extension: 'extension',
  'one-finger-semitone': 'semitone with one finger',
  diagonal: 'one finger a semitone apart on two strings',
  top: 'the highest note',
};

/** Writes what the hand does there: "shift up, 3–1"; the fingers are those at its ends. */
export function hotSpotText({ kind, way, loop }: HotSpot, plan: Plan): string {
  const [from, to] = [loop[0], loop[loop.length - 1]].map((index) => fingerAt(plan, index));
  const isMove = kind === 'shift' || kind === 'crossing';
  return isMove ? `${HOT_SPOT_NAMES[kind]} ${way}, ${from}–${to}` : HOT_SPOT_NAMES[kind];
}

/**
 * Writes why it is hard, the weightiest first: "the hand moves 5 semitones, 73 mm; onto another string"; empty where the name says it all.
 */
export function hotSpotWhy({ grounds, also }: HotSpot): string {
  const told = grounds.flatMap((ground) => groundText(ground) ?? []);
  return [...told, ...also.map((kind) => HOT_SPOT_NAMES[kind])].join('; ');
}

/** Writes a reason; null where the name says it already. */
function groundText(ground: SpotGround): string | null {
  if ('semitones' in ground) return `the hand moves ${semitonesText(ground.semitones)}, ${mmText(ground.mm)}`;
  if ('mmPerSecond' in ground) return `${Math.round(ground.mmPerSecond)} mm/s at this tempo`;
  if ('fingers' in ground) return `${countText(ground.fingers, 'finger', 'fingers')} land together`;
  if ('label' in ground) return `${positionWords({ label: ground.label, alteration: null })} is new`;
  if (!('share' in ground)) return PLAIN_GROUNDS[ground.what];
  const share = `${Math.round(ground.share * 100)} %`;
  return ground.what === 'reach' ? `${share} of the largest span` : `missed in ${share} of the tries`;
}

/** The words for reasons that are not measured. */
const PLAIN_GROUNDS = {
  shift: null,
  crossing: null,
  block: null,
  'augmented-second': null,
  extension: null,
  'one-finger-semitone': null,
  diagonal: null,
  top: null,
  'other-string': 'onto another string',
  'onto-fourth': 'onto the fourth finger',
  'first-to-fourth': 'from the first finger to the fourth',
  'loses-first': 'without the first finger down',
  'coming-down': 'coming down',
  heard: 'inside the bow, where it is heard',
  'above-first': 'above first position',
  tritone: 'a tritone from string to string',
} as const;

function fingerAt({ notes }: Plan, index: number | undefined): PlannedSound['stops'][0]['finger'] | '' {
  const note = index === undefined ? undefined : notes[index];
  return note?.kind === 'note' ? note.stops[0].finger : '';
}
