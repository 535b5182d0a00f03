import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { dueNotes } from '#core/listening';
import { readTake } from '#core/listening/reading';
import { FAULTLESS, makeTake, QUIET, type SimulatedPlayer } from '#core/listening/simulated';
import { lineToPlay } from '../../support/listening/seeded-lines.ts';
import { CONDITIONS, LIMITS, seededTake } from '../../support/listening/seeded-takes.ts';
import { readSeeded, tallyOf } from '../../support/listening/tally.ts';

/** The number of takes that are read here, two or three of each condition; `npm run listening` reads six hundred. */
const TAKES = 24;

/** The seeds of these takes: each condition on other instruments, each instrument under other conditions. */
const SEEDS = Array.from({ length: CONDITIONS.length * INSTRUMENT_KINDS.length }, (_, seed) => seed)
  .filter((seed) => (3 * seed + Math.floor(seed / INSTRUMENT_KINDS.length)) % 5 < 3)
  .slice(0, TAKES);

const RATE = 22_050;

const takes = SEEDS.map((seed) => readSeeded(seededTake(seed)));

describe('a take that is read', () => {
  for (const condition of CONDITIONS) {
    it(`gives notes, beginnings and directions as they were played: ${condition}`, () => {
      const { notes, within, begun, aligned, directed, pairs } = tallyOf(takes, condition);
      assert.ok(notes > 30, `${notes} notes`);
      const { cents, within: least } = LIMITS[condition];
      if (least > 0) assert.ok(within >= least, `${within} % of misses within ${cents} cents`);
      if (pairs.pairs > 0) assert.ok(pairs.within >= 90 && pairs.right >= 95, `${pairs.within} % of sizes, ${pairs.right} % of sides`);
      assert.ok(begun >= 95, `${begun} % of beginnings within 30 ms`);
      assert.ok(aligned >= LIMITS[condition].aligned, `${aligned} % of notes aligned`);
      assert.ok(directed >= 99, `${directed} % of directions`);
    });
  }
});

describe('what is said of notes', () => {
  const due = dueNotes(lineToPlay('viola', 5));
  const play = (player: Partial<SimulatedPlayer>) =>
    makeTake(due, { kind: 'viola', voice: 'covered', player: { ...FAULTLESS, ...player }, surroundings: QUIET, sampleRate: RATE });

  it('names the one left out, the one that is another, and those that were played again', () => {
    const order = due.findIndex((note, at) => at > 2 && apart(at) && note.seconds > 0.2);
    const left = readTake(play({ slips: [{ kind: 'left-out', order }] }), due);
    assert.deepEqual(left.leftOut, [order]);
    const other = readTake(play({ slips: [{ kind: 'wrong', order, semitones: 6 }] }), due);
    assert.deepEqual(
      other.heard.filter(({ wrongBy }) => wrongBy !== 0).map((note) => [note.order, note.wrongBy]),
      [[order, 6]],
    );
    const twice = readTake(play({ slips: [{ kind: 'repeated', order }] }), due);
    assert.deepEqual(
      twice.heard.filter(({ again }) => again).map((note) => note.order),
      [order],
    );
  });

  it('tells a vibrato from a drift, and neither where there is none', () => {
    const long = (reading: ReturnType<typeof readTake>) =>
      reading.heard
        .filter(({ at, until }) => until - at > 0.6)
        .map(({ order, voices: [voice] }) => ({ order, vibrato: voice?.vibrato ?? 0, drift: voice?.drift ?? 0 }));
    const swung = long(readTake(play({ vibrato: { cents: 25, hz: 5.5 } }), due));
    const still = long(readTake(play({}), due));
    const stopped = swung.filter(({ order }) => due[order]?.stops[0]?.finger !== '0');
    assert.ok(stopped.length > 2 && stopped.every(({ vibrato }) => Math.abs(vibrato - 25) < 8), JSON.stringify(stopped));
    assert.ok(still.every(({ vibrato, drift }) => vibrato === 0 && Math.abs(drift) < 8));
  });

  it('is nothing where nothing is played, and where there is nothing to play', () => {
    const silence = { samples: new Float32Array(3 * RATE), sampleRate: RATE };
    const reading = readTake(silence, due);
    assert.deepEqual(reading.heard, []);
    assert.equal(reading.leftOut.length, due.length);
    const { heard, leftOut } = readTake(silence, []);
    assert.deepEqual([heard, leftOut], [[], []]);
  });

  /** Tells whether a note differs from both of its neighbours. */
  function apart(order: number): boolean {
    const hz = (at: number): number => due[at]?.hz[0] ?? 0;
    return hz(order) !== hz(order - 1) && hz(order) !== hz(order + 1);
  }
});
