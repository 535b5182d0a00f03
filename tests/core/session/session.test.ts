import assert from 'node:assert/strict';
import { NOTHING_KNOWN } from '#core/drill/hot-spots';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { plan } from '#core/plan';
import { finish } from '#core/result';
import { answerTo, openSession } from '#core/session';
import { ask } from '../../support/plans/asked.ts';
import { lineBrief, planBest } from '../../support/briefs.ts';

const SCALE = lineBrief('violin', ['A3', 'B3', 'C#4', 'D4', 'E4', 'F#4', 'G#4', 'A4'], { purpose: 'training' }, 'A major');

/** A pitch below the lowest string. */
const TOO_LOW = lineBrief('violin', ['C2', 'D4']);

describe('a session on a brief that can be planned', () => {
  it('has the plan that the engine makes of the brief, and makes it once', () => {
    const session = openSession(SCALE);
    assert.deepEqual(session.best(), planBest(SCALE));
    assert.equal(session.best(), session.best());
    assert.equal(session.attempt(), session.attempt());
  });

  it('tells, the first time, how much of a line is laid out', () => {
    const session = openSession(
      lineBrief(
        'violin',
        Array.from({ length: 1200 }, (_, index) => (index % 2 === 0 ? 'A4' : 'B4')),
      ),
    );
    const shares: number[] = [];
    session.attempt((share) => shares.push(share));
    session.attempt(() => assert.fail('It was laid out already'));
    assert.ok(shares.length > 0);
    assert.deepEqual(
      shares,
      shares.toSorted((one, other) => one - other),
    );
    assert.ok(shares.every((share) => share > 0 && share <= 1));
  });

  it('answers as one call to the engine does', () => {
    const whole = plan(SCALE, { alternatives: 4 });
    assert.ok(whole.ok);
    assert.deepEqual(ask(SCALE, { kind: 'plan' }), { ok: true, value: { best: whole.value.best, alternatives: [] } });
    assert.deepEqual(ask(SCALE, { kind: 'alternatives', most: 4 }), whole.value.alternatives);
  });

  it('gives the same answers in whatever order it is asked', () => {
    const inOrder = openSession(SCALE);
    const inReverse = openSession(SCALE);
    const questions = [
      { kind: 'ways', note: 2 },
      { kind: 'reasons', note: 3 },
      { kind: 'effects' },
      { kind: 'about-path', mostHotSpots: 5, known: NOTHING_KNOWN },
      { kind: 'why-not', wish: { note: 4, finger: '3' } },
    ] as const;
    const answers = (session: typeof inOrder, asking: readonly (typeof questions)[number][]) =>
      new Map(asking.map((question) => [question.kind, finish(answerTo(session, question.kind, question))]));
    const [one, other] = [answers(inOrder, questions), answers(inReverse, questions.toReversed())];
    for (const { kind } of questions) assert.deepEqual(one.get(kind), other.get(kind), kind);
  });
});

describe('a session on a brief that cannot be planned', () => {
  it('says why, and answers nothing to what needs a plan', () => {
    const outcome = ask(TOO_LOW, { kind: 'plan' });
    assert.ok(!outcome.ok && /C2 .*lies below the lowest string/.test(outcome.issues[0]?.message ?? ''));
    assert.equal(openSession(TOO_LOW).best(), null);
    assert.deepEqual(ask(TOO_LOW, { kind: 'alternatives', most: 3 }), []);
    assert.deepEqual(ask(TOO_LOW, { kind: 'effects' }), []);
    const about = { kind: 'about-path', mostHotSpots: 5, known: NOTHING_KNOWN } as const;
    assert.deepEqual(ask(TOO_LOW, about), { ringing: new Map(), hotSpots: [] });
    assert.equal(ask(TOO_LOW, { kind: 'why-not', wish: { note: 1, finger: '2' } }), null);
    assert.equal(ask(TOO_LOW, { kind: 'reasons', note: null }).ok, false);
  });

  it('that does not even read says so to every question', () => {
    const unread: Brief = { ...SCALE, instrument: { kind: 'violin', stringLengthMm: 5 } };
    for (const reading of [ask(unread, { kind: 'ways', note: 0 }), ask(unread, { kind: 'reasons', note: 0 })]) {
      assert.ok(!reading.ok && reading.issues[0]?.code === 'instrument/measurement-beyond-sense');
    }
  });

  it('becomes one that can when what stood in its way changes, and that is told', () => {
    const changed = ask(SCALE, { kind: 'what-changed', before: TOO_LOW });
    assert.equal(changed?.kind, 'planned-again');
    assert.equal(ask(TOO_LOW, { kind: 'what-changed', before: SCALE })?.kind, 'no-longer-planned');
  });
});
