import type { Finger } from '#core/hand/placement';
import { formatPitch, type Pitch, samePitch, stepsOf } from '#core/pitch';
import { nextInKey } from '#core/key';
import { type DrillNote, type Written, drillNoteOf, type Ground, type Standing } from '#core/drill';
import { boardOf, holdIn, holdOn, type HeldNote, notesHeld, THUMB } from '#core/drill/position';
import { inFours } from '../from-the-key.ts';
import type { FamilyOf } from '../request.ts';
import { asAsked, type FingerHere, fingerIn, fingersAt, heldNote, insertedNotes, rest, stringsOf } from '../written.ts';

/** Writes the scale, broken thirds or the arpeggio of the key as far as one position holds it with its open strings, up and down. */
export function positionSet(ground: Ground, { position, set }: FamilyOf<'position'>): Written {
  const held = notesHeld(ground, holdOn(ground, position));
  const writeHeld = (notes: readonly HeldNote[]): readonly DrillNote[] => notes.map((note) => heldNote(ground, note));
  switch (set) {
    case 'scale':
      return { measures: inFours(writeHeld(thereAndBack(held))), altered: missing(ground, held) };
    case 'broken-thirds': {
      const pairs = writeHeld(thirds(held));
      return { measures: [...inFours(pairs), ...inFours(pairs.toReversed())], altered: missing(ground, held) };
    }
    case 'arpeggio':
      return asAsked(
        inFours(writeHeld(thereAndBack(held.filter(({ pitch }) => [0, 2, 4].includes(lettersAbove(pitch, ground.key.tonic)))))),
      );
  }
}

function thereAndBack(notes: readonly HeldNote[]): readonly HeldNote[] {
  return [...notes, ...notes.slice(0, -1).toReversed()];
}

/** Writes each note and the third above it: 1 3, 2 4, 3 5. */
function thirds(held: readonly HeldNote[]): readonly HeldNote[] {
  return held.flatMap((low) => {
    const third = held.find(({ pitch }) => stepsOf(pitch) === stepsOf(low.pitch) + 2);
    return third ? [low, third] : [];
  });
}

/** Lists the notes of the key between the lowest and the highest of a position that the position does not hold. */
function missing({ key }: Ground, held: readonly HeldNote[]): Written['altered'] {
  const pitches = held.slice(0, -1).flatMap(({ pitch }, order) => {
    const next = held[order + 1];
    const between: string[] = [];
    for (let at = nextInKey(pitch, key, true); next && stepsOf(at) < stepsOf(next.pitch); at = nextInKey(at, key, true))
      between.push(formatPitch(at));
    return between;
  });
  return pitches.length > 0 ? [{ what: 'not-in-position', pitches }] : [];
}

/** Counts the letters above the next tonic below, 0 to 6. */
function lettersAbove(pitch: Pitch, tonic: Pick<Pitch, 'letter'>): number {
  return (((pitch.letter - tonic.letter) % 7) + 7) % 7;
}

/** Writes the lowest finger of the upper string, then the block of the lower from its highest finger down; and the other way round. */
export function blocks(ground: Ground, { position }: FamilyOf<'blocks'>): Written {
  const { strings } = holdOn(ground, position);
  const measures = strings.slice(1).flatMap((lower, index) => {
    const upper = strings[index] ?? [];
    const [bottom, top] = [upper[0], lower.at(-1)];
    if (!bottom || !top) return [];
    return [
      [drillNoteOf(bottom), ...lower.toReversed().map((standing) => drillNoteOf(standing, '1/8'))],
      [drillNoteOf(top), ...upper.toReversed().map((standing) => drillNoteOf(standing, '1/8'))],
    ];
  });
  return asAsked(measures);
}

/** Writes the first finger on one string and the outermost on the one beside it by turns, then the other way round. */
export function firstAndFourth(ground: Ground, { position, strings }: FamilyOf<'first-and-fourth'>): Written {
  const held = holdOn(ground, position);
  const [first, ...others] = fingersAt(ground, position);
  const on = (string: number, finger: Finger | undefined): FingerHere | null =>
    finger === undefined ? null : fingerIn(ground, held, string, finger);
  const found = stringsOf(ground, strings).flatMap((string) =>
    [
      [on(string - 1, first), on(string, others.at(-1))],
      [on(string, first), on(string - 1, others.at(-1))],
    ].flatMap(([one, other]) => (one && other ? [[one, other]] : [])),
  );
  const measures = found.map((pair) => [...pair, ...pair].map(({ stands }) => drillNoteOf(stands)));
  return { measures, altered: insertedNotes(found.flat()) };
}

/**
 * Writes four notes at speed out of a rest in which the fingers hover, in several orders; a finger without a note in the key plays the one
 * under it.
 */
export function hovering(ground: Ground, { position, strings }: FamilyOf<'hovering'>): Written {
  const held = holdOn(ground, position);
  const found = stringsOf(ground, strings).map((string) => {
    const all = fingersAt(ground, position).flatMap((finger) => fingerIn(ground, held, string, finger) ?? []);
    const ownNotes = all.filter(({ inKey }) => inKey);
    return ownNotes.length >= ENOUGH_FINGERS && (position !== THUMB || ownNotes[0]?.stands.placement.finger === 'T') ? ownNotes : all;
  });
  const measures = found.flatMap((fingers) => {
    const orders = ordersOf(fingers.map(({ stands }) => stands));
    return orders.map((order) => [rest('1/2'), ...order.map((standing) => drillNoteOf(standing, '1/16'))]);
  });
  return { measures, altered: insertedNotes(found.flat()) };
}

/** The number of fingers below which they cannot be set down in several orders. */
const ENOUGH_FINGERS = 3;

/** Lists orders of four notes: up, down, and every other finger first. */
function ordersOf(held: readonly Standing[]): readonly (readonly Standing[])[] {
  const [first, second, third, fourth] = held;
  if (!first || !second || !third) return [];
  if (!fourth) {
    return [
      [first, second, third, second],
      [third, second, first, second],
      [first, third, second, third],
    ];
  }
  return [
    [first, second, third, fourth],
    [fourth, third, second, first],
    [first, third, second, fourth],
    [fourth, second, third, first],
  ];
}

/** Writes the way back to the first finger of one position after the first finger of each other. */
export function home(ground: Ground, { position, strings }: FamilyOf<'home'>): Written {
  const board = boardOf(ground);
  const labels = ground.hand.positionLabels.filter((label) => label !== position && label !== THUMB);
  const [own, ...others] = [position, ...labels].map((label) => holdIn(board, label));
  const measures = stringsOf(ground, strings).flatMap((string) => {
    const base = own && firstFingerIn(own.strings[string]);
    if (!base) return [];
    const away = others
      .flatMap((places) => firstFingerIn(places.strings[string]) ?? [])
      .filter(({ pitch }) => !samePitch(pitch, base.pitch));
    const apart = away.filter(({ pitch }, order) => away.findIndex((other) => samePitch(other.pitch, pitch)) === order);
    return apart.slice(0, MOST_FROM_HOME).map((other) => [drillNoteOf(base), drillNoteOf(other), drillNoteOf(base)]);
  });
  return asAsked(measures);
}

function firstFingerIn(standings: readonly Standing[] | undefined): Standing | null {
  return standings?.find(({ placement }) => placement.finger === '1') ?? null;
}

/** The largest number of other positions. */
const MOST_FROM_HOME = 8;
