import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { isDeepStrictEqual } from 'node:util';
import type { Brief } from '#core/brief';
import type { Ways } from '#core/brief/parts/school';
import { type Habits, habitsAmong, habitsOf, type Leaning, type Leanings, type ReadLine } from '#core/habits';
import { sameFingering } from '#core/hand/placement';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { finish } from '#core/result';
import { planBest } from '../../support/briefs.ts';
import { leaningsOf, linesForTeachers, madeUpTeacher } from '../../support/plans/teachers.ts';

/** The number of made-up teachers for each instrument, and of the lines they choose from. */
const [TEACHERS, LINES] = [50, 60];

/** The number of places that an answer has to change to count, and of lines from which most have to be found. */
const [ENOUGH_PLACES, MANY_LINES] = [5, 40];

/** Counts the places at which lines are fingered differently with an answer and without. */
function placesDecidedBy(lines: readonly ReadLine[], leanings: Leanings, without: Leanings): number {
  return lines.reduce((sum, line) => {
    const [one, other] = [line.under(leanings) ?? [], line.under(without) ?? []];
    const apart = one.flatMap((placement, order) => (sameFingering(placement, other[order]) ? [] : [order]));
    return sum + apart.filter((order, index) => index === 0 || order - (apart[index - 1] ?? 0) > 2).length;
  }, 0);
}

describe('the habits of made-up teachers', () => {
  const pools = INSTRUMENT_KINDS.map((kind) => ({ kind, pool: linesForTeachers(kind, LINES) }));

  it('are claimed rightly in 95 of 100, and most are found from forty lines', () => {
    let [claimed, right, there, found] = [0, 0, 0, 0];
    for (const { kind, pool } of pools) {
      for (let seed = 0; seed < TEACHERS; seed += 1) {
        const { taught, lines } = madeUpTeacher(kind, pool, { seed, lines: 10 + ((seed * 13) % 51), answers: 2 });
        const habits = finish(habitsAmong(kind, lines)).habits.map(({ leaning }) => leaning);
        const isTaught = (leaning: Leaning): boolean => taught.some((own) => isDeepStrictEqual(own, leaning));
        claimed += habits.length;
        right += habits.filter(isTaught).length;
        if (lines.length < MANY_LINES) continue;
        const enough = taught.filter((own) => {
          const others = taught.filter((other) => other !== own);
          return placesDecidedBy(lines, leaningsOf(taught, kind), leaningsOf(others, kind)) >= ENOUGH_PLACES;
        });
        there += enough.length;
        found += enough.filter((own) => habits.some((habit) => isDeepStrictEqual(habit, own))).length;
      }
    }
    assert.ok(claimed > 100 && right >= 0.95 * claimed, `${right} of ${claimed} claimed are right`);
    assert.ok(found >= 0.6 * there, `${found} of ${there} are found`);
  });

  it('are claimed of no more than 5 in 100 who have none', () => {
    let told = 0;
    for (const { kind, pool } of pools) {
      for (let seed = 0; seed < TEACHERS; seed += 1) {
        const { lines } = madeUpTeacher(kind, pool, { seed: 1000 + seed, lines: 10 + ((seed * 13) % 51), answers: 0 });
        if (finish(habitsAmong(kind, lines)).habits.length > 0) told += 1;
      }
    }
    assert.ok(told <= 0.05 * TEACHERS * pools.length, `${told} are told`);
  });
});

describe('the habits in some pieces', () => {
  const scale = (tonic: string): Brief => ({
    instrument: { kind: 'violin' },
    material: { kind: 'scale', type: 'major', tonic, octaves: 2, direction: 'up-down' },
  });

  /** Fingers a brief by some answers, and gives it as a score would. */
  function withFingers(brief: Brief, ways: Ways): Brief {
    const { notes } = planBest({ ...brief, ways });
    const given = notes.flatMap((note, index) => (note.kind === 'note' ? [{ note: index, finger: note.stops[0].finger }] : []));
    return { ...brief, given };
  }

  it('are told with every place, and with the notes they explain in pieces they were not found in', () => {
    const lines = ['A3', 'Bb3', 'B3', 'C4', 'G3', 'Ab3', 'D4', 'Eb4', 'E4', 'F4', 'F#4', 'G4'].map((tonic) => ({
      id: tonic,
      brief: withFingers(scale(tonic), { openUp: 'fourth' }),
    }));
    const { habits, notes }: Habits = finish(habitsOf('violin', lines));
    assert.deepEqual(
      habits.map(({ leaning }) => leaning),
      [{ question: 'openUp', side: 'fourth' }],
    );
    assert.ok(habits[0]?.places.every(({ line, from, to }) => lines.some(({ id }) => id === line) && from <= to));
    assert.ok(notes.learnt > notes.usual && notes.learnt <= notes.given);
  });

  it('are none where nothing is fingered, and where there are too few places to say', () => {
    assert.equal(finish(habitsOf('violin', [{ id: 'bare', brief: scale('A3') }])).lines, 0);
    const one = finish(habitsOf('violin', [{ id: 'one', brief: withFingers(scale('A3'), { openUp: 'fourth' }) }]));
    assert.deepEqual([one.lines, one.habits], [1, []]);
  });
});
