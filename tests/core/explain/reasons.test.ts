import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { withLock } from '#core/brief/locks';
import { bestFingerings, plan } from '#core/plan';
import { reasonHow } from '../../../src/words/explain/reasons.ts';
import { type ToldReason, toldReasons as reasons, toldWhyNot as whyNot } from '../../support/plans/asked.ts';
import { fingering, lineBrief, planBest } from '../../support/briefs.ts';
import { briefOfCase, casesOf } from '../../support/reference/reference-case.ts';

const threeOctaves: Brief = {
  instrument: { kind: 'violin' },
  material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 3, direction: 'up-down' },
};

describe('every shift', () => {
  it('of the reference cases has a reason, and none would be cheaper left out', () => {
    for (const referenceCase of [...casesOf('cases.json'), ...casesOf('own-cases.json')].filter(
      (one) => one.constraints.shifts === undefined,
    )) {
      const brief = briefOfCase(referenceCase);
      const found = reasons(brief).filter((reason) => reason.about === 'shift');
      const { shifts } = planBest(brief);
      assert.equal(found.length, shifts.length, referenceCase.id);
      for (const reason of found) {
        assert.ok(
          reason.evidence === null || reason.evidence.kind === 'needed' || (reason.deltaThousandths ?? -1) >= 0,
          `${referenceCase.id}: ${reason.sentence}`,
        );
      }
    }
  });

  it('says what staying would cost, or that the note cannot be reached from there', () => {
    const found = reasons(threeOctaves).filter((reason) => reason.about === 'shift');
    assert.ok(
      found.every((reason) =>
        /lies outside .+ position|the line lies in .+ position|would be (equally good|a little harder|clearly harder)|shifts near/.test(
          reason.sentence,
        ),
      ),
    );
  });

  it('says why just here', () => {
    const here = planBest(threeOctaves).shifts.flatMap(({ to }) =>
      reasons(threeOctaves, to).filter((reason) => reason.about === 'shift-here'),
    );
    assert.ok(here.length > 0 && here.every((reason) => (reason.deltaThousandths ?? -1) >= 0));
    assert.equal(reasons(threeOctaves).filter((reason) => reason.about === 'shift-here').length, 0, 'only where one note is asked about');
  });
});

