import { allOnString, type Ground, type Standing } from '#core/drill';

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
export function heldIn({ strings }: Board, position: string): readonly (readonly Standing[])[] {
  const named = strings.map((standings) =>
    standings.filter(({ label, placement }) => label === position && (position === 'thumb' || placement.finger !== 'T')),
  );
  const stances = [...new Set(named.flat().map(({ placement }) => placement.stance))];
  const hands = stances.map((stance) => named.map((standings) => atRest(standings.filter(({ placement }) => placement.stance === stance))));
  return hands.reduce((best, hand) => (hand.flat().length > best.flat().length ? hand : best), hands[0] ?? strings.map(() => []));
}

/** Each finger once, on its own letter and at rest: where it reaches back or out to another letter is no part of the map. */
function atRest(standings: readonly Standing[]): readonly Standing[] {
  const own = standings.filter(
    ({ placement: { letterPosition, letterSteps, finger } }) =>
      letterPosition === null || letterSteps === letterPosition + Number(finger) - 1,
  );
  const fingers = [...new Set(own.map(({ placement }) => placement.finger))];
  const places = fingers.flatMap((finger) => {
    const same = own.filter(({ placement }) => placement.finger === finger);
    return same.find(isHome) ?? same[0] ?? [];
  });
  return places
    .toSorted((one, other) => one.placement.semitonesAboveOpen - other.placement.semitonesAboveOpen)
    .filter(({ placement }, order, all) => placement.semitonesAboveOpen !== all[order - 1]?.placement.semitonesAboveOpen);
}

function isHome({ placement: { shape } }: Standing): boolean {
  return shape === 'home' || shape === 'three-finger' || shape === 'thumb';
}
