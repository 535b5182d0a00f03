import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { AT_THE_FOOT, ladderTo } from '#core/practice/ladder';
import { fadeAfter, type FadingCourse, HELPS, usualCourse } from '#core/practice/fading';
import { answerSignal, type RunItem, sessionRun } from '#core/practice/session';

const COURSE: FadingCourse = { helps: ['path', 'numbers', 'staff'], clean: 2, failed: 2 };

/** Gives the state after sets: "c" for a clean one, "x" for a failed one. */
function after(sets: string, course: FadingCourse = COURSE): string {
  const { shown, byHeart } = fadeAfter({ course, sets: [...sets].map((set) => set === 'c') });
  return `${shown.join(' ')}${byHeart ? 'by heart' : ''}`;
}

describe('a course of fading help', () => {
  it('drops one help after so many clean sets in a row, down to a blank page, where it is known by heart', () => {
    assert.deepEqual(
      ['', 'c', 'cc', 'cccc', 'cccccc', 'ccccccc', 'cccccccc'].map((sets) => after(sets)),
      ['path numbers staff', 'path numbers staff', 'numbers staff', 'staff', '', '', 'by heart'],
    );
  });

  it('starts its count again after a failed set, and gives a help back after so many', () => {
    assert.equal(after('cxc'), 'path numbers staff');
    assert.equal(after('ccx'), 'numbers staff');
    assert.equal(after('ccxx'), 'path numbers staff');
    assert.equal(after('ccccccccxx'), 'staff', 'what was known by heart is learnt again');
    assert.equal(after('xxxxxx'), 'path numbers staff');
  });

  it('is a plain walk up and down the helps, whatever happens', () => {
    fc.assert(
      fc.property(
        fc.array(fc.boolean(), { maxLength: 60 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 1, max: 4 }),
        (sets, clean, failed) => {
          const course = { ...COURSE, clean, failed };
          const shareShown = (count: number): number => fadeAfter({ course, sets: sets.slice(0, count) }).shown.length;
          for (let count = 1; count <= sets.length; count += 1) {
            const step = shareShown(count) - shareShown(count - 1);
            assert.ok(Math.abs(step) <= 1);
            if (step < 0) assert.ok(sets.slice(count - clean, count).every(Boolean));
            if (step > 0) assert.ok(sets.slice(count - failed, count).every((set) => !set));
          }
        },
      ),
    );
  });

  it('takes from the school what stands with the notes', () => {
    const has = (labels: 'numbers' | 'names' | 'both' | 'neither'): string =>
      ['numbers', 'names'].filter((help) => usualCourse(labels).helps.some((known) => known === help)).join(' ');
    assert.deepEqual([has('numbers'), has('names'), has('both'), has('neither')], ['numbers', 'names', 'numbers names', '']);
    assert.equal(new Set(usualCourse('both').helps).size, HELPS.length);
  });

  it('a pupil who knows the line reaches the blank page and one who leans on the numbers gets them back', () => {
    const knows = (): boolean => true;
    const leans = (shown: readonly string[]): boolean => shown.includes('numbers');
    const walk = (isClean: (shown: readonly string[]) => boolean): readonly number[] => {
      const sets: boolean[] = [];
      const seen: number[] = [];
      for (let count = 0; count < 30; count += 1) {
        const { shown } = fadeAfter({ course: COURSE, sets });
        seen.push(shown.length);
        sets.push(isClean(shown));
      }
      return seen;
    };
    assert.equal(walk(knows).at(-1), 0);
    assert.ok(
      walk(leans).every((shown) => shown >= 1),
      'the blank page is never reached',
    );
    assert.ok(walk(leans).slice(-6).includes(2), 'the numbers are there again');
  });
});

describe('a session in which help fades', () => {
  const item: RunItem = {
    practised: { piece: 'p', title: 'Air', part: { part: 'whole' } },
    prompts: [],
    set: { wanted: 2, counted: 'in-all' },
    ladder: ladderTo(60),
    cap: null,
    restSeconds: 1,
    groups: 1,
    minutes: 10,
    fading: { course: COURSE, sets: [true] },
  };

  it('logs each set with what was shown, and shows less after it', () => {
    const run = sessionRun({ aim: '', endCheck: '', items: [item] }, { item: 0, ladder: AT_THE_FOOT });
    const playing = answerSignal(run, 'on', 0).run;
    const first = answerSignal(playing, 'on', 1);
    assert.deepEqual(
      first.log.map(({ kind }) => kind),
      ['attempt'],
    );
    const over = answerSignal(first.run, 'on', 2);
    assert.deepEqual(over.log.at(-1), { kind: 'set', practised: item.practised, clean: true, shown: ['path', 'numbers', 'staff'] });
    const fading = over.run.items[0]?.fading;
    assert.deepEqual(fading && fadeAfter(fading).shown, ['numbers', 'staff']);
  });
});
