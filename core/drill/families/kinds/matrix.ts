import { formatKey, keyOfTonic } from '#core/key';
import { semitonesOf, stepsOf, transpose } from '#core/pitch';
import { stringOf } from '#core/instrument';
import { keyedStrings } from '#core/hand';
import { type DrillNote, type Written, drillNoteOf, type Ground, stringNamed } from '#core/drill';
import { boardOf, holdIn } from '#core/drill/position';
import type { FamilyOf } from '../request.ts';
import { asAsked, type FingerHere, fingerIn, fingersAt, insertedNotes } from '../written.ts';

/**
 * Writes every finger onto every finger, from one position to another and back, string by string: first each finger onto itself, then onto
 * the others. A finger without a note in the key plays the note under it, which is said; a pair whose notes are the same is left out,
 * because the shift would not be heard.
 */
export function matrix(ground: Ground, asks: FamilyOf<'matrix'>): Written {
  const found = asks.strings.flatMap((open) => {
    const string = stringNamed(ground.instrument, open);
    const on = asks.keys === 'each-string' ? inKeyOfString(ground, asks.strings[0] ?? open, string) : ground;
    return onOneString(on, string, asks).map((pair) => ({ pair, key: formatKey(on.key) }));
  });
  return {
    measures: found.map(({ pair: [low, high] }) => [drillNoteOf(low.stands), drillNoteOf(high.stands), drillNoteOf(low.stands)]),
    keys: found.map(({ key }) => key),
    altered: insertedNotes(found.flatMap(({ pair }) => pair)),
  };
}

/** A pair of fingers: the one that leaves and the one that arrives. */
type Pair = readonly [FingerHere, FingerHere];

function onOneString(ground: Ground, string: number, { from, to, fingers }: FamilyOf<'matrix'>): readonly Pair[] {
  const board = boardOf(ground);
  const [left, reached] = [holdIn(board, from), holdIn(board, to)];
  const [leaving, arriving] = [fingersAt(ground, from), fingersAt(ground, to)];
  const same = leaving.filter((finger) => arriving.includes(finger)).map((finger) => [finger, finger] as const);
  const mixed = leaving.flatMap((one) => arriving.filter((other) => other !== one).map((other) => [one, other] as const));
  const pairs = { same, mixed, all: [...same, ...mixed] }[fingers];
  return pairs.flatMap(([leaves, arrives]): readonly Pair[] => {
    const [low, high] = [fingerIn(ground, left, string, leaves), fingerIn(ground, reached, string, arrives)];
    return low && high && semitonesOf(low.stands.pitch) !== semitonesOf(high.stands.pitch) ? [[low, high]] : [];
  });
}

/**
 * Finds the key in which the fingers fall on a string as they do on another in the key of the ground; that key itself where there is no
 * such key.
 */
function inKeyOfString(ground: Ground, likeOpen: string, string: number): Ground {
  const { instrument, key } = ground;
  const [like, here] = [Math.max(0, stringNamed(instrument, likeOpen)), Math.max(0, string)].map(
    (index) => stringOf(instrument, index).open,
  );
  if (!like || !here) return ground;
  const tonic = transpose(
    { ...key.tonic, octave: 4 },
    { steps: stepsOf(here) - stepsOf(like), semitones: semitonesOf(here) - semitonesOf(like) },
  );
  const own = tonic && keyOfTonic(tonic, key.mode);
  return own ? { ...ground, key: own, keyed: keyedStrings(instrument, own) } : ground;
}

/**
 * Writes one note with two fingers: the finger of the position that is left, the open string while the hand travels, the finger of the
 * position it comes to, which has to match; and back.
 */
export function matching(ground: Ground, { strings, from, to }: FamilyOf<'matching'>): Written {
  const board = boardOf(ground);
  const [left, reached] = [holdIn(board, from), holdIn(board, to)];
  const measures = strings.flatMap((open) => {
    const string = stringNamed(ground.instrument, open);
    const through: DrillNote = { pitches: [open], fingered: { string: open, finger: '0' }, duration: '1/4' };
    return (left.strings[string] ?? []).flatMap((old) => {
      const matched = reached.strings[string]?.find(({ pitch }) => semitonesOf(pitch) === semitonesOf(old.pitch));
      if (!matched || matched.placement.finger === old.placement.finger) return [];
      const [one, other] = [drillNoteOf(old), drillNoteOf(matched)];
      return [
        [one, through, other],
        [other, through, one],
      ];
    });
  });
  return asAsked(measures);
}
