import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import {
  type GivenAnswer,
  checkAnswer,
  confusedNames,
  confusionsIn,
  earAfter,
  nextQuestion,
  quizOf,
  type Quizzed,
  typedName,
} from '#core/quiz';

const DAY = 86_400_000;
const SECOND = 1000;

const POOL = quizOf(
  { instrument: { kind: 'violin' } },
  {
    parts: [
      { key: 'F major', position: '3', own: true },
      { key: 'G major', position: '1', own: false },
    ],
    kinds: ['place-to-note', 'note-to-place', 'touch'],
  },
);

/** Tells whether two questions are of two places on one string, under one hand. */
function isBeside(one: Quizzed, other: Quizzed | undefined): boolean {
  if (one.kind !== 'place-to-note' || other?.kind !== 'place-to-note' || one.id === other.id) return false;
  return one.position === other.position && one.key === other.key && one.place.open === other.place.open;
}

/** A function that gives a pupil's answer. */
type Pupil = (question: Quizzed) => readonly string[];

/** Lets a pupil take a number of questions of a day, one after the other; answers take five seconds. */
function practise(
  pool: readonly Quizzed[],
  pupil: Pupil,
  before: readonly GivenAnswer[],
  { day, most }: { readonly day: number; readonly most: number },
): readonly GivenAnswer[] {
  const history = [...before];
  let now = day * DAY;
  while (history.length < before.length + most) {
    const next = nextQuestion(pool, { history, now, today: day * DAY, beyond: false });
    if (!next) break;
    const given = pupil(next.question);
    const { right } = checkAnswer(next.question, given);
    history.push({ question: next.question.id, given, right, seconds: 5, at: now });
    now += 10 * SECOND;
  }
  return history;
}

const knowsAll: Pupil = ({ answers }) => answers;

describe('a pupil who is asked', () => {
  it('is asked what comes from the pupil’s own pieces first', () => {
    const first = practise(POOL, knowsAll, [], { day: 1, most: 15 });
    assert.equal(first.length, 15);
    assert.ok(first.every(({ question }) => question.includes('F major')));
  });

  it('who keeps everything is asked less from day to day, and no more than some new ones', () => {
    let history: readonly GivenAnswer[] = [];
    const small = POOL.slice(0, 20);
    const counts = Array.from({ length: 12 }, (_, day) => {
      const before = history.length;
      history = practise(small, knowsAll, history, { day: day + 1, most: 200 });
      return history.length - before;
    });
    assert.equal(new Set(history.map(({ question }) => question)).size, 20);
    assert.ok((counts.at(-1) ?? 99) < 10, counts.join(' '));
  });

  it('is asked what was forgotten sooner than what was kept', () => {
    const [first, second] = POOL;
    assert.ok(first && second);
    const at = (question: Quizzed, right: boolean, day: number): GivenAnswer => ({
      question: question.id,
      given: right ? question.answers : [],
      right,
      seconds: 3,
      at: day * DAY,
    });
    const history = [at(first, true, 1), at(second, true, 1), at(first, true, 4), at(second, false, 4)];
    const next = nextQuestion([first, second], { history, now: 4 * DAY + 3_600_000, today: 4 * DAY, beyond: false });
    assert.deepEqual(next, { question: second, because: 'due' });
  });

  it('who takes two notes for each other is asked both within the next five questions, whatever else is asked', () => {
    const notes = POOL.filter((question) => question.kind === 'place-to-note');
    fc.assert(
      fc.property(fc.integer({ min: 0, max: notes.length - 1 }), fc.integer({ min: 1, max: 4 }), (index, days) => {
        const one = notes[index];
        const other = notes.find((note) => isBeside(note, one));
        assert.ok(one && other);
        const confuses: Pupil = (question) =>
          question.id === one.id ? other.answers : question.id === other.id ? one.answers : question.answers;
        let history: readonly GivenAnswer[] = [];
        for (let day = 1; day <= days; day += 1) history = practise(notes, confuses, history, { day, most: 40 });
        for (const [order, answer] of history.entries()) {
          if (answer.right || order + 5 >= history.length) continue;
          const soon = history.slice(order + 1, order + 6).map(({ question }) => question);
          assert.ok(soon.includes(one.id) && soon.includes(other.id), `${order}: ${soon.join('; ')}`);
        }
      }),
      { numRuns: 30 },
    );
  });

  it('has the confusion kept by its names until both were right twice', () => {
    const [one, other] = POOL.filter((question) => question.kind === 'place-to-note' && question.place.open === 'A4');
    assert.ok(one && other);
    const byId = new Map(POOL.map((question) => [question.id, question]));
    const answer = (question: Quizzed, given: readonly string[], at: number): GivenAnswer => {
      return { question: question.id, given, right: checkAnswer(question, given).right, seconds: null, at };
    };
    const confused = [answer(one, other.answers, 1), answer(other, one.answers, 2)];
    const [found] = confusionsIn(byId, confused);
    assert.ok(found);
    assert.deepEqual([confusedNames(found), found.times], [[one.answers[0], other.answers[0]], 2]);
    const settled = [3, 4].flatMap((at) => [answer(one, one.answers, at), answer(other, other.answers, at)]);
    assert.deepEqual(confusionsIn(byId, [...confused, ...settled]), []);
    // The clock may have been put back between: a later answer is later all the same.
    const before = [-4, -3].flatMap((at) => [answer(one, one.answers, at), answer(other, other.answers, at)]);
    assert.deepEqual(confusionsIn(byId, [...confused, ...before]), []);
  });
});

