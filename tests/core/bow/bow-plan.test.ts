import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief, Mark } from '#core/brief';
import { bowPlan, type BowPlan } from '#core/bow';
import { plan } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import type { LockedBow } from '#core/rhythm';
import { type Picker, pickerOf } from '../../../scripts/results/picker.ts';
import { lineBrief, planBest } from '../../support/briefs.ts';

const SCALE: Brief = {
  instrument: { kind: 'violin' },
  material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up-down' },
  rhythm: { noteValue: '1/8', meter: '4/4', notesPerBow: 4 },
};

function bowPlanOf(brief: Brief): BowPlan {
  return bowPlan(planBest(brief));
}

/** Writes the direction and the notes of each bow: "d4 u4 d1". */
function rowOf({ bows }: BowPlan): string {
  return bows.map(({ direction, notes }) => `${direction.slice(0, 1)}${notes}`).join(' ');
}

describe('the bows of a line', () => {
  it('are counted, with what is left over: 29 notes at four to a bow leave one', () => {
    const { count, ...plan } = bowPlanOf(SCALE);
    assert.deepEqual(count, { notes: 29, asked: [4], leftOver: 1 });
    assert.equal(rowOf({ count, ...plan }), 'd4 u4 d4 u4 d4 u4 d4 u1');
    assert.equal(bowPlanOf({ ...SCALE, rhythm: { ...SCALE.rhythm, bows: [2, 1, 1] } }).count.leftOver, 1);
    assert.equal(bowPlanOf({ ...SCALE, rhythm: { ...SCALE.rhythm, notesPerBow: 1 } }).count.leftOver, 0);
  });

  it('go down on the first beat: an odd number of bows before it begins up', () => {
    const pickUp = (length: string, notesPerBow: number): string =>
      rowOf(bowPlanOf({ ...SCALE, rhythm: { noteValue: '1/8', notesPerBow, pickUp: length } })).slice(0, 8);
    assert.equal(pickUp('1/8', 1), 'u1 d1 u1');
    assert.equal(pickUp('1/4', 1), 'd1 u1 d1');
    assert.equal(pickUp('1/4', 2), 'u2 d2 u2');
  });

  it('end before a rest, begin again at a bow sign, and take small notes with their note', () => {
    const notes: Extract<Brief['material'], { kind: 'line' }>['notes'] = [
      { pitches: ['D4'], duration: '1/4', slur: true },
      { pitches: ['E4'], duration: '1/4' },
      { rest: true, duration: '1/4' },
      { pitches: ['F#4'], duration: '1/8', grace: true },
      { pitches: ['G4'], duration: '1/4', slur: true },
      { pitches: ['A4'], duration: '1/4', slur: true },
      { pitches: ['B4'], duration: '1/4' },
    ];
    const brief: Brief = { instrument: { kind: 'violin' }, material: { kind: 'line', key: 'D major', notes } };
    assert.equal(rowOf(bowPlanOf(brief)), 'd2 u3');
    const signed = bowPlanOf({ ...brief, marks: [{ note: 5, bow: 'up' }] });
    assert.equal(rowOf(signed), 'd2 u1 u2');
    assert.deepEqual(
      signed.bows.map(({ again, afterRest }) => [again, afterRest]),
      [
        [false, true],
        [false, true],
        [true, false],
      ],
    );
  });

  it('equal a plain enumeration in 500 seeded lines: count, remainder, and the direction at every shift and crossing', () => {
    let moments = 0;
    for (let seed = 1; seed <= 500; seed += 1) {
      const brief = seededLine(pickerOf(seed * 104_729));
      const outcome = plan(brief);
      if (!outcome.ok) continue;
      const found = bowPlan(outcome.value.best);
      const expected = enumerate(outcome.value.best);
      assert.equal(found.bows.length, expected.bows, `seed ${seed}`);
      assert.equal(found.count.leftOver, expected.leftOver, `seed ${seed}`);
      const places = found.moments.map(({ note, direction, changes }) => `${note} ${direction} ${changes ? 'new' : 'inside'}`);
      assert.deepEqual(places, expected.moments, `seed ${seed}`);
      moments += places.length;
    }
    assert.ok(moments > 1000, `${moments} moments compared`);
  });
});

