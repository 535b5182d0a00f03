import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { dayNumber, dayOfNumber, weekdayOf } from '#core/calendar';
import { ladderTo, USUAL_SET } from '#core/practice/ladder';
import type { LogEntry } from '#core/practice/log';
import { PLAIN_ALONG, practisedKey, type PracticePart } from '#core/practice/item';
import {
  comesBack,
  FIRST_WEEK,
  gradeOf,
  type KnownOfItems,
  planDays,
  type ItemStanding,
  standingsOf,
  unseenHardness,
  type WeekAsked,
  type WeekItem,
} from '#core/week';

/** A Monday. */
const TODAY = '2026-03-09';

const item = (piece: string, more: Partial<WeekItem> & { readonly minutes?: number } = {}): WeekItem => {
  const { minutes = 10, ...others } = more;
  const practised = { piece, title: piece, part: { part: 'whole' as const } };
  const whole = { practised, minutes, ladder: ladderTo(72), set: USUAL_SET, along: PLAIN_ALONG, grouping: 'all' as const };
  return { item: whole, asked: false, movedTo: null, ...others };
};

const askWeek = (items: readonly WeekItem[], more: Partial<WeekAsked> = {}): WeekAsked => ({ ...FIRST_WEEK, items: [...items], ...more });

/** The facts where nothing was ever practised, and nothing looks hard. */
const easy = (items: readonly WeekItem[]): KnownOfItems => {
  return { standing: new Map(), unseen: new Map(items.map((item) => [practisedKey(item.item.practised), 0])) };
};

/** Makes a number of tries of a piece on a day (a number), of which some were good. */
const tries = (piece: string, day: number, good: number, all: number): readonly LogEntry[] =>
  Array.from({ length: all }, (_, order) => ({
    id: `${piece} ${day} ${order}`,
    at: (day * 24 + 17) * 3_600_000 + order * 1000,
    kind: 'attempt',
    practised: { piece, title: piece, part: { part: 'whole' } },
    tempo: 72,
    miss: order < good ? null : 'flat',
  }));

const dayOf = ({ at }: LogEntry): string => dayOfNumber(Math.floor(at / 86_400_000));

/** Finds the standing with one thing. */
function standingOf(entries: readonly LogEntry[], practised: { readonly piece: string; readonly part: PracticePart }): ItemStanding {
  const standing = standingsOf(entries, [practised], dayOf).get(practisedKey(practised));
  assert.ok(standing);
  return standing;
}

const first = dayNumber(TODAY);

const anyDay = fc.integer({ min: -2, max: 20 }).map((day) => dayOfNumber(first + day));

const anyAsked = fc
  .record({
    minutes: fc.array(fc.integer({ min: 0, max: 40 }), { minLength: 7, maxLength: 7 }),
    daysOff: fc.array(anyDay, { maxLength: 4 }),
    goal: fc.option(anyDay.map((day) => ({ name: 'Audition', day }))),
    order: fc.constantFrom('hardest-first' as const, 'hardest-last' as const),
    serves: fc.constantFrom('everything' as const, 'the-date' as const),
    items: fc.array(fc.record({ minutes: fc.integer({ min: 1, max: 25 }), asked: fc.boolean(), movedTo: fc.option(anyDay, { freq: 5 }) }), {
      maxLength: 9,
    }),
  })
  .map(({ items, ...others }): WeekAsked => ({ ...others, items: items.map((value, order) => item(`p${order}`, value)) }));

const anyKnown = fc.array(
  fc.record({ days: fc.array(fc.integer({ min: 0, max: 3 }), { maxLength: 3 }), hard: fc.integer({ min: 0, max: 3 }) }),
  {
    minLength: 9,
    maxLength: 9,
  },
);

function knowledgeFrom(some: readonly { readonly days: readonly number[]; readonly hard: number }[]): KnownOfItems {
  const entries = some.flatMap(({ days }, order) => days.flatMap((good, at) => tries(`p${order}`, first - 6 + at * 2, good, 3)));
  const practised = some.map((_, order) => ({ piece: `p${order}`, part: { part: 'whole' as const } }));
  return {
    standing: standingsOf(entries, practised, dayOf),
    unseen: new Map(practised.map((item, order) => [practisedKey(item), some[order]?.hard ?? 0])),
  };
}

