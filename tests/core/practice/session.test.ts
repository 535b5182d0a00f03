import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import {
  capsOf,
  countHeardTry,
  pointAtMiss,
  recordMiss,
  answerSignal,
  type RunItem,
  runItem,
  type SessionRun,
  sessionRun,
  type Signal,
  strictest,
  USUAL_REST,
} from '#core/practice/session';
import { groupsOf, modelOf, PLAIN_ALONG, type PracticeItem, voicesApart } from '#core/practice/item';
import type { LogWhat } from '#core/practice/log';
import { USUAL_SET } from '#core/practice/ladder';
import type { Brief } from '#core/brief';
import { lineBrief, planBest } from '../../support/briefs.ts';

const PRACTISED = { piece: 'p', title: 'Air', part: { part: 'whole' } } as const;

const ITEM: RunItem = {
  fading: null,
  practised: PRACTISED,
  prompts: ['hear', 'names'],
  set: { wanted: 2, counted: 'in-all', runs: 4 },
  ladder: { from: 60, to: 66, step: 6, heldFirst: false, bows: [], rule: 'up-and-down' },
  cap: null,
  restSeconds: 20,
  groups: 1,
  minutes: 5,
};

/** Gives the result of some signals, one after the other, and the entries logged. */
function after(run: SessionRun, signals: readonly Signal[], seconds = 0): { readonly run: SessionRun; readonly log: readonly LogWhat[] } {
  return signals.reduce<{ run: SessionRun; log: readonly LogWhat[] }>(
    (so, signal) => {
      const come = answerSignal(so.run, signal, seconds);
      return { run: come.run, log: [...so.log, ...come.log] };
    },
    { run, log: [] },
  );
}

const BEGUN = after(sessionRun({ aim: 'Calm', endCheck: 'Once more', items: [ITEM, { ...ITEM, prompts: [] }] }), ['on', 'on', 'on']).run;