describe('where the bow is', () => {
  /** Writes where each bow begins and ends: "0.00 1.00". */
  const bowsOf = (brief: Brief): readonly string[] =>
    bowPlanOf(brief).bows.map(({ starts, ends }) => `${starts.toFixed(2)} ${ends.toFixed(2)}`);
  const six = (bows: readonly number[], tempo: number | null = null): Brief =>
    lineBrief('violin', ['D4', 'E4', 'F4', 'G4', 'A4', 'B4'], { rhythm: { bows: [...bows] }, ...(tempo === null ? {} : { tempo }) });

  it('the longest takes the whole bow, shorter ones their share', () => {
    assert.deepEqual(bowsOf(six([2, 1, 1])), ['0.00 1.00', '1.00 0.50', '0.50 1.00', '1.00 0.00']);
  });

  it('a short bow before a long one goes as far as that needs, faster', () => {
    const { bows } = bowPlanOf(six([1, 2]));
    assert.deepEqual(
      bows.map(({ starts, ends, pace }) => [starts, ends, pace]),
      [
        [0, 1, 2],
        [1, 0, 1],
        [0, 1, 2],
        [1, 0, 1],
      ],
    );
  });

  it('quick separate notes stay around the middle', () => {
    assert.deepEqual(bowsOf(six([1], 400)).slice(0, 2), ['0.38 0.63', '0.63 0.38']);
  });

  it('is told at every shift and crossing, with the direction', () => {
    const { moments } = bowPlanOf(six([4]));
    assert.deepEqual(moments, [{ note: 4, shift: false, crossing: true, direction: 'up', changes: true, part: 'tip' }]);
  });
});

/**
 * Makes a line of fourteen notes with rests, bow signs, locked bows and one of several bowings, over which a first hand stays or shifts.
 */
function seededLine(pick: Picker): Brief {
  const pitches = ['G3', 'B3', 'D4', 'E4', 'G4', 'B4', 'D5', 'F#5', 'A5', 'C6', 'E6'];
  let at = pick.whole(0, 8);
  const notes = Array.from({ length: 14 }, (_, index) => {
    at = Math.max(0, Math.min(pitches.length - 1, at + pick.one([-2, -1, 1, 1, 2])));
    if (index > 0 && index < 13 && pick.chance(0.1)) return { rest: true as const, duration: '1/8' };
    return { pitches: [pitches[at] ?? 'G3'], duration: '1/8', ...(pick.chance(0.4) ? { slur: true } : {}) };
  });
  const sounding = notes.flatMap((note, index) => ('rest' in note ? [] : [index]));
  const marks = sounding.flatMap((note): readonly Mark[] => (pick.chance(0.1) ? [{ note, bow: pick.one(['down', 'up']) }] : []));
  const lockedBows: LockedBow[] = [];
  for (let from = pick.whole(0, 13); pick.chance(0.5) && from < 13; from += pick.whole(2, 6)) {
    const to = Math.min(13, from + pick.whole(0, 1));
    if (sounding.includes(from) && sounding.includes(to) && from > (lockedBows.at(-1)?.to ?? -1)) lockedBows.push({ from, to });
  }
  return {
    instrument: { kind: 'violin' },
    material: { kind: 'line', key: 'G major', notes: notes.map((note, index) => withoutLooseSlur(note, notes[index + 1])) },
    rhythm: {
      meter: '4/4',
      ...(pick.chance(0.7) ? { bows: pick.one<number[]>([[1], [2], [3], [4], [2, 1, 1], [1, 3], [3, 2]]) } : {}),
      ...(lockedBows.length > 0 ? { lockedBows } : {}),
      ...(pick.chance(0.3) ? { pickUp: pick.one(['1/8', '1/4', '3/8']) } : {}),
    },
    ...(marks.length > 0 ? { marks: [...marks] } : {}),
  };
}

