import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { type FlowMusic, type FlowPart, layOutFlow, type PlacedPage, type TurnPlace } from '#core/paper/flow';

const TURNS: readonly TurnPlace[] = ['rest', 'open string', 'playing', 'slur or shift'];

/** Makes music of measures with some widths, all systems of one height. */
function musicOf(widths: readonly number[], turns: readonly TurnPlace[], heightMm = 20): FlowMusic {
  return {
    kind: 'music',
    gapMm: 2,
    count: widths.length,
    naturalMm: (from, to) => 10 + widths.slice(from, to).reduce((sum, width) => sum + width, 0),
    heightMm: () => heightMm,
    turns: turns.slice(0, Math.max(0, widths.length - 1)),
  };
}

function measuresOf(pages: readonly PlacedPage[]): readonly (readonly [number, number])[] {
  return pages.flatMap(({ placed }) => placed.flatMap((part) => (part.kind === 'system' ? [[part.from, part.to] as const] : [])));
}

const measures = fc.array(fc.record({ width: fc.integer({ min: 15, max: 90 }), turn: fc.constantFrom(...TURNS) }), {
  minLength: 1,
  maxLength: 60,
});
const ROOM = { widthMm: 180, heightMm: 100 };

describe('music on pages', () => {
  it('has every measure once, in order, each system within the width and each page within the height', () => {
    fc.assert(
      fc.property(measures, (line) => {
        const music = musicOf(
          line.map(({ width }) => width),
          line.map(({ turn }) => turn),
        );
        const pages = layOutFlow([music], ROOM);
        const systems = measuresOf(pages);
        assert.deepEqual(
          systems.map(([from]) => from),
          [0, ...systems.slice(0, -1).map(([, to]) => to)],
        );
        assert.equal(systems.at(-1)?.[1], line.length);
        for (const [from, to] of systems) assert.ok(to === from + 1 || music.naturalMm(from, to) * 0.85 <= ROOM.widthMm);
        for (const { usedMm } of pages) assert.ok(usedMm <= ROOM.heightMm);
      }),
    );
  });

  it('is never turned within a slur or a shift where each page could be turned elsewhere', () => {
    fc.assert(
      fc.property(measures, fc.integer({ min: 1, max: 4 }), (line, every) => {
        // Every few measures there is a rest: one of them always lies within a page.
        const turns = line.map(({ turn }, index) => (index % every === 0 ? 'rest' : turn));
        const pages = layOutFlow(
          [
            musicOf(
              line.map(({ width }) => Math.min(40, width)),
              turns,
            ),
          ],
          ROOM,
        );
        for (const { turn } of pages) assert.notEqual(turn, 'slur or shift');
      }),
    );
  });

  it('is turned at the least bad place where there is no good one, and the page says which', () => {
    const turns: TurnPlace[] = Array.from({ length: 40 }, () => 'slur or shift');
    turns[13] = 'playing';
    const pages = layOutFlow(
      [
        musicOf(
          Array.from({ length: 28 }, () => 40),
          turns,
        ),
      ],
      ROOM,
    );
    assert.deepEqual(
      pages.map(({ turn }) => turn),
      ['playing', null],
    );
  });

  it('breaks as a search of every way does, on short lines', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 30, max: 80 }), { minLength: 1, maxLength: 9 }), (widths) => {
        const music = musicOf(
          widths,
          widths.map(() => 'rest'),
        );
        const found = measuresOf(layOutFlow([music], { widthMm: 180, heightMm: 1000 }));
        assert.ok(costOf(music, found) <= leastCost(music) + 1e-9, `${JSON.stringify(found)} of ${widths.join()}`);
      }),
      { numRuns: 200 },
    );
  });
});

/** The cost of a way to break a line, written a second time and plainly. */
function costOf(music: FlowMusic, systems: readonly (readonly [number, number])[]): number {
  return systems.reduce((sum, [from, to]) => {
    const apart = 180 / music.naturalMm(from, to) - 1;
    if (apart < 0) return sum + 40 * apart * apart + (music.naturalMm(from, to) * 0.85 > 180 ? 1000 : 0);
    return sum + (to === music.count ? 0.2 * Math.min(apart, 4) : 10 * apart * apart);
  }, 0);
}

function leastCost(music: FlowMusic): number {
  const ways = (from: number): readonly (readonly (readonly [number, number])[])[] =>
    from === music.count
      ? [[]]
      : Array.from({ length: music.count - from }, (_, more) => from + more + 1)
          .filter((to) => to === from + 1 || music.naturalMm(from, to) * 0.85 <= 180)
          .flatMap((to) => ways(to).map((rest) => [[from, to] as const, ...rest]));
  return Math.min(...ways(0).map((way) => costOf(music, way)));
}

describe('blocks on pages', () => {
  const block = (heightMm: number, keepWithNext = false): FlowPart => ({ kind: 'block', heightMm, gapMm: 3, keepWithNext });

  it('stand whole, one under the other, and a heading with what it introduces', () => {
    const pages = layOutFlow([block(60), block(20), block(10, true), block(15)], ROOM);
    assert.deepEqual(
      pages.map(({ placed }) => placed.map(({ part, yMm }) => [part, yMm])),
      [
        [
          [0, 0],
          [1, 63],
        ],
        [
          [2, 0],
          [3, 13],
        ],
      ],
    );
  });

  it('taller than a page have one to themselves', () => {
    const pages = layOutFlow([block(20), block(150), block(20)], ROOM);
    assert.deepEqual(
      pages.map(({ placed }) => placed.map(({ part }) => part)),
      [[0], [1], [2]],
    );
  });

  it('before music stay with its first system', () => {
    const pages = layOutFlow([block(70), block(10, true), musicOf([40, 40], ['rest'])], ROOM);
    assert.deepEqual(
      pages.map(({ placed }) => placed.map(({ part }) => part)),
      [[0], [1, 2]],
    );
  });

  it('make one page where there is nothing at all', () => {
    assert.equal(layOutFlow([], ROOM).length, 1);
    assert.equal(layOutFlow([musicOf([], [])], ROOM).length, 1);
  });
});
