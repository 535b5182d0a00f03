import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { drillFor } from '#core/drill';
import { catalogue, isPlayedAsAsked, mixFamilies, neededDrills } from '#core/drill/finder';
import { aboutPath, NOTHING_KNOWN } from '#core/drill/hot-spots';
import { writeDrill } from '#core/drill/families';
import { neededText } from '../../../src/words/drills/finder.ts';
import { planBest } from '../../support/briefs.ts';

const plan = planBest({
  instrument: { kind: 'violin' },
  material: { kind: 'scale', type: 'major', tonic: 'Ab3', octaves: 3, direction: 'up' },
});
const { hotSpots } = aboutPath(plan, plan.notes.length, NOTHING_KNOWN);

describe('drills that a piece asks of its player', () => {
  it('come from its hot spots, each drill once, with a place that called for it', () => {
    const needed = neededDrills(plan, hotSpots, new Map());
    assert.ok(needed.length > 1);
    assert.equal(new Set(needed.map(({ request }) => JSON.stringify(request))).size, needed.length);
    const spots = new Set(hotSpots.map(({ note }) => note));
    assert.ok(needed.every(({ notes }) => notes.every((note) => spots.has(note))));
    assert.ok(needed.some(({ request }) => request.asks.family === 'shift'));
  });

  it('begin with what was missed, the most often first, and say so', () => {
    const missed = new Map([
      [2, 3],
      [5, 7],
    ]);
    const [first, second] = neededDrills(plan, hotSpots, missed);
    assert.deepEqual([first?.missed, second?.missed], [7, 3]);
    assert.ok(first);
    assert.match(
      neededText(first, () => null),
      /^For note 6.*, missed 7 times\.$/,
    );
    const [hard] = neededDrills(plan, hotSpots, new Map());
    assert.ok(hard);
    assert.match(
      neededText(hard, () => null),
      /: hard in this piece\.$/,
    );
  });
});

/** The step through the list of drills: one in nine shows both kinds. */
const EVERY = 9;

describe('all other drills', () => {
  it('show one of each family before the second of any', () => {
    const drills = catalogue(drillFor(plan.brief), 'Ab major').map((request) => ({ request }));
    const families = new Set(drills.map(({ request }) => request.asks.family)).size;
    const mixed = mixFamilies(drills);
    assert.equal(new Set(mixed.slice(0, families).map(({ request }) => request.asks.family)).size, families);
    assert.equal(mixed.length, drills.length);
  });

  it('tell whether this hand plays them as they are asked for', () => {
    const player = drillFor(plan.brief);
    const asked = catalogue(player, 'Ab major').filter((_, order) => order % EVERY === 0);
    const told = asked.map((request) => isPlayedAsAsked(player, request));
    const written = asked.map((request) => writeDrill(player, request).ok);
    assert.ok(told.includes(true) && told.includes(false), 'some occur in the key, some do not');
    assert.ok(told.every((isPlayed, order) => !isPlayed || written[order] === true));
  });
});