type Document = Extract<Brief['material'], { kind: 'line' }>['notes'][number];

function withoutLooseSlur(note: Document, next: Document | undefined): Document {
  if ('rest' in note || (next !== undefined && !('rest' in next))) return note;
  return { pitches: note.pitches, duration: note.duration };
}

/**
 * Counts the same by hand: every note gets the number of its bow, run by run; signs begin a new one; directions are counted from the last
 * sign.
 */
function enumerate({ brief, notes, shifts }: Plan): {
  readonly bows: number;
  readonly leftOver: number;
  readonly moments: readonly string[];
} {
  const { material, rhythm = {}, marks = [] } = brief;
  assert.ok(material.kind === 'line');
  const elements = material.notes;
  const lockOf = (index: number): number => (rhythm.lockedBows ?? []).findIndex(({ from, to }) => index >= from && index <= to);
  const runs = runsOf(elements, lockOf);
  const lead = new Map<number, boolean>();
  for (const run of runs) {
    const numbers = rhythm.bows
      ? Array.from({ length: 20 }, () => rhythm.bows ?? [])
          .flat()
          .flatMap((size, bow) => Array<number>(size).fill(bow))
      : null;
    run.forEach((index, order) => {
      const goesOn = numbers ? numbers[order] === numbers[order + 1] : isSlurred(elements[index]);
      lead.set(index, order + 1 < run.length && (lockOf(index) >= 0 || goesOn));
    });
  }
  const signs = new Map(marks.map(({ note, bow }) => [note, bow]));
  const begins = elements.flatMap((note, index) => ('rest' in note || (lead.get(index - 1) === true && !signs.has(index)) ? [] : [index]));
  let way = firstWay(begins, rhythm.pickUp ?? '');
  const ways = begins.map((index, order) => {
    way = signs.get(index) ?? (order === 0 ? way : way === 'down' ? 'up' : 'down');
    return way;
  });
  const strings = notes.map((note) => (note.kind === 'note' ? note.stops.map(({ string }) => string).join() : 'rest'));
  const moments = strings.flatMap((string, index) => {
    const crossed = index > 0 && string !== 'rest' && strings[index - 1] !== 'rest' && strings[index - 1] !== string;
    if (!crossed && !shifts.some(({ to }) => to === index)) return [];
    const bow = begins.findLastIndex((begin) => begin <= index);
    return [`${index} ${ways[bow]} ${begins[bow] === index ? 'new' : 'inside'}`];
  });
  const lastRun = runs.at(-1) ?? [];
  const round = (rhythm.bows ?? []).reduce((sum, size) => sum + size, 0);
  const endsLocked = lockOf(elements.length - 1) >= 0;
  return { bows: begins.length, leftOver: rhythm.bows && !endsLocked ? lastRun.length % round : 0, moments };
}

/**
 * Gives the first direction: bows that begin before the first bar line are counted back from the one that begins on it, which goes down;
 * all are eighths.
 */
function firstWay(begins: readonly number[], pickUp: string): 'down' | 'up' {
  const before: number = { '1/8': 1, '1/4': 2, '3/8': 3 }[pickUp] ?? 0;
  return begins.includes(before) && begins.indexOf(before) % 2 === 1 ? 'up' : 'down';
}

/** Finds notes that follow each other without a rest, and without one of them in another locked bow. */
function runsOf(elements: readonly Document[], lockOf: (index: number) => number): readonly (readonly number[])[] {
  const runs: number[][] = [];
  for (const [index, note] of elements.entries()) {
    if ('rest' in note) continue;
    const last = runs.at(-1);
    const together = last?.at(-1) === index - 1 && lockOf(index) === lockOf(index - 1);
    if (last && together) last.push(index);
    else runs.push([index]);
  }
  return runs;
}

function isSlurred(note: Document | undefined): boolean {
  return note !== undefined && !('rest' in note) && note.slur === true;
}
