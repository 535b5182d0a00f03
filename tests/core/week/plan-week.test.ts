import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { daysFor, isBetter, planWeek, type ToPractise, type WeekChoice, worthOf } from '#core/week';

const item = (id: string, more: Partial<ToPractise> = {}): ToPractise => {
  return { id, minutes: 10, due: 0, by: null, hard: 0, isNew: false, movedTo: null, ...more };
};

const week = (minutes: readonly number[], more: Partial<WeekChoice> = {}): WeekChoice => {
  return { minutes, order: 'hardest-first', serves: 'everything', ...more };
};

const anyItem = fc.record({
  minutes: fc.integer({ min: 1, max: 20 }),
  due: fc.integer({ min: -3, max: 4 }),
  by: fc.option(fc.integer({ min: 0, max: 5 })),
  hard: fc.integer({ min: 0, max: 3 }),
  isNew: fc.boolean(),
  movedTo: fc.option(fc.integer({ min: 0, max: 3 }), { freq: 6 }),
});

const someItems = (most: number) =>
  fc.array(anyItem, { maxLength: most }).map((all) => all.map((fields, order) => item(`i${order}`, fields)));

const anyWeek = fc
  .record({
    minutes: fc.array(fc.integer({ min: 0, max: 40 }), { minLength: 1, maxLength: 4 }),
    order: fc.constantFrom('hardest-first' as const, 'hardest-last' as const),
    serves: fc.constantFrom('everything' as const, 'the-date' as const),
  })
  .map((choice): WeekChoice => choice);

/** Finds the best by trying out every assignment of days that keeps to the minutes and to one new hard thing a day. */
function best(items: readonly ToPractise[], choice: WeekChoice): readonly number[] {
  let found: readonly number[] = [-1, -1, -Infinity];
  const all = items.map((item) =>
    item.movedTo === null ? [null, ...daysFor(item, choice)] : [...daysFor(item, choice), null].slice(0, 1),
  );
  const count = all.reduce((product, days) => product * days.length, 1);
  for (let number = 0; number < count; number += 1) {
    let rest = number;
    const days = all.map((choice) => {
      const day = choice[rest % choice.length] ?? null;
      rest = Math.floor(rest / choice.length);
      return day;
    });
    const isKept = choice.minutes.every((minutes, day) => {
      const here = items.filter((_, index) => days[index] === day);
      const free = here.filter(({ movedTo }) => movedTo === null);
      const moved = here.filter(({ movedTo }) => movedTo !== null);
      const sum = (some: readonly ToPractise[]): number => some.reduce((total, item) => total + item.minutes, 0);
      const isFull = free.length > 0 && sum(free) + sum(moved) > minutes;
      const tooNew = free.some(({ isNew }) => isNew) && here.filter(({ isNew }) => isNew).length > 1;
      return !isFull && !tooNew;
    });
    const worth = worthOf(items, days);
    if (isKept && isBetter(worth, found)) found = worth;
  }
  return found;
}

describe('a week', () => {
  it('never takes more minutes than a day has, nor two new hard things, but for what was moved by hand', () => {
    fc.assert(
      fc.property(someItems(20), anyWeek, (items, choice) => {
        const { placed, left } = planWeek(items, choice);
        const byId = new Map(items.map((item) => [item.id, item]));
        for (const [day, minutes] of choice.minutes.entries()) {
          const here = placed.filter((item) => item.day === day).flatMap(({ id }) => byId.get(id) ?? []);
          const free = here.filter(({ movedTo }) => movedTo === null);
          const sum = here.reduce((total, item) => total + item.minutes, 0);
          assert.ok(free.length === 0 || sum <= minutes, `${sum} of ${minutes}`);
          assert.ok(free.every(({ isNew }) => !isNew) || here.filter(({ isNew }) => isNew).length <= 1);
        }
        const wanted = items.filter(({ by, movedTo }) => choice.serves === 'everything' || by !== null || movedTo !== null);
        assert.deepEqual([...placed, ...left].map(({ id }) => id).toSorted(), wanted.map(({ id }) => id).toSorted());
      }),
    );
  });

  it('covers what a date asks for by that date, or names it; what was moved by hand stays; the same list gives the same plan', () => {
    fc.assert(
      fc.property(someItems(20), anyWeek, (items, choice) => {
        const plan = planWeek(items, choice);
        for (const { id, day, reason } of plan.placed) {
          const { by, due, movedTo } = items.find((item) => item.id === id) ?? item('');
          if (movedTo !== null) assert.deepEqual([day, reason], [movedTo, 'moved']);
          else assert.ok(day >= due && day <= (by ?? day));
        }
        assert.deepEqual(planWeek(items.toReversed(), choice), plan);
      }),
    );
  });

  it('of a few things is the best plan there is', () => {
    fc.assert(
      fc.property(someItems(5), anyWeek, (items, choice) => {
        const wanted = items
          .filter(({ by, movedTo }) => choice.serves === 'everything' || by !== null || movedTo !== null)
          .toSorted((one, other) => one.id.localeCompare(other.id));
        const { placed } = planWeek(items, choice);
        const days = wanted.map(({ id }) => placed.find((item) => item.id === id)?.day ?? null);
        assert.deepEqual(worthOf(wanted, days), best(wanted, choice));
      }),
      { numRuns: 300 },
    );
  });

  it('says why each stands where it stands, hardest first or last, and how many minutes more would make room', () => {
    const items = [
      item('scale', { hard: 1 }),
      item('shift', { hard: 3, by: 0 }),
      item('study', { minutes: 15 }),
      item('air', { movedTo: 1 }),
      item('new one', { isNew: true, hard: 2 }),
      item('new two', { isNew: true, minutes: 30, hard: 2 }),
    ];
    const { placed, left } = planWeek(items, week([30, 30]));
    assert.equal(placed[0]?.id, 'shift');
    assert.equal(placed.find(({ id }) => id === 'shift')?.reason, 'by-date');
    assert.equal(placed.find(({ id }) => id === 'air')?.reason, 'moved');
    assert.deepEqual(left, [{ id: 'new two', minutesMore: 25, instead: null }]);
    assert.equal(
      planWeek(items, week([30, 30], { order: 'hardest-last' }))
        .placed.filter(({ day }) => day === 0)
        .at(-1)?.id,
      'shift',
    );
    assert.deepEqual(
      planWeek(items, week([30, 0], { serves: 'the-date' })).placed.map(({ id }) => id),
      ['shift', 'air'],
    );
  });

  it('of a few things and many days is planned at once', () => {
    const items = Array.from({ length: 8 }, (_, order) => item(`i${order}`));
    assert.equal(planWeek(items, week(Array.from({ length: 365 }, () => 10))).placed.length, 8);
  });

  it('of a year with sixty things is planned at once', () => {
    const items = Array.from({ length: 60 }, (_, order) => item(`i${order}`, { due: (order * 7) % 300, by: order % 3 === 0 ? 350 : null }));
    const { placed } = planWeek(items, week(Array.from({ length: 365 }, (_, day) => (day % 7 === 6 ? 0 : 30))));
    assert.equal(placed.length, 60);
  });
});
