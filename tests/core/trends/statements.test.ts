import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Finger } from '#core/hand/placement';
import { type Arrival, evidenceAgainstEvenOdds, type OutOfTune, statementsOf } from '#core/trends';
import { seeded } from '../../support/seeded.ts';

/** Makes a scatter of notes round a place, cents (Box and Muller). */
function scatter(random: () => number, centre: number): number {
  return centre + SCATTER * Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

const SCATTER = 12;
const TOLERANCE = 10;
const DAY = 86_400_000;

const STRINGS = ['E5', 'A4', 'D4', 'G3'] as const;
const FINGERS: readonly Finger[] = ['1', '2', '3', '4'];
const POSITIONS = ['1', '2', '3', '4', '5'] as const;

/** A function that gives a player's mean error by finger and string, cents. */
type Weakness = (finger: Finger, string: string) => number;

const WITHOUT: Weakness = () => 0;

function play(random: () => number, at: number, weakness: Weakness): Arrival {
  const one = <Item>(items: readonly Item[]): Item => items[Math.floor(random() * items.length)] ?? (items[0] as Item);
  const [finger, string, position] = [one(FINGERS), one(STRINGS), one(POSITIONS)];
  const shift = random() < 0.2 ? { way: one(['up', 'down'] as const), fromFinger: one(FINGERS), toFinger: finger } : null;
  const cents = scatter(random, weakness(finger, string));
  const miss: OutOfTune | null = cents < -TOLERANCE ? 'flat' : cents > TOLERANCE ? 'sharp' : null;
  const piece = one(['a', 'b', 'c']);
  return { at, piece, title: piece, note: FINGERS.indexOf(finger) * 4 + STRINGS.indexOf(string), finger, string, position, shift, miss };
}

/** Simulates eight weeks of five days, twenty notes a day that are judged; after each day the record is looked at. */
function looks(seed: number, weakness: Weakness): readonly (readonly Arrival[])[] {
  const random = seeded(seed);
  const all: Arrival[] = [];
  return Array.from({ length: 40 }, (_, day) => {
    for (let note = 0; note < 20; note += 1) all.push(play(random, day * DAY, weakness));
    return [...all];
  });
}

describe('what a record says', () => {
  it('of players without weakness hardly ever says anything, whoever looks however often', () => {
    const players = 1000;
    let told = 0;
    for (let seed = 1; seed <= players; seed += 1) {
      if (looks(seed, WITHOUT).some((arrivals) => statementsOf(arrivals).length > 0)) told += 1;
    }
    console.log(`${told} of ${players} players without weakness were ever told anything in 8 weeks`);
    assert.ok(told <= 0.05 * players, `${told} of ${players}`);
  });

  it('names a finger that is fifteen cents flat on two strings, for nine players of ten within forty of its notes', () => {
    const players = 500;
    let named = 0;
    for (let seed = 1; seed <= players; seed += 1) {
      const random = seeded(seed + 50_000);
      const all: Arrival[] = [];
      const flatThird: Weakness = (finger, string) => (finger === '3' && (string === 'A4' || string === 'D4') ? -15 : 0);
      const isMeant = ({ finger, string }: Arrival): boolean => flatThird(finger, string) !== 0;
      let count = 0;
      let isNamed = false;
      while (count < 40 && !isNamed) {
        const arrival = play(random, all.length, flatThird);
        all.push(arrival);
        if (!isMeant(arrival)) continue;
        count += 1;
        isNamed = statementsOf(all).some(
          ({ by, group, direction }) => direction === 'flat' && by.startsWith('finger') && group.startsWith('3'),
        );
      }
      if (isNamed) named += 1;
    }
    console.log(`${named} of ${players} players whose third finger is 15 cents flat on two strings were told so within 40 of its notes`);
    assert.ok(named >= 0.9 * players, `${named} of ${players}`);
  });

  it('has its counts, its pieces and its places, and says one thing once', () => {
    const flat = (piece: string, note: number): Arrival => ({
      at: 0,
      piece,
      title: piece.toUpperCase(),
      note,
      finger: '3',
      string: 'A4',
      position: '1',
      shift: { way: 'down', fromFinger: '3', toFinger: '3' },
      miss: 'flat',
    });
    const arrivals = [
      ...Array.from({ length: 24 }, (_, order) => flat(order % 2 === 0 ? 'air' : 'jig', order % 3)),
      { ...flat('air', 0), miss: null },
    ];
    const [first, ...others] = statementsOf(arrivals);
    assert.deepEqual(others, [], 'what follows from it is not told again');
    assert.ok(first);
    assert.deepEqual([first.direction, first.times, first.of, first.played], ['flat', 24, 24, 25]);
    assert.equal(first.places.length, 6);
    assert.deepEqual(first.places[0], { piece: 'air', title: 'AIR', note: 0, times: 4 });
  });

  it('weighs misses as the formula says, and even ones not at all', () => {
    assert.ok(Math.abs(evidenceAgainstEvenOdds(3, 0) - (8 * 0.5 * 1.5 * 2.5) / 6) < 1e-9);
    assert.ok(evidenceAgainstEvenOdds(10, 10) < 1);
    assert.ok(Math.abs(evidenceAgainstEvenOdds(14, 5) - evidenceAgainstEvenOdds(5, 14)) < 1e-9);
    assert.equal(evidenceAgainstEvenOdds(0, 0), 1);
    assert.ok(evidenceAgainstEvenOdds(2000, 2000) < 1, 'of however many misses');
  });
});
