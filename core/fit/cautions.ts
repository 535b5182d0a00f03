import type { Plan, PlannedSound } from '#core/plan/describe';

/**
 * The things that may hurt in playing a line: the hand opens, strings are stopped together, the thumb lies on the string, it is repeated.
 */
export const CAUTIONS = ['opens', 'double-stops', 'chords', 'thumb', 'repetition'] as const;

/** One thing that may hurt. */
export type Caution = (typeof CAUTIONS)[number];

/** Lists what may hurt in a plan, in the order of `CAUTIONS`; repetition is a matter of how it is practised. */
export function cautionsOf(plan: Plan): readonly Caution[] {
  const sounds = plan.notes.flatMap((note) => (note.kind === 'note' ? [note] : []));
  const holds: Readonly<Record<Exclude<Caution, 'repetition'>, boolean>> = {
    opens: opensHand(plan, sounds),
    'double-stops': sounds.some(({ stops }) => stops.length === 2),
    chords: sounds.some(({ stops }) => stops.length === 3),
    thumb: sounds.some(isOnThumb),
  };
  return CAUTIONS.filter((caution) => caution !== 'repetition' && holds[caution]);
}

function isOnThumb({ stops, position }: PlannedSound): boolean {
  return position.label === 'thumb' || stops.some(({ finger }) => finger === 'T');
}

/**
 * Tells whether the hand truly opens. A measured hand does where a frame is wider than is comfortable for it. Of others, the hand of violin
 * and viola does where the fourth finger takes the letter beyond its own, and the cello's where the first finger and the third or fourth
 * play beside each other with the hand open. A low first finger by itself opens no hand, and in thumb position the thumb moves with the
 * hand.
 */
function opensHand({ brief, stays, notes }: Plan, sounds: readonly PlannedSound[]): boolean {
  const onNeck = sounds.filter((note) => !isOnThumb(note));
  if (onNeck.some(({ reach }) => reach?.judged?.verdict === 'stretch' || reach?.judged?.verdict === 'beyond')) return true;
  switch (brief.instrument.kind) {
    case 'violin':
    case 'viola':
      return onNeck.some(({ shape }) => shape === 'reached-out');
    case 'cello':
      return stays.some(({ from, to }) => opensOnNeck(notes.slice(from, to + 1)));
    case 'bass':
      return false;
  }
}

/** The number of notes within which the first finger and another still belong to one opening. */
const BESIDE = 2;

/** The semitones from the first finger to these in an open hand. */
const OPEN_SPAN: Readonly<Partial<Record<string, number>>> = { '3': 3, '4': 4 };

function opensOnNeck(stay: Plan['notes']): boolean {
  const sounds = stay.flatMap((note) => (note.kind === 'note' && !isOnThumb(note) && note.shape !== 'three-finger' ? [note.stops[0]] : []));
  return sounds.some(
    (first, order) =>
      first.finger === '1' &&
      sounds
        .slice(Math.max(0, order - BESIDE), order + BESIDE + 1)
        .some(
          ({ finger, string, semitonesAboveOpen }) =>
            string === first.string && semitonesAboveOpen - first.semitonesAboveOpen === OPEN_SPAN[finger],
        ),
  );
}
