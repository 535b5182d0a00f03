import { allOnString, type Ground, type Standing } from '#core/drill';
import type { HandModel } from '#core/hand';

/** All that a hand can stop of a key, string by string: found once, told position by position. */
export interface Board {
  /** Where it is looked for. */
  readonly ground: Ground;
  /** In the order of the strings. */
  readonly strings: readonly (readonly Standing[])[];
}

/** Finds it. */
export function boardOf(ground: Ground): Board {
  return { ground, strings: ground.instrument.strings.map((_, index) => allOnString(ground, index)) };
}

/** What one hand holds in a position, string by string, each finger once, from the nut up: of several hands of one name, the one that holds most. */
export function heldIn({ ground, strings }: Board, position: string): readonly (readonly Standing[])[] {
  const named = strings.map((standings) =>
    standings.filter(({ label, placement }) => label === position && (position === 'thumb' || placement.finger !== 'T')),
  );
  const stances = [...new Set(named.flat().map(({ placement }) => placement.stance))];
  const hands = stances.map((stance) =>
    named.map((standings) =>
      atRest(
        ground,
        standings.filter(({ placement }) => placement.stance === stance),
      ),
    ),
  );
  return hands.reduce((best, hand) => (hand.flat().length > best.flat().length ? hand : best), hands[0] ?? strings.map(() => []));
}

/** Each finger once: on violin and viola on its own letter, elsewhere in the one shape of the hand that holds most on the string. */
function atRest({ hand }: Ground, standings: readonly Standing[]): readonly Standing[] {
  const own = standings.filter(
    ({ placement: { letterPosition, letterSteps, finger } }) =>
      letterPosition === null || letterSteps === letterPosition + Number(finger) - 1,
  );
  const [first] = own;
  if (!first) return [];
  if (first.placement.letterPosition !== null) return eachFingerOnce(own);
  const shapes = HAND_SHAPES.map((isOf) => oneHand(hand, own.filter(isOf)));
  return shapes.reduce((best, shape) => (shape.length > best.length ? shape : best));
}

/** The shapes of one hand on cello and bass: at rest, opened above the first finger, and with the first finger reaching back. */
const HAND_SHAPES: readonly ((standing: Standing) => boolean)[] = [
  isHome,
  (standing) => (isLowest(standing) ? isHome(standing) : standing.placement.shape === 'reached-forward'),
  (standing) => (isLowest(standing) ? standing.placement.shape === 'reached-back' : isHome(standing)),
];

function isLowest({ placement: { finger } }: Standing): boolean {
  return finger === '1' || finger === 'T';
}

function isHome({ placement: { shape } }: Standing): boolean {
  return shape === 'home' || shape === 'three-finger' || shape === 'thumb';
}

/** From the nut up, one place for each finger and each note. */
function eachFingerOnce(standings: readonly Standing[]): readonly Standing[] {
  return fromTheNut(standings).reduce<readonly Standing[]>((held, each) => (held.some(isTakenBy(each)) ? held : [...held, each]), []);
}

/** The most fingers and notes, each once, that one hand holds down together; of as many, those nearest the nut. */
function oneHand(hand: HandModel, standings: readonly Standing[]): readonly Standing[] {
  const hands = fromTheNut(standings).reduce<readonly (readonly Standing[])[]>(
    (found, each) => [
      ...found,
      ...found.filter((held) => held.every((other) => goTogether(hand, other, each))).map((held) => [...held, each]),
    ],
    [[]],
  );
  return hands.reduce((best, held) => (held.length > best.length ? held : best));
}

function goTogether(hand: HandModel, one: Standing, other: Standing): boolean {
  return !isTakenBy(other)(one) && hand.fitsBeside(one.placement, other.placement) && hand.inOneFrame(one.placement, other.placement);
}

function fromTheNut(standings: readonly Standing[]): readonly Standing[] {
  return standings.toSorted((one, other) => one.placement.semitonesAboveOpen - other.placement.semitonesAboveOpen);
}

/** Whether a finger or a note is there already. */
function isTakenBy({ placement: { finger, semitonesAboveOpen } }: Standing): (before: Standing) => boolean {
  return ({ placement }) => placement.finger === finger || placement.semitonesAboveOpen === semitonesAboveOpen;
}
