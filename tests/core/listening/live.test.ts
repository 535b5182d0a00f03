import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { dueNotes } from '#core/listening';
import { BEFORE_FIRST, followLive, liveEar, type LivePlace } from '#core/listening/live';
import { FAULTLESS, makeTake, QUIET, type SimulatedPlayer } from '#core/listening/simulated';
import { lineToPlay } from '../../support/listening/seeded-lines.ts';

/** The rate of usual devices, and the samples that come at once. */
const RATE = 44_100;
const AT_ONCE = 1024;

/** The time after its beginning in which a note is told, seconds: from G2 up, and below. */
const LATENCY = { hz: 97, from: 0.1, below: 0.2 } as const;

/** The distance within which a miss is told, cents. */
const WITHIN = 8;

interface Moment extends LivePlace {
  /** The time of its last sample, seconds. */
  readonly at: number;
}

/** Plays a line and follows it as it sounds. */
function followTake(kind: (typeof INSTRUMENT_KINDS)[number], seed: number, player: Partial<SimulatedPlayer>) {
  const due = dueNotes(lineToPlay(kind, seed));
  const faults = { ...FAULTLESS, seed: seed + 1, spreadCents: 14, ...player };
  const take = makeTake(due, { kind, voice: 'full', player: faults, surroundings: QUIET, sampleRate: RATE });
  const lowest = Math.min(...due.flatMap(({ hz }) => hz));
  const ear = liveEar(lowest * 0.85, RATE);
  const moments: Moment[] = [];
  let place = BEFORE_FIRST;
  for (let from = 0; from + AT_ONCE <= take.samples.length; from += AT_ONCE) {
    place = followLive(due, place, ear.hear(take.samples.subarray(from, from + AT_ONCE)));
    moments.push({ ...place, at: (from + AT_ONCE) / RATE });
  }
  return { due, take, moments };
}

describe('a line that is followed as it sounds', () => {
  it('shows the note within a tenth of a second, low ones within a fifth, and its miss to within 8 cents', () => {
    let [notes, inTime, right] = [0, 0, 0];
    for (const kind of INSTRUMENT_KINDS) {
      for (const seed of [0, 1]) {
        const { due, take, moments } = followTake(kind, seed, {});
        for (const { order, at, until, hz } of take.played) {
          const aim = due[order]?.hz[0] ?? 1;
          const told = moments.find((moment) => moment.at > at && moment.order === order && moment.cents !== null);
          const steady = moments.findLast((moment) => moment.at < until - 0.02 && moment.order === order && moment.cents !== null);
          notes += 1;
          inTime += Number(told !== undefined && told.at - at <= (aim > LATENCY.hz ? LATENCY.from : LATENCY.below));
          right += Number(steady !== undefined && Math.abs((steady.cents ?? 0) - 1200 * Math.log2((hz[0] ?? 1) / aim)) <= WITHIN);
        }
      }
    }
    assert.ok(notes > 150 && inTime / notes >= 0.95, `${inTime} of ${notes} notes in time`);
    assert.ok(right / notes >= 0.95, `${right} of ${notes} misses within ${WITHIN} cents`);
  });

  it('goes along when the player begins again', () => {
    const slip = { kind: 'restart', order: 9, back: 7 } as const;
    const { take, moments } = followTake('viola', 2, { slips: [slip] });
    const last = take.played.at(-1);
    assert.ok(last);
    const end = moments.findLast(({ at, cents }) => at < last.until && cents !== null);
    assert.equal(end?.order, last.order);
  });

  it('says nothing in silence, nor of a pitch that is no note of the line', () => {
    const due = dueNotes(lineToPlay('violin', 1));
    assert.deepEqual(followLive(due, BEFORE_FIRST, { hz: null, begins: false }), BEFORE_FIRST);
    assert.equal(followLive(due, BEFORE_FIRST, { hz: 30, begins: true }).cents, null);
    assert.deepEqual(liveEar(196, RATE).hear(new Float32Array(AT_ONCE)), { hz: null, begins: false });
  });
});