describe('a reason', () => {
  const open = lineBrief('violin', ['D4', 'E4', 'F#4', 'G4', 'A4', 'B4'], { limits: { positions: ['1'] } }, 'D major');
  const ofOpen = (brief: Brief): ToldReason | undefined => reasons(brief, 4).find((reason) => reason.about === 'open-string');

  it('quotes what the line really costs without the thing asked about', () => {
    const reason = ofOpen(open);
    const without = planBest(withLock(open, { note: 4, finger: '4' })).cost.totalThousandths - planBest(open).cost.totalThousandths;
    assert.equal(reason?.deltaThousandths, without);
    assert.equal(reason?.sentence, 'A4 with finger 4 instead would be a little harder.');
  });

  it('changes with a weight, and vanishes when the weight turns the choice', () => {
    const costlier: Brief = { ...open, weights: { finger: [0, 0, 0, 50, 1000] } };
    assert.equal(ofOpen(costlier)?.sentence, 'A4 with finger 4 instead would be a little harder.');
    const turned: Brief = { ...open, weights: { openString: 2000 } };
    assert.equal(ofOpen(turned), undefined);
    assert.match(fingering(planBest(turned)), /D4/);
  });

  it('changes with the hand: a reach that strains is told in its millimetres, and one out of reach is needed no longer to be asked', () => {
    const line = lineBrief('cello', ['D2', 'E2', 'F#2', 'E2', 'D2'], { limits: { openStrings: 'none', strings: ['C2'] } }, 'D major');
    const extension = (preset: 'small' | 'large'): ToldReason[] =>
      reasons({ ...line, player: { hand: { preset } } }).filter((reason) => reason.about === 'extension');
    assert.notDeepEqual(
      extension('large').map((reason) => reason.sentence),
      extension('small').map((reason) => reason.sentence),
    );
  });

  it('tells a stretch beyond the hand’s comfort in millimetres', () => {
    const line = lineBrief(
      'cello',
      ['D2', 'E2', 'F#2'],
      { limits: { openStrings: 'none' }, player: { hand: { preset: 'small' } }, weights: { shift: 0, shiftPerMm: 0 } },
      'D major',
    );
    const shift = reasons(line).find((reason) => reason.about === 'shift');
    assert.ok(shift);
    assert.match(shift.sentence, /: a reach beyond this hand’s comfort\.$/);
    assert.match(reasonHow(shift) ?? '', /Its widest reach is 127 mm; this hand is comfortable up to 98 mm\.$/);
  });

  it('for a crossing that must be says so', () => {
    const crossing = reasons(lineBrief('violin', ['B4', 'A4', 'G4'], { limits: { positions: ['1'] } })).find(
      (reason) => reason.about === 'crossing',
    );
    assert.equal(crossing?.sentence, 'G4 lies below the open A string.');
  });

  it('for a finger the teacher fixed says that they did', () => {
    const locked = withLock(threeOctaves, { note: 4, finger: '4', string: 'G3' });
    assert.ok(reasons(locked, 4).some((reason) => reason.evidence?.kind === 'locked' && reason.sentence === 'You locked it.'));
  });

  it('for a way down as the way up names the brief where that alone asks for it', () => {
    const found = reasons({ ...threeOctaves, wayDown: 'as-up' });
    assert.ok(found.length > 0);
    for (const reason of found) assert.equal(reason.evidence?.kind === 'asked', (reason.deltaThousandths ?? 0) < 0);
  });

  it('says that a line which is equally good would not come down as it went up', () => {
    const covered: Brief = {
      instrument: { kind: 'cello' },
      material: { kind: 'scale', type: 'major', tonic: 'G2', octaves: 1, direction: 'up-down' },
      preferences: { 'open-strings-covered': 1 },
    };
    const cheaper = [13, 14].flatMap((note) => reasons(covered, note)).filter((reason) => (reason.deltaThousandths ?? 0) < 0);
    assert.ok(cheaper.length > 0);
    for (const { sentence } of cheaper) assert.match(sentence, /would be equally good, but the line would not come down as it went up\.$/);
  });

  it('is there for a finger on asking, whatever it is', () => {
    assert.ok(reasons(threeOctaves, 1).some((reason) => reason.about === 'finger'));
  });
});

describe('why not', () => {
  const brief = lineBrief('violin', ['G4', 'A4', 'B4', 'C5'], { limits: { positions: ['1'] } });

  it('tells what the expected finger would cost, and its plan', () => {
    const answer = whyNot(brief, { note: 1, finger: '4', string: 'D4' });
    assert.equal(answer?.kind, 'costs');
    assert.equal(answer.deltaThousandths, answer.plan.cost.totalThousandths - planBest(brief).cost.totalThousandths);
    assert.match(answer.sentence, /^It would be a little harder/);
  });

  it('tells which limit forbids it', () => {
    const answer = whyNot(brief, { note: 1, finger: '1', string: 'D4' });
    assert.equal(answer?.kind, 'forbidden');
    assert.match(answer.sentence, /needs fourth position on the D string, which this brief leaves out \(positions allowed\)/);
  });

  it('tells that the hand does not reach, with the millimetres it would need', () => {
    const small = lineBrief('cello', ['D2', 'F#2'], { player: { hand: { firstToFourth: { comfortMm: 80, maxMm: 100 } } } });
    const answer = whyNot(small, { note: 1, finger: '4', string: 'C2', position: '1' });
    assert.equal(answer?.kind, 'forbidden');
    assert.match(answer.sentence, /^F♯2 asks for a reach of 1\d\d mm; this hand spans 100 mm at most\./);
  });

  it('knows both fingers of a double stop', () => {
    const sixth: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'line', notes: [{ pitches: ['B3', 'G#4'], duration: '1/4' }] },
    };
    assert.equal(fingering(planBest(sixth)), 'G2+D3');
    assert.equal(whyNot(sixth, { note: 0, string: 'G3', finger: '2', upperFinger: '3' })?.kind, 'chosen');
    const other = whyNot(sixth, { note: 0, string: 'G3', finger: '2', upperFinger: '4' });
    assert.ok(other?.kind === 'costs' && fingering(other.plan) === 'G2+D4');
  });

  it('tells when it is what the plan has', () => {
    assert.deepEqual(whyNot(brief, { note: 1, finger: '0' }), { kind: 'chosen', sentence: 'That is what the plan has.' });
  });
});

