import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { loopOf } from '#core/drill/hot-spots';
import { takeApart } from '#core/drill/apart';
import { checkedNote, checkpointsOf, checksOfStop, instrumentOf, intonedStops } from '#core/fit/intoned';
import { beatsOff, type Check, checksOf, FINEST_TOLERANCE } from '#core/intonation/checks';
import { type IntonationSystem, SYSTEMS } from '#core/intonation';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { lineBrief, planBest } from '../../support/briefs.ts';
import { seededOutcome } from '../../support/plans/seeded-plans.ts';

/** The plans of the seeded briefs. */
const PLANS = Array.from({ length: 400 }, (_, index) => seededOutcome(index)).flatMap((outcome) =>
  outcome.ok ? [outcome.value.best] : [],
);

function soundsOf({ notes }: Plan): readonly PlannedSound[] {
  return notes.flatMap((note) => (note.kind === 'note' ? [note] : []));
}

/** Names a check by what tells it from others. */
function nameOf({ kind, open, ratio }: Check): string {
  return `${kind} ${open} ${ratio.p}:${ratio.q}`;
}

/** Gives the distance from the target at which a check calls a note right, cents. */
function errorOf({ pureCents }: Check, targetCents: number): number {
  return pureCents === null ? Infinity : Math.abs(pureCents - targetCents);
}

describe('the checks that are offered', () => {
  it('never call a note right that lies outside the narrowest tolerance, on 200 plans', () => {
    assert.ok(PLANS.length >= 200, String(PLANS.length));
    let count = 0;
    for (const plan of PLANS) {
      for (const note of soundsOf(plan)) {
        for (const { target, checks } of intonedStops(plan, note)) {
          count += checks.length;
          for (const check of checks)
            if (check.pureCents !== null) assert.ok(errorOf(check, target.cents) <= FINEST_TOLERANCE, nameOf(check));
        }
      }
    }
    assert.ok(count > 1000, String(count));
  });

  it('begin with the one that a plain enumeration finds: least error, no other shift, fastest beats', () => {
    for (const plan of PLANS) {
      const instrument = instrumentOf(plan);
      for (const note of soundsOf(plan)) {
        for (const { stop, target } of intonedStops(plan, note)) {
          if (stop.finger === '0' || stop.harmonic) continue;
          const checked = checkedNote(instrument, stop);
          const sure = checksOf(instrument, checked).filter((check) => errorOf(check, target.cents) <= FINEST_TOLERANCE);
          const least = Math.min(...sure.map((check) => errorOf(check, target.cents)));
          const away = ({ place }: Check): boolean =>
            place !== null && (place.semitonesAboveOpen < note.anchor || place.semitonesAboveOpen > note.anchor + 5);
          const beats = (check: Check): number => (check.sounded === 'together' ? (beatsOff(instrument, checked, check, 10) ?? 0) : 0);
          const [best] = checksOfStop(plan, note, stop);
          if (!best || best.pureCents === null) {
            assert.equal(sure.length, 0);
            continue;
          }
          assert.ok(errorOf(best, target.cents) < least + 3);
          for (const other of sure.filter((check) => errorOf(check, target.cents) < least + 3)) {
            assert.ok(away(best) <= away(other), `${nameOf(best)} before ${nameOf(other)}`);
            if (away(best) === away(other)) assert.ok(beats(best) >= beats(other), `${nameOf(best)} before ${nameOf(other)}`);
          }
        }
      }
    }
  });

  it('leave out the fifth partial where the third is not pure: E4 of the cello against the harmonic of the C string', () => {
    const kindsIn = (system: IntonationSystem): readonly string[] => {
      const plan = planBest(lineBrief('cello', ['E4'], { intonation: { system }, limits: { strings: ['A3'] } }));
      const [note] = soundsOf(plan);
      assert.ok(note);
      return checksOfStop(plan, note, note.stops[0]).map(nameOf);
    };
    for (const system of SYSTEMS) {
      const has = kindsIn(system).includes('harmonic C2 5:1');
      assert.equal(has, system === 'pure', `${system}: ${kindsIn(system).join(', ')}`);
    }
  });

  it('are the same for the note, its loop, the shift that arrives there and the place to stop and listen', () => {
    for (const plan of PLANS.slice(0, 120)) {
      const points = checkpointsOf(plan);
      for (const { to } of plan.shifts) {
        const note = plan.notes[to];
        if (note?.kind !== 'note' || note.stops.length > 1) continue;
        const checks = checksOfStop(plan, note, note.stops[0]);
        assert.deepEqual(takeApart(plan, to)?.check, checks[0] ?? null);
        const point = points.find((point) => point.note === to);
        assert.deepEqual(point?.check ?? point?.substitute, checks[0] ?? point?.substitute);
        assertCheckedWith(
          loopOf(plan, [to], { fingers: null, checks: true }).brief,
          checks.find(({ place }) => place === null),
        );
      }
    }
  });
});

/** Checks a loop of one note that is checked with an open string after it, or with none. */
function assertCheckedWith({ material }: Brief, open: Check | undefined): void {
  assert.ok(material.kind === 'line');
  const [, after] = material.notes.map((note) => ('rest' in note ? [] : note.pitches));
  if (open) assert.ok(after?.includes(open.open));
  else assert.equal(material.notes.length, 1);
}