describe('days as they are planned', () => {
  it('never hold more than their minutes, nor anything on a day off, but for what was moved there by hand', () => {
    fc.assert(
      fc.property(anyAsked, anyKnown, (week, known) => {
        const { days } = planDays(week, knowledgeFrom(known), TODAY);
        for (const day of days) {
          const free = day.items.filter(({ reason }) => reason !== 'moved');
          assert.ok(free.length === 0 || day.taken <= day.minutes, `${day.day}: ${day.taken} of ${day.minutes}`);
          if (week.daysOff.includes(day.day)) assert.deepEqual(free, []);
          assert.equal(new Set(day.items.map(({ key }) => key)).size, day.items.length, 'nothing twice on a day');
        }
      }),
    );
  });

  it('cover what the date asks for before the date, or name it; what was moved by hand stays; the same is planned again', () => {
    fc.assert(
      fc.property(anyAsked, anyKnown, (week, known) => {
        const planned = planDays(week, knowledgeFrom(known), TODAY);
        const { days, left, later } = planned;
        const dayFor = (key: string): string | undefined => days.find(({ items }) => items.some((item) => item.key === key))?.day;
        for (const item of week.items) {
          const key = practisedKey(item.item.practised);
          const isNamed = [...left.map(({ id }) => id), ...later.map((one) => one.key)].includes(key);
          const isMoved = item.movedTo !== null && item.movedTo >= TODAY;
          if (isMoved && dayFor(key) !== undefined) {
            assert.ok(
              days.some(({ day, items }) => day === item.movedTo && items.some((one) => one.key === key && one.reason === 'moved')),
            );
          } else if (item.asked && week.goal && week.goal.day > TODAY) {
            assert.ok(isNamed !== (dayFor(key) !== undefined), key);
            assert.ok(isNamed || (dayFor(key) ?? '') < week.goal.day, key);
          }
        }
        assert.deepEqual(planDays({ ...week, items: week.items.toReversed() }, knowledgeFrom(known), TODAY), planned);
      }),
    );
  });

  it('bring back what was placed at widening intervals', () => {
    const items = [item('scale')];
    const { days } = planDays(askWeek(items, { goal: { name: 'Audition', day: '2026-06-30' } }), easy(items), TODAY);
    const on = days.flatMap(({ items: here }, day) => (here.length > 0 ? [day] : []));
    const gaps = on.slice(1).map((day, order) => day - (on[order] ?? 0));
    assert.ok(on.length >= 4, on.join());
    assert.ok(
      gaps.every((gap, order) => order === 0 || gap >= (gaps[order - 1] ?? 0)),
      gaps.join(),
    );
    assert.deepEqual(days.flatMap(({ items: here }) => here.map(({ reason }) => reason)).slice(0, 2), ['due', 'again']);
  });

  it('bring back within two days what has not reached its tempo, however well it went', () => {
    const often = Array.from({ length: 8 }, (_, order) => tries('air', first - 16 + order * 2, 5, 5)).flat();
    const dueFor = (tempo: number): string | undefined => {
      const slow = item('air');
      const items = [{ ...slow, item: { ...slow.item, ladder: ladderTo(tempo) } }];
      const standing = new Map([['air', standingOf(often, slow.item.practised)]]);
      const { days, later } = planDays(askWeek(items), { standing, unseen: new Map() }, TODAY);
      return days.find(({ items: here }) => here.length > 0)?.day ?? later[0]?.day;
    };
    assert.equal(dueFor(100), TODAY);
    assert.ok((dueFor(72) ?? '') > dayOfNumber(first + 7), dueFor(72));
  });

  it('keep one hard new thing a day, and put the hardest first or last', () => {
    const items = [item('one'), item('two'), item('old')];
    const known: KnownOfItems = {
      standing: new Map([['old', standingOf(tries('old', first - 1, 2, 2), item('old').item.practised)]]),
      unseen: new Map([
        ['one', 3],
        ['two', 3],
      ]),
    };
    const { days } = planDays(askWeek(items, { order: 'hardest-first' }), known, TODAY);
    assert.deepEqual(
      days.slice(0, 2).map(({ items: here }) => here.filter(({ isNew }) => isNew).map(({ key }) => key)),
      [['one'], ['two']],
    );
    assert.equal(days[0]?.items[0]?.key, 'one');
    assert.equal(planDays(askWeek(items, { order: 'hardest-last' }), known, TODAY).days[0]?.items.at(-1)?.key, 'one');
  });

  it('are in the order of the music unless something else is wished: a piece’s passages as they come, and then all of it', () => {
    const of = (piece: string, part: PracticePart): WeekItem => {
      const { item: whole, ...others } = item(piece);
      return { ...others, item: { ...whole, practised: { ...whole.practised, part } } };
    };
    const items = [
      of('air', { part: 'whole' }),
      of('march', { part: 'passage', from: 9, to: 12 }),
      of('air', { part: 'passage', from: 8, to: 9 }),
      of('march', { part: 'passage', from: 2, to: 5 }),
      of('air', { part: 'stage', note: 4, stage: 'slide' }),
    ];
    const { days } = planDays(askWeek(items, { minutes: Array<number>(7).fill(60) }), { standing: new Map(), unseen: new Map() }, TODAY);
    assert.deepEqual(
      days[0]?.items.map(({ key }) => key),
      ['air 4 slide', 'air 8-9', 'air', 'march 2-5', 'march 9-12'],
    );
  });

  it('say what does not fit, how many minutes more or what instead, and what comes later', () => {
    const items = [item('long', { minutes: 30, asked: true }), item('short', { minutes: 10 }), item('kept')];
    const standing = new Map([
      ['kept', standingOf([...tries('kept', first - 9, 5, 5), ...tries('kept', first - 1, 5, 5)], item('kept').item.practised)],
    ]);
    const week = askWeek(items, { minutes: [20, 0, 0, 0, 0, 0, 0], goal: { name: 'Lesson', day: '2026-03-11' } });
    const { left, later } = planDays(week, { ...easy(items), standing }, TODAY);
    assert.deepEqual(left, [{ id: 'long', minutesMore: 20, instead: null }]);
    assert.deepEqual(
      later.map(({ key }) => key),
      ['kept'],
    );
    const crowded = planDays(
      askWeek([item('a', { minutes: 20, asked: true }), item('b', { minutes: 20 })], { minutes: [20, 0, 0, 0, 0, 0, 0] }),
      easy([]),
      TODAY,
    );
    assert.deepEqual(
      crowded.left.map(({ instead }) => instead),
      ['a'],
    );
  });

  it('of a year with sixty things are planned at once', () => {
    const items = Array.from({ length: 60 }, (_, order) => item(`p${order}`, { asked: order % 3 === 0 }));
    const { days, left } = planDays(askWeek(items, { goal: { name: 'Audition', day: '2027-03-01' } }), easy(items), TODAY);
    assert.ok(days.length > 350);
    assert.deepEqual(left, []);
  });
});