describe('an alternative', () => {
  const outcome = plan(threeOctaves, { alternatives: 6 });
  assert.ok(outcome.ok);
  const { best, alternatives } = outcome.value;

  it('is really another fingering, priced by the same weights, cheapest first', () => {
    assert.equal(alternatives.length, 6);
    for (const [index, alternative] of alternatives.entries()) {
      assert.notEqual(fingering(alternative.plan), fingering(best));
      assert.equal(alternative.deltaThousandths, alternative.plan.cost.totalThousandths - best.cost.totalThousandths);
      assert.ok(alternative.deltaThousandths >= (alternatives[index - 1]?.deltaThousandths ?? 0));
    }
  });

  it('names the very notes that differ', () => {
    for (const alternative of alternatives) {
      const labels = [best, alternative.plan].map((one) => fingering(one).split(' '));
      const differ = labels[0]?.flatMap((label, index) => (label === labels[1]?.[index] ? [] : [index]));
      assert.deepEqual(alternative.differsAt, differ);
    }
  });

  it('says what it gains and what it pays: together they are the difference', () => {
    for (const alternative of alternatives) {
      const sum = [...alternative.gains, ...alternative.pays].reduce((total, difference) => total + difference.thousandths, 0);
      assert.equal(sum, alternative.deltaThousandths);
    }
  });

  it('have a name each that no other has', () => {
    const names = alternatives.map(({ name }) => JSON.stringify(name));
    assert.equal(new Set(names).size, names.length);
  });

  it('to the teacher’s own fingers is what the engine would do without them', () => {
    const locked = withLock(threeOctaves, { note: 4, finger: '4', string: 'G3' });
    const answer = plan(locked, { alternatives: 2 });
    assert.ok(answer.ok);
    assert.equal(answer.value.alternatives[0]?.name.kind, 'unlocked');
    assert.equal(fingering(answer.value.alternatives[0].plan), fingering(best));
  });
});

describe('a prescribed fingering', () => {
  it('is kept whole, whatever it costs', () => {
    const prescribed = 'G1 G2 G3 G4 D1 D2 D3 D4'.split(' ');
    const pitches = ['A3', 'B3', 'C4', 'D4', 'E4', 'F4', 'G4', 'A4'];
    const brief = lineBrief('violin', pitches, {
      locks: prescribed.map((label, note) => ({
        note,
        string: label.startsWith('G') ? 'G3' : 'D4',
        finger: label.slice(1) === '1' ? '1' : label.slice(1) === '2' ? '2' : label.slice(1) === '3' ? '3' : '4',
      })),
    });
    assert.equal(fingering(planBest(brief)), prescribed.join(' '));
  });
});

describe('the best fingerings', () => {
  it('are different, cheapest first, and begin with the best plan', () => {
    const found = bestFingerings(threeOctaves, 10);
    assert.ok(found.ok);
    const costs = found.value.map((plan) => plan.cost.totalThousandths);
    assert.deepEqual(
      costs,
      costs.toSorted((one, other) => one - other),
    );
    assert.equal(new Set(found.value.map(fingering)).size, 10);
    assert.equal(fingering(found.value[0] ?? planBest(threeOctaves)), fingering(planBest(threeOctaves)));
  });

  it('of a brief that asks something of the whole line are its best plan', () => {
    const found = bestFingerings({ ...threeOctaves, wayDown: 'as-up' }, 10);
    assert.ok(found.ok);
    assert.deepEqual(found.value.map(fingering), [fingering(planBest({ ...threeOctaves, wayDown: 'as-up' }))]);
  });
});