describe('a session run through', () => {
  it('is prepared step by step, and what is passed over is logged', () => {
    const run = sessionRun({ aim: 'Calm', endCheck: 'Once more', items: [ITEM] });
    assert.deepEqual(after(run, ['on']).run.step, { at: 'prepare', prompt: 0 });
    assert.deepEqual(after(run, ['on', 'on', 'on']).log, []);
    const { run: there, log } = after(run, ['on', 'on', 'other']);
    assert.deepEqual(there.step, { at: 'play', tries: [] });
    assert.deepEqual(log, [{ kind: 'skipped', practised: PRACTISED, prompt: 'names' }]);
  });

  it('counts a try that was heard like one that was answered, with the note and the voice, and only in a set', () => {
    const clean = countHeardTry(BEGUN, null, 0);
    assert.deepEqual(clean, answerSignal(BEGUN, 'on', 0));
    const missed = countHeardTry(BEGUN, { miss: 'flat', note: 3, voice: 'upper' }, 0);
    assert.deepEqual(missed.run.step, { at: 'play', tries: [false] });
    assert.deepEqual(missed.log, [{ kind: 'attempt', practised: PRACTISED, tempo: 60, miss: 'flat', note: 3, voice: 'upper' }]);
    const resting = after(BEGUN, ['on', 'on']).run;
    assert.deepEqual(countHeardTry(resting, null, 0), { run: resting, log: [] });
  });

  it('logs a good try with one signal, a miss with two, at the tempo of its rung', () => {
    const { run, log } = after(BEGUN, ['on', 'other', 'other', 'other', 'on']);
    assert.deepEqual(run.step, { at: 'play', tries: [true, false] });
    const attempt = { kind: 'attempt', practised: PRACTISED, tempo: 60 } as const;
    assert.deepEqual(log, [
      { ...attempt, miss: null },
      { ...attempt, miss: 'sharp' },
    ]);
  });

  it('takes a miss that is said at once, at a note and in a voice of it', () => {
    const at = { note: 7, voice: 'upper' } as const;
    const { log } = recordMiss(pointAtMiss(after(BEGUN, ['other']).run, at), 'late', 0);
    assert.deepEqual(after(pointAtMiss(after(BEGUN, ['other']).run, at), ['on']).log, [
      { kind: 'attempt', practised: PRACTISED, tempo: 60, miss: 'unsaid', ...at },
    ]);
    assert.deepEqual(log, [{ kind: 'attempt', practised: PRACTISED, tempo: 60, miss: 'late', ...at }]);
    assert.deepEqual(recordMiss(after(BEGUN, ['other']).run, 'late', 0).log, [
      { kind: 'attempt', practised: PRACTISED, tempo: 60, miss: 'late' },
    ]);
    assert.deepEqual(recordMiss(pointAtMiss(BEGUN, at), 'late', 0).log, []);
  });

  it('answers nothing beforehand: a miss of which no more is said is logged as that', () => {
    const { run } = after(BEGUN, ['other']);
    assert.deepEqual(run.step, { at: 'miss', tries: [], miss: null, where: { note: null, voice: null } });
    const { log } = after(run, ['on']);
    assert.deepEqual(log, [{ kind: 'attempt', practised: PRACTISED, tempo: 60, miss: 'unsaid' }]);
  });

  it('counts a run that has only misses which do not spoil it', () => {
    const begun = {
      ...BEGUN,
      items: BEGUN.items.map((item) => ({ ...item, set: { ...item.set, spoils: ['flat' as const, 'sharp' as const] } })),
    };
    const noisy = recordMiss(after(begun, ['other']).run, 'noise', 0);
    assert.deepEqual(noisy.run.step, { at: 'play', tries: [true] });
    const sharp = recordMiss(after(noisy.run, ['other']).run, 'sharp', 0);
    assert.equal(sharp.run.step.at === 'play' && sharp.run.step.tries.at(-1), false);
  });

  it('goes up after a clean set and down after a failed one, and rests between', () => {
    const clean = after(BEGUN, ['on', 'on']).run;
    assert.deepEqual([clean.step, clean.ladder.rung], [{ at: 'rest', clean: true, over: false }, 1]);
    const again = after(clean, ['on', 'other', 'on', 'other', 'on', 'other', 'on']).run;
    assert.deepEqual([again.step, again.ladder.rung], [{ at: 'rest', clean: false, over: false }, 0]);
  });

  it('leaves an item at the top of its ladder, when its minutes are over, or at a rest when asked', () => {
    const top = after(BEGUN, ['on', 'on', 'on', 'on', 'on']).run;
    assert.deepEqual(top.step, { at: 'rest', clean: true, over: true });
    assert.equal(after(top, ['on']).run.item, 1);
    assert.deepEqual(after(BEGUN, ['on', 'on'], 301).run.step, { at: 'rest', clean: true, over: true });
    assert.equal(after(BEGUN, ['on', 'on', 'other']).run.item, 1);
  });

  it('goes through the groups of an item on every rung', () => {
    const grouped = after(sessionRun({ aim: '', endCheck: '', items: [{ ...ITEM, prompts: [], groups: 2 }] }), ['on', 'on', 'on']).run;
    assert.deepEqual([grouped.group, grouped.ladder.rung], [1, 0]);
    const whole = after(grouped, ['on', 'on', 'on']).run;
    assert.deepEqual([whole.group, whole.ladder.rung], [0, 1]);
  });

  it('ends the set where it hurts, notes it, and goes on only with something else', () => {
    const { run, log } = after(BEGUN, ['on', 'pain']);
    assert.deepEqual([run.step, log.at(-1)], [{ at: 'pain' }, { kind: 'pain', practised: PRACTISED }]);
    assert.equal(after(run, ['other']).run.item, 1);
    assert.deepEqual(after(run, ['on']).run.step, { at: 'done', reached: null });
    assert.deepEqual(after(run, ['pain']).log, []);
  });

  it('goes on where it was left: the item comes with its preparatory steps, on the rung it had', () => {
    const items = [ITEM, { ...ITEM, ladder: { ...ITEM.ladder } }];
    const left = { item: 1, ladder: { rung: 1, clean: 0 } };
    const { run } = after(sessionRun({ aim: '', endCheck: '', items }, left), ['on']);
    assert.deepEqual([run.item, run.step, run.ladder.rung], [1, { at: 'prepare', prompt: 0 }, 1]);
    assert.equal(sessionRun({ aim: '', endCheck: '', items }, { ...left, item: 7 }).item, 0, 'an item that was taken out meanwhile');
  });

  it('ends with its check', () => {
    const last = after(BEGUN, ['on', 'on', 'other', 'on', 'on', 'other']).run;
    assert.deepEqual(last.step, { at: 'end-check' });
    const { run, log } = after(last, ['on']);
    assert.deepEqual([run.step, log], [{ at: 'done', reached: true }, [{ kind: 'end-check', aim: 'Calm', reached: true }]]);
  });
});

const doubles = (more: Partial<Brief> = {}): Brief => ({
  instrument: { kind: 'violin' },
  material: {
    kind: 'line',
    key: 'C major',
    notes: [
      { pitches: ['D4', 'B4'], duration: '1/4' },
      { pitches: ['E4', 'C5'], duration: '1/4' },
    ],
  },
  ...more,
});

const scale = (kind: 'violin' | 'cello', more: Partial<Brief>): Brief => ({
  instrument: { kind },
  material: { kind: 'scale', type: 'major', tonic: kind === 'violin' ? 'G3' : 'C2', octaves: 2, direction: 'up' },
  ...more,
});

