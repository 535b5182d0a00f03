import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { finish, type Steps } from '#core/result';
import { answerTo, openSession } from '#core/session';
import { anotherTask } from '../../../src/engine/another-task.ts';
import { DROPPED, StepQueue } from '../../../src/engine/queue.ts';
import { lineBrief } from '../../support/briefs.ts';

/** Makes work of a number of steps that writes each into a diary. */
function* work(name: string, steps: number, diary: string[]): Steps<string> {
  for (let step = 0; step < steps; step += 1) {
    diary.push(name);
    yield;
  }
  return name;
}

describe('a queue of steps', () => {
  it('takes urgent work before what came first, after one step of it at most', async () => {
    const diary: string[] = [];
    const queue = new StepQueue(anotherTask);
    const slow = queue.add(1, 3, work('other fingerings', 6, diary));
    await anotherTask();
    await anotherTask();
    const before = diary.length;
    await queue.add(2, 0, work('plan', 1, diary));
    assert.equal(diary.slice(before).indexOf('plan') <= 1, true, diary.join(', '));
    assert.equal(await slow, 'other fingerings');
  });

  it('takes equals in the order they came', async () => {
    const diary: string[] = [];
    const queue = new StepQueue(anotherTask);
    await Promise.all([queue.add(1, 1, work('one', 2, diary)), queue.add(2, 1, work('two', 2, diary))]);
    assert.deepEqual(diary, ['one', 'one', 'two', 'two']);
  });

  it('drops work, which then takes no further step', async () => {
    const diary: string[] = [];
    const queue = new StepQueue(anotherTask);
    const dropped = queue.add(1, 1, work('dropped', 50, diary));
    await anotherTask();
    queue.drop(1);
    assert.equal(await dropped, DROPPED);
    const taken = diary.length;
    await queue.add(2, 1, work('next', 1, diary));
    assert.ok(taken < 50 && diary.length === taken + 1);
  });

  it('rejects the work that throws, and goes on with the rest', async () => {
    const queue = new StepQueue(anotherTask);
    const broken = queue.add(
      1,
      0,
      (function* (): Steps<never> {
        yield;
        throw new RangeError('Seven');
      })(),
    );
    const sound = queue.add(2, 1, work('sound', 2, []));
    await assert.rejects(broken, /Seven/);
    assert.equal(await sound, 'sound');
  });
});

describe('the questions to a session', () => {
  const brief = lineBrief(
    'violin',
    ['G3', 'A3', 'B3', 'C4', 'D4', 'E4', 'F#4', 'G4', 'A4', 'B4', 'C5', 'D5'],
    { purpose: 'training' },
    'G major',
  );

  it('that solve the line several times do so step by step', () => {
    for (const question of [{ kind: 'alternatives', most: 4 }, { kind: 'effects' }] as const) {
      const steps = answerTo(openSession({ ...brief, preferences: { connected: 1 } }), question.kind, question);
      let taken = 0;
      while (steps.next().done !== true) taken += 1;
      assert.ok(taken >= 2, `${question.kind}: ${taken}`);
    }
  });

  it('build on the line solved once, and answer as a new session does', () => {
    const session = openSession(brief);
    const first = session.best();
    finish(answerTo(session, 'reasons', { kind: 'reasons', note: null }));
    assert.equal(session.best(), first);
    const again = finish(answerTo(session, 'alternatives', { kind: 'alternatives', most: 3 }));
    assert.deepEqual(again, finish(answerTo(openSession(brief), 'alternatives', { kind: 'alternatives', most: 3 })));
  });
});
