import type { Written } from '../drill.ts';
import { formatPitch, nextInKey, type Pitch, samePitch, stepsOf } from '#core/pitch';
import { fingered, fingersOf, type Ground, type Standing, stringNamed } from '../standings.ts';
import { inFours } from './from-the-key.ts';
import type { FamilyOf } from './request.ts';
import { asAsked, fingerIn, insertedNote, onString, rest } from './written.ts';

/** The notes of the key that a position holds, from the lowest string to the highest: each letter once, the lower string before. */
function heldIn(ground: Ground, position: string): readonly Standing[] {
  const upward = ground.instrument.strings.map((_, index) => index).toReversed();
  const all = upward.flatMap((string) => onString(ground, string, position));
  return all
    .filter(({ pitch }, order) => all.findIndex((each) => stepsOf(each.pitch) === stepsOf(pitch)) === order)
    .toSorted((one, other) => stepsOf(one.pitch) - stepsOf(other.pitch));
}

/** The scale, broken thirds or the arpeggio of the key as far as one position holds it, up and down. */
export function positionSet(ground: Ground, { position, set }: FamilyOf<'position'>): Written {
  const held = heldIn(ground, position);
  const up = chosen(ground, held, set);
  const missing = set === 'scale' ? gapsIn(held, ground) : [];
  const both = [...up, ...up.slice(0, -1).toReversed()];
  const measures = inFours(both.map((each) => fingered(each)));
  return { measures, altered: missing.length > 0 ? [{ what: 'not-in-position', pitches: missing }] : [] };
}

/** The notes of the key between the lowest and the highest that the position holds, and that it does not hold. */
function gapsIn(held: readonly Standing[], { key }: Ground): readonly string[] {
  return held.slice(0, -1).flatMap(({ pitch }, order) => {
    const next = held[order + 1];
    const between: string[] = [];
    for (let at = nextInKey(pitch, key, true); next && stepsOf(at) < stepsOf(next.pitch); at = nextInKey(at, key, true))
      between.push(formatPitch(at));
    return between;
  });
}

function chosen({ key }: Ground, held: readonly Standing[], set: FamilyOf<'position'>['set']): readonly Standing[] {
  switch (set) {
    case 'scale':
      return held;
    case 'broken-thirds':
      return held.flatMap((low) => {
        const third = held.find(({ pitch }) => stepsOf(pitch) === stepsOf(low.pitch) + 2);
        return third ? [low, third] : [];
      });
    case 'arpeggio':
      return held.filter(({ pitch }) => [0, 2, 4].includes(lettersAbove(pitch, key.tonic)));
  }
}

/** Letters above the next tonic below, 0 to 6. */
function lettersAbove(pitch: Pitch, tonic: Pick<Pitch, 'letter'>): number {
  return (((pitch.letter - tonic.letter) % 7) + 7) % 7;
}

/** Lowest finger of the upper string, then the block of the lower from its highest finger down; and the other way. */
export function blocks(ground: Ground, { position }: FamilyOf<'blocks'>): Written {
  const pairs = ground.instrument.strings
    .slice(1)
    .map((_, index) => [onString(ground, index + 1, position), onString(ground, index, position)]);
  const measures = pairs.flatMap(([lower = [], upper = []]) => {
    const [bottom, top] = [upper[0], lower.at(-1)];
    if (!bottom || !top) return [];
    return [
      [fingered(bottom), ...lower.toReversed().map((each) => fingered(each, '1/8'))],
      [fingered(top), ...upper.toReversed().map((each) => fingered(each, '1/8'))],
    ];
  });
  return asAsked(measures);
}

/** The first finger on one string and the outermost on the one beside it, by turns, then the other way round. */
export function firstAndFourth(ground: Ground, { position, strings }: FamilyOf<'first-and-fourth'>): Written {
  const measures = strings
    .map((open) => stringNamed(ground.instrument, open))
    .flatMap((string) => {
      const [lower, upper] = [onString(ground, string, position), onString(ground, string - 1, position)];
      const across = (one: Standing | undefined, other: Standing | undefined) =>
        one && other ? [[one, other, one, other].map((each) => fingered(each))] : [];
      return [...across(lower.at(-1), upper[0]), ...across(lower[0], upper.at(-1))];
    });
  return asAsked(measures);
}

/** Out of a rest in which the fingers hover, four notes at speed, in several orders; a finger without a note in the key plays the one under it. */
export function hovering(ground: Ground, { position, strings }: FamilyOf<'hovering'>): Written {
  const found = strings
    .map((open) => stringNamed(ground.instrument, open))
    .map((string) => {
      const inKey = onString(ground, string, position);
      if (inKey.length >= ENOUGH_FINGERS) return inKey.map((stands) => ({ stands, inKey: true }));
      return fingersOf(ground.hand).flatMap((finger) => fingerIn(ground, string, position, finger) ?? []);
    });
  const measures = found.flatMap((fingers) => {
    const orders = ordersOf(fingers.map(({ stands }) => stands));
    return orders.map((order) => [rest('1/2'), ...order.map((each) => fingered(each, '1/16'))]);
  });
  const inserted = found.flat().filter((each) => !each.inKey);
  return { measures, altered: inserted.map(({ stands }) => insertedNote(stands)) };
}

/** Fewer fingers cannot be set down in several orders. */
const ENOUGH_FINGERS = 3;

/** Four notes each: up, down, and every other finger first. */
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

/** Back to the first finger of one position after the first finger of each other. */
export function home(ground: Ground, { position, strings }: FamilyOf<'home'>): Written {
  const measures = strings
    .map((open) => stringNamed(ground.instrument, open))
    .flatMap((string) => {
      const firstIn = (label: string) => onString(ground, string, label).find(({ placement }) => placement.finger === '1');
      const base = firstIn(position);
      const labels = ground.hand.positionLabels.filter((label) => label !== position && label !== 'thumb');
      const others = labels.flatMap((label) => firstIn(label) ?? []).filter(({ pitch }) => base && !samePitch(pitch, base.pitch));
      const each = others.filter(({ pitch }, order) => others.findIndex((other) => samePitch(other.pitch, pitch)) === order);
      return each.slice(0, MOST_FROM_HOME).flatMap((away) => (base ? [[fingered(base), fingered(away), fingered(base)]] : []));
    });
  return asAsked(measures);
}

/** So many other positions at most. */
const MOST_FROM_HOME = 8;