describe('what a plan asks of a session', () => {
  it('caps sets of wide reaches, double stops and the thumb, each with its reason, and nothing else', () => {
    const strains = (brief: Brief) => {
      const plan = planBest(brief);
      return capsOf(plan, { from: 0, to: plan.notes.length - 1 }).map(({ strain }) => strain);
    };
    assert.deepEqual(strains(scale('violin', { limits: { positions: ['1'] } })), []);
    assert.deepEqual(strains(doubles()), ['double-stops']);
    assert.ok(
      strains(
        lineBrief('cello', ['E2', 'F#2', 'G#2'], {
          locks: [
            { note: 0, finger: '1' },
            { note: 2, finger: '4' },
          ],
        }),
      ).includes('wide-reach'),
    );
    assert.ok(
      strains(lineBrief('cello', ['A4', 'B4', 'C5', 'D5'], { player: { school: 'thumb' }, locks: [{ note: 0, finger: 'T' }] })).includes(
        'thumb',
      ),
    );
    assert.deepEqual(strictest([]), { tries: null, restSeconds: USUAL_REST });
  });

  it('prompts the target of a shift, and silent fingers before what strains', () => {
    const item: PracticeItem = {
      practised: PRACTISED,
      minutes: 5,
      ladder: ITEM.ladder,
      set: USUAL_SET,
      along: PLAIN_ALONG,
      grouping: 'all',
    };
    const still = scale('violin', { limits: { positions: ['1'] } });
    assert.deepEqual(runItem(planBest(still), item).prompts, ['hear', 'names']);
    const doubled = doubles();
    assert.deepEqual(runItem(planBest(doubled), item).prompts, ['hear', 'names', 'silent']);
    const moving = scale('violin', {
      material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 3, direction: 'up' },
    });
    assert.deepEqual(runItem(planBest(moving), item).prompts.slice(0, 3), ['hear', 'names', 'target']);
  });

  it('groups notes by cells, tetrachords, octaves and measures, leaving none out', () => {
    const plan = planBest(scale('violin', { limits: { positions: ['1'] } }));
    const all = { from: 0, to: 14 };
    assert.deepEqual(groupsOf(plan, all, 'all'), [all]);
    assert.deepEqual(groupsOf(plan, all, 'octave'), [
      { from: 0, to: 7 },
      { from: 7, to: 14 },
    ]);
    assert.deepEqual(groupsOf(plan, all, 'tetrachord')[1], { from: 3, to: 6 });
    for (const by of ['cell', 'measure', 'two-measures'] as const) {
      const groups = groupsOf(plan, all, by);
      assert.deepEqual(groups.flatMap(({ from, to }) => Array.from({ length: to - from + 1 }, (_, order) => from + order)).length, 15, by);
    }
  });
});

describe('the model', () => {
  const plan = planBest(doubles({ tempo: 60 }));
  const all = { from: 0, to: 1 };

  it('holds notes for their beats and takes notes to a bow as the rung has it', () => {
    const held = modelOf(plan, all, { tempo: 60, beatsPerNote: 4, notesPerBow: null });
    assert.deepEqual(
      held.notes.map(({ at, seconds }) => [at, seconds]),
      [
        [0, 4],
        [4, 4],
      ],
    );
    const slurred = modelOf(plan, all, { tempo: 60, beatsPerNote: null, notesPerBow: 2 });
    assert.deepEqual(
      slurred.notes.map(({ slursOn }) => slursOn),
      [true, false],
    );
  });

  it('sounds the voices of double stops alone and together', () => {
    const model = modelOf(plan, all, { tempo: 60, beatsPerNote: null, notesPerBow: null });
    const apart = voicesApart(model);
    assert.deepEqual(
      apart.notes.map(({ hz }) => hz.length),
      [1, 1, 1, 1, 2, 2],
    );
    assert.equal(apart.notes[0]?.hz[0], model.notes[0]?.hz[0]);
    assert.equal(apart.notes[2]?.hz[0], model.notes[0]?.hz[1]);
    assert.equal(apart.seconds, 3 * model.seconds);
  });

  it('keeps the fingering of the goal: only its tempo differs from rung to rung', () => {
    const slow = modelOf(plan, all, { tempo: 30, beatsPerNote: null, notesPerBow: null });
    const fast = modelOf(plan, all, { tempo: 60, beatsPerNote: null, notesPerBow: null });
    assert.deepEqual(
      slow.notes.map(({ hz }) => hz),
      fast.notes.map(({ hz }) => hz),
    );
    assert.ok(Math.abs(slow.seconds - 2 * fast.seconds) < 1e-9);
  });
});
