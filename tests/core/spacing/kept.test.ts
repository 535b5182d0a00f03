import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type Grade, recallAfter } from '#core/spacing';

const DAY = 86_400_000;

/** Meets something whenever it is due, with these grades. */
function metWhenDue(grades: readonly Grade[]): readonly { readonly at: number; readonly grade: Grade }[] {
  return grades.reduce<{ readonly at: number; readonly grade: Grade }[]>(
    (met, grade) => [...met, { at: recallAfter(met)?.due ?? 0, grade }],
    [],
  );
}

function daysUntilDue(grades: readonly Grade[]): number {
  const met = metWhenDue(grades);
  return ((recallAfter(met)?.due ?? 0) - (met.at(-1)?.at ?? 0)) / DAY;
}

describe('what comes back', () => {
  it('comes back at widening intervals while it is kept', () => {
    const days = [2, 3, 4, 5, 6].map((times) => daysUntilDue(Array.from({ length: times }, () => 'good')));
    assert.ok(
      days.every((day, order) => order === 0 || day > (days[order - 1] ?? 0)),
      days.join(', '),
    );
    assert.ok((days.at(-1) ?? 0) > 30);
  });

  it('comes back within the hour after it was forgotten, and sooner than what was found with difficulty, and that sooner than the rest', () => {
    const kept: readonly Grade[] = ['good', 'good', 'good'];
    const [forgotten, hard, good] = (['forgotten', 'hard', 'good'] as const).map((last) => daysUntilDue([...kept, last]));
    assert.ok(forgotten !== undefined && hard !== undefined && good !== undefined);
    assert.ok(forgotten < 1 / 24 && hard < good && forgotten < hard, [forgotten, hard, good].join(', '));
    assert.equal(recallAfter(metWhenDue([...kept, 'forgotten']))?.forgotten, 1);
  });

  it('counts no time where the clock was put back between two answers', () => {
    const later = [...metWhenDue(['good', 'good']), { at: 0, grade: 'good' as const }];
    const atOnce = metWhenDue(['good', 'good']);
    const [, last] = atOnce;
    assert.ok(last);
    assert.deepEqual(recallAfter(later), recallAfter([...atOnce, { at: last.at, grade: 'good' }]));
  });

  it('is the same for the same answers, and nothing for what was never met', () => {
    const met = metWhenDue(['good', 'hard', 'forgotten', 'good']);
    assert.deepEqual(recallAfter(met), recallAfter(met));
    assert.equal(recallAfter([]), null);
  });
});