describe('an answer', () => {
  const [note] = POOL.filter((question) => question.kind === 'place-to-note' && question.answers[0] === 'Bb');

  it('is right when all of it is there and nothing else', () => {
    const places = POOL.find((question) => question.kind === 'touch' && question.answers.length > 0);
    assert.ok(places);
    assert.ok(checkAnswer(places, places.answers.toReversed()).right);
    assert.ok(!checkAnswer(places, []).right);
    assert.ok(!checkAnswer(places, [...places.answers, '9 9']).right);
    assert.deepEqual(checkAnswer(places, []).missing, places.answers);
  });

  it('that sounds the same by another name is told so', () => {
    assert.ok(note);
    assert.deepEqual(checkAnswer(note, ['A#']), { right: false, otherName: true, missing: ['Bb'] });
    assert.equal(checkAnswer(note, ['B']).otherName, false);
  });

  it('is typed as people type names', () => {
    assert.deepEqual(['bb', 'F#', 'e♭', 'Es', 'fis', 'as', 'x', 'B4', ''].map(typedName), [
      'Bb',
      'F#',
      'Eb',
      'Eb',
      'F#',
      'Ab',
      null,
      'B',
      null,
    ]);
  });
});

describe('an ear', () => {
  /** Hears a difference in as many cases as its own threshold says; chance decides below. */
  function listen(threshold: number, seed: number): number {
    let state = seed;
    const random = (): number => {
      state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
      return state / 2 ** 32;
    };
    const history: GivenAnswer[] = [];
    for (let count = 0; count < 200; count += 1) {
      const { next } = earAfter(history);
      const sure = 1 - 0.5 * Math.exp(-((next.cents / threshold) ** 2));
      history.push({ question: next.id, given: [], right: random() < sure, seconds: null, at: count });
    }
    return earAfter(history).tolerance ?? NaN;
  }

  it('is asked narrower while it is right, and its own tolerance is found', () => {
    const fine = [1, 2, 3, 4, 5, 6, 7, 8].map((seed) => listen(8, seed));
    const coarse = [1, 2, 3, 4, 5, 6, 7, 8].map((seed) => listen(40, seed));
    const mean = (all: readonly number[]): number => all.reduce((sum, value) => sum + value, 0) / all.length;
    assert.ok(mean(fine) > 3 && mean(fine) < 12, fine.join(' '));
    assert.ok(mean(coarse) > 18 && mean(coarse) < 55, coarse.join(' '));
    assert.equal(earAfter([]).tolerance, null);
    assert.equal(earAfter([]).next.cents, 50);
  });
});
