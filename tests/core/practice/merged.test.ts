import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { entriesOfTeacher, inOrder, lastLesson, type LogEntry, mergedEntries, setIn } from '#core/practice/log';

const remark = (id: string, at: number, text = id): LogEntry => ({ id, at, kind: 'remark', text });

/** Makes an entry that was written after one whose moment the clock has not come to yet. */
const after = (entry: LogEntry, order: number): LogEntry => ({ ...entry, order });

/** Makes copies of one log in different browsers: each one's own entries, and the exchanges in their order. */
const anyExchange = fc.record({
  noted: fc.array(fc.array(fc.record({ at: fc.integer({ min: 0, max: 30 }), later: fc.constantFrom(0, 0, 5, 40) }), { maxLength: 8 }), {
    minLength: 2,
    maxLength: 4,
  }),
  sent: fc.array(fc.tuple(fc.nat(3), fc.nat(3)), { maxLength: 12 }),
  order: fc.infiniteStream(fc.nat()),
});

describe('copies of a log', () => {
  it('that are exchanged in any order, any number of times, end in the same record', () => {
    fc.assert(
      fc.property(anyExchange, ({ noted, sent, order }) => {
        const copies = noted.map((times, browser) =>
          times.map(({ at, later }, number) => {
            const entry = remark(`${browser}-${number}`, at);
            return later === 0 ? entry : after(entry, at + later);
          }),
        );
        const all = copies.flat();
        for (const [from, to] of sent) {
          const [one, other] = [copies[from % copies.length] ?? [], to % copies.length];
          copies[other] = [...mergedEntries(copies[other] ?? [], one)];
        }
        // In the end everybody gets everybody's copy, some of them twice, each in an order of its own.
        const sorted = copies.map((copy) => {
          const others = [...copies, ...copies].map((copy) => ({ copy, key: order.next().value ?? 0 }));
          return others
            .toSorted((one, other) => one.key - other.key)
            .reduce((sum, other) => mergedEntries(sum, other.copy), copy as readonly LogEntry[]);
        });
        for (const copy of sorted) assert.deepEqual(copy, sorted[0]);
        assert.deepEqual(new Set(sorted[0]?.map(({ id }) => id)), new Set(all.map(({ id }) => id)));
      }),
      { numRuns: 1000 },
    );
  });

  it('never change what is here: another entry under the same number is left out', () => {
    const here = [remark('a', 5, 'as it was said')];
    assert.deepEqual(
      mergedEntries(here, [remark('a', 5, 'as it was not'), remark('b', 2)]).map((entry) => entry.kind === 'remark' && entry.text),
      ['b', 'as it was said'],
    );
  });
});

describe('the order of a log', () => {
  it('is that in which entries were written, also where the clock was put back between them', () => {
    const entries: readonly LogEntry[] = [
      { id: 'b', at: 10, order: 51, kind: 'aim', text: 'set last' },
      { id: 'a', at: 50, kind: 'aim', text: 'set first' },
      { id: 'c', at: 20, order: 52, kind: 'tolerance', cents: 20 },
      { id: 'd', at: 60, kind: 'remark', text: 'the clock is past it again' },
    ];
    assert.deepEqual(
      inOrder(entries).map(({ id }) => id),
      ['a', 'b', 'c', 'd'],
    );
    assert.equal(setIn(entries).aim, 'set last');
    assert.deepEqual([setIn(entries).tolerance?.cents, setIn(entries).tolerance?.since], [20, 20]);
  });
});

describe('what a teacher has set', () => {
  const at = (day: number): number => Date.UTC(2026, 2, day, 12);
  const dayOf = ({ at: moment }: LogEntry): string => new Date(moment).toISOString().slice(0, 10);
  const entries: readonly LogEntry[] = [
    { id: 'aim', at: at(2), kind: 'aim', text: 'Calm fingers' },
    remark('said', at(3)),
    { id: 'wide', at: at(4), kind: 'tolerance', cents: 30 },
    { id: 'back', at: at(5), kind: 'correction', of: 'wide' },
    { id: 'other', at: at(5), kind: 'correction', of: 'said' },
    { id: 'today', at: at(9), kind: 'aim', text: 'An even tempo' },
  ];

  it('goes to the pupil with what took it back, and nothing else of the log', () => {
    assert.deepEqual(
      entriesOfTeacher(entries).map(({ id }) => id),
      ['aim', 'wide', 'back', 'today'],
    );
  });

  it('tells the day of the last lesson, before today', () => {
    assert.equal(lastLesson(entries, '2026-03-09', dayOf), '2026-03-02');
    assert.equal(lastLesson(entries, '2026-03-02', dayOf), null);
  });
});