describe('how a player stands with something', () => {
  it('is graded by the share of good tries of each day, and comes back the sooner the worse it went', () => {
    assert.deepEqual([gradeOf(4, 5), gradeOf(3, 5), gradeOf(2, 5), gradeOf(0, 0)], ['good', 'hard', 'forgotten', 'forgotten']);
    const after = (good: number): number => {
      const entries = [...tries('air', first - 4, 5, 5), ...tries('air', first - 2, 5, 5), ...tries('air', first, good, 5)];
      return comesBack(standingOf(entries, { piece: 'air', part: { part: 'whole' } }).sittings, true) ?? 0;
    };
    assert.equal(after(0), first + 1);
    assert.ok(after(3) >= after(0) && after(5) > after(3), `${after(0)} ${after(3)} ${after(5)}`);
    assert.equal(comesBack([], true), null);
  });

  it('tells that it hurt, until it was practised again without', () => {
    const practised = { piece: 'air', title: 'air', part: { part: 'whole' as const } };
    const pain: LogEntry = { id: 'pain', at: (first * 24 + 18) * 3_600_000, kind: 'pain', practised };
    assert.equal(standingOf([...tries('air', first, 1, 2), pain], practised).hurt, true);
    assert.equal(standingOf([...tries('air', first, 1, 2), pain, ...tries('air', first + 2, 2, 2)], practised).hurt, false);
  });

  it('before it was tried is judged by its hot spots', () => {
    const spots = [{ note: 3 }, { note: 5 }, { note: 20 }];
    assert.equal(unseenHardness(spots, { from: 0, to: 7 }), 2);
    assert.equal(unseenHardness(spots, { from: 8, to: 31 }), 0);
    assert.equal(unseenHardness([], { from: 0, to: 0 }), 0);
  });
});

describe('days', () => {
  it('have numbers, and a weekday', () => {
    assert.equal(dayOfNumber(dayNumber('2024-02-29') + 1), '2024-03-01');
    assert.deepEqual(
      ['2026-03-09', '2026-03-15', '1969-12-28'].map((day) => weekdayOf(dayNumber(day))),
      [0, 6, 6],
    );
  });
});
