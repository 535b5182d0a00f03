import { formatKey, type Key, KEY_MODES, keyOfSignature, parseKey } from '#core/key';
import { semitonesOf } from '#core/pitch';

/**
 * The orders in which the keys of a book may stand: round the circle of fifths from C, a semitone at a time from C, or with few sharps and
 * flats first. A minor key follows the major key of the same signature or the same tonic.
 */
export const KEY_ORDERS = ['fifths', 'semitones', 'signature'] as const;

/** An order of keys. */
export type KeyOrder = (typeof KEY_ORDERS)[number];

/** The signatures of the twelve keys of a mode as they are most often spelled: five flats to six sharps. */
const USUAL_SIGNATURES = [-5, -4, -3, -2, -1, 0, 1, 2, 3, 4, 5, 6];

/** The 24 keys as they are most often spelled, as key texts: the major keys, then the minor. */
export const ALL_KEYS: readonly string[] = /* @__PURE__ */ KEY_MODES.flatMap((mode) =>
  USUAL_SIGNATURES.flatMap((fifths) => {
    const key = keyOfSignature(fifths, mode);
    return key ? [formatKey(key)] : [];
  }),
);

/** Puts keys, as key texts, into an order; a text that is no key is left out. */
export function keysInOrder(keys: readonly string[], order: KeyOrder): readonly Key[] {
  const read = [...new Set(keys)].flatMap((text) => {
    const key = parseKey(text);
    return key.ok ? [key.value] : [];
  });
  return read.toSorted((one, other) => {
    const [first, second] = [placeOf(one, order), placeOf(other, order)];
    const differs = first.findIndex((value, index) => value !== second[index]);
    return differs === -1 ? 0 : (first[differs] ?? 0) - (second[differs] ?? 0);
  });
}

/** Gives the numbers by which a key is placed, the weightiest first. */
function placeOf({ tonic, mode, fifths }: Key, order: KeyOrder): readonly number[] {
  const minor = mode === 'minor' ? 1 : 0;
  switch (order) {
    case 'fifths':
      return [(fifths + 12) % 12, minor, fifths];
    case 'semitones':
      return [((semitonesOf({ ...tonic, octave: 0 }) % 12) + 12) % 12, minor, fifths];
    case 'signature':
      return [Math.abs(fifths), fifths > 0 ? 0 : 1, minor];
  }
}
