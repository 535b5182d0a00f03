import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { dueNotes } from '#core/listening';
import { readTake } from '#core/listening/reading';
import { driftOf, type Group, missesOf, type NoteMiss, weakPlaces } from '#core/listening/report';
import { FAULTLESS, makeTake, type Misses, playNotes, QUIET } from '#core/listening/simulated';
import type { Plan } from '#core/plan/describe';
import { lineToPlay } from '../../support/listening/seeded-lines.ts';

/** The spread of a player’s notes, cents, and the size of a weak place. */
const SPREAD = 6;
const WEAK = 22;

/** The tolerance, cents. */
const TOLERANCE = 10;

/** Gives the misses of a simulated player as if they were read without error. */
function missesPlayed(plan: Plan, seed: number, misses: Partial<Misses>, driftCents = 0): readonly NoteMiss[] {
  const due = dueNotes(plan);
  const played = playNotes(due, { ...FAULTLESS, seed, spreadCents: SPREAD, driftCents, misses: { ...FAULTLESS.misses, ...misses } });
  const heard = played.map(({ order, at, until, hz, wrongBy, again }) => {
    const cents = 1200 * Math.log2((hz[0] ?? 1) / (due[order]?.hz[0] ?? 1));
    const voices = [{ cents, vibrato: 0, drift: 0, track: null }];
    return { order, at, until, again, wrongBy, voices, interval: null, arrival: null, confidence: 1 };
  });
  return missesOf(plan, due, { heard, leftOut: [], trace: { every: 1, cents: new Float32Array() } }, TOLERANCE);
}

/** Lists the weak places that could be made in a plan, with enough notes in and beside them. */
function possibleWeakness(plan: Plan): readonly { readonly group: Group; readonly misses: Partial<Misses> }[] {
  const due = dueNotes(plan);
  const stopped = due.filter(({ stops: [stop] }) => stop?.finger !== '0');
  const down = stopped.filter(({ shift }) => shift !== null && shift.handSemitones < 0);
  const perPlace = (['1', '2', '3', '4'] as const).flatMap((finger) =>
    plan.strings.flatMap(({ number }) => {
      const notes = stopped.filter(({ stops: [stop] }) => stop?.finger === finger && stop.string === number);
      const isEnough = notes.length >= 4 && stopped.length - notes.length >= 6;
      const ofOrders = Object.fromEntries(notes.map((note) => [due.indexOf(note), -WEAK]));
      return isEnough ? [{ group: { by: 'finger on string', finger, string: number } as const, misses: { notes: ofOrders } }] : [];
    }),
  );
  const isArrival = down.length >= 4 && stopped.length - down.length >= 6;
  return [...perPlace, ...(isArrival ? [{ group: { by: 'arrival', way: 'down' } as const, misses: { shiftDown: -WEAK } }] : [])];
}

/** Tells whether a place that was found has the notes of a weakness: a finger that plays on one string only is that finger. */
function sameNotes(misses: readonly NoteMiss[], found: readonly number[], { notes, shiftDown }: Partial<Misses>): boolean {
  const weak = misses.filter(({ heard, due }) =>
    shiftDown === undefined ? notes?.[heard.order] !== undefined : due.stops[0]?.finger !== '0' && (due.shift?.handSemitones ?? 0) < 0,
  );
  return weak.map(({ note }) => note).join() === found.join();
}

describe('weak places', () => {
  it('are named first where a player has one, and none where a player has none', () => {
    let [weak, named, strong, told] = [0, 0, 0, 0];
    for (let seed = 0; weak < 200 || strong < 200; seed += 1) {
      const plan = lineToPlay(INSTRUMENT_KINDS[seed % INSTRUMENT_KINDS.length] ?? 'violin', seed);
      if (strong < 200) {
        strong += 1;
        const misses = missesPlayed(plan, seed + 1, {});
        told += Number(weakPlaces(misses).length > 0 || driftOf(misses) !== null);
      }
      const possible = possibleWeakness(plan);
      const chosen = possible[seed % Math.max(1, possible.length)];
      if (!chosen || weak >= 200) continue;
      weak += 1;
      const misses = missesPlayed(plan, seed + 1, chosen.misses);
      const [first] = weakPlaces(misses);
      named += Number(first !== undefined && sameNotes(misses, first.notes, chosen.misses) && first.cents < first.othersCents);
    }
    assert.ok(named >= 190, `${named} of 200 weak places were named first`);
    assert.ok(told <= 10, `${told} of 200 players without a weak place were told of one`);
  });

  it('are none where the whole line drifts, which is told instead', () => {
    let [told, weak] = [0, 0];
    for (let seed = 0; seed < 100; seed += 1) {
      const plan = lineToPlay(INSTRUMENT_KINDS[seed % INSTRUMENT_KINDS.length] ?? 'violin', seed);
      const misses = missesPlayed(plan, seed + 1, {}, seed % 2 === 0 ? 30 : -30);
      const drift = driftOf(misses);
      told += Number(drift !== null && Math.abs(drift.cents - (seed % 2 === 0 ? 30 : -30)) < 10);
      weak += Number(weakPlaces(misses).length > 0);
    }
    assert.ok(told >= 95, `${told} of 100 drifts were told`);
    assert.ok(weak <= 5, `${weak} of 100 players who drift were told of a weak place`);
  });

  it('are named from the sound of a take as well, in mm at the place of each note', () => {
    const plan = lineToPlay('violin', 4);
    const due = dueNotes(plan);
    const [chosen] = possibleWeakness(plan);
    assert.ok(chosen);
    const player = { ...FAULTLESS, spreadCents: SPREAD, misses: { ...FAULTLESS.misses, ...chosen.misses } };
    const take = makeTake(due, { kind: 'violin', voice: 'full', player, surroundings: QUIET, sampleRate: 22_050 });
    const misses = missesOf(plan, due, readTake(take, due), TOLERANCE);
    const [first] = weakPlaces(misses);
    assert.ok(first && sameNotes(misses, first.notes, chosen.misses));
    for (const { note, mm, side, cents } of misses.filter(({ note }) => first.notes.includes(note))) {
      const stop = due.find((owed) => owed.note === note)?.stops[0];
      const length = plan.stringLengthMm * 2 ** (-(stop?.semitonesAboveOpen ?? 0) / 12);
      // A cent is the sounding length times ln 2 / 1200, as a straight line; the string bends it a little.
      assert.ok(Math.abs((mm ?? 0) - ((cents ?? 0) * length * Math.LN2) / 1200) < 0.2, `${mm} mm`);
      assert.equal(side, (cents ?? 0) < -TOLERANCE ? 'flat' : 'in tune');
    }
  });
});
