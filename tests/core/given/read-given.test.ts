import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief, GivenFinger } from '#core/brief';
import { type GivenFingering, readGiven } from '#core/given';
import { finish } from '#core/result';
import { fingering, lineBrief, planBest } from '../../support/briefs.ts';

/** Reads the fingering of a brief that has one. */
function read(brief: Brief): GivenFingering {
  const reading = finish(readGiven(brief));
  assert.ok(reading?.ok, 'a fingering that can be read');
  return reading.value;
}

/** A scale of D major in first position, as a line, with the fingers of some of its notes. */
function dMajor(given: readonly GivenFinger[], more: Partial<Brief> = {}): Brief {
  return lineBrief('violin', ['D4', 'E4', 'F#4', 'G4', 'A4', 'B4', 'C#5', 'D5'], { given: [...given], ...more }, 'D major');
}

describe('a given fingering', () => {
  it('is kept, and what is missing is completed', () => {
    const { plan, completed } = read(dMajor([{ note: 4, finger: '4' }]));
    assert.equal(fingering(plan), 'D0 D1 D2 D3 D4 A1 A2 A3');
    assert.deepEqual(completed, [0, 1, 2, 3, 5, 6, 7]);
  });

  it('is none where none is given, and where single notes alone are locked', () => {
    assert.equal(finish(readGiven(dMajor([]))), null);
    const { given: _, ...locked } = dMajor([], { locks: [{ note: 4, finger: '4' }] });
    assert.equal(finish(readGiven(locked)), null);
  });

  it('is what a teacher locked, once that is half of the line', () => {
    const { given: _, ...brief } = dMajor([]);
    const locks = ['0', '1', '2', '3', '4'].map((finger, note) => ({ note, finger: finger as '0' }));
    assert.equal(fingering(read({ ...brief, locks }).plan), 'D0 D1 D2 D3 D4 A1 A2 A3');
  });

  it('is not refused for what the piece allows: a position or a finger that the pupil does not know yet', () => {
    const brief = dMajor([{ note: 7, finger: '1', string: 'A4' }], { limits: { positions: ['1'], fingers: ['1', '2', '3'] } });
    const { plan, doubts, against } = read(brief);
    const last = plan.notes[7];
    assert.equal(last?.kind === 'note' && last.position.label, '3');
    assert.deepEqual(doubts, []);
    assert.equal(against && fingering(against.plan), fingering(planBest({ ...brief, given: [] })));
  });

  it('has the likeliest string where it leaves it open, with the next and what that costs', () => {
    const { strings } = read(dMajor([{ note: 4, finger: '1' }]));
    assert.deepEqual(
      strings.map(({ note, string, next }) => [note, string, next?.string]),
      [[4, 'III', 'IV']],
    );
    assert.ok((strings[0]?.next?.deltaThousandths ?? -1) > 0);
    assert.deepEqual(read(dMajor([{ note: 4, finger: '1', string: 'D4' }])).strings, []);
  });

  it('is doubted where a finger reaches its note on no string: at the nut 4 does not stop a low note', () => {
    const { doubts, plan } = read(lineBrief('violin', ['G3', 'A3', 'B3'], { given: [{ note: 1, finger: '4' }] }, 'G major'));
    assert.deepEqual(doubts, [{ kind: 'finger', note: 1, finger: '4', could: ['1', '2'] }]);
    assert.equal(fingering(plan), 'G0 G1 G2');
  });

  it('is doubted where the string or the position is another than the finger asks for', () => {
    const string = read(dMajor([{ note: 6, finger: '2', string: 'E5' }]));
    assert.equal(string.doubts[0]?.kind, 'string');
    const position = read(dMajor([{ note: 6, finger: '2', string: 'A4', position: '4' }]));
    assert.deepEqual(position.doubts, [{ kind: 'position', note: 6, label: '4', could: ['1'] }]);
    assert.equal(fingering(position.plan).split(' ')[6], 'A2');
  });

  it('is read by the hand that plays it: third fingers in low positions of the bass mean a finger a semitone', () => {
    const fingers = ['1', '2', '3', '4', '3', '2', '1'] as const;
    const given = fingers.map((finger, note) => ({ note, finger, string: 'G2' }));
    const brief = lineBrief('bass', ['A2', 'A#2', 'B2', 'C3', 'B2', 'A#2', 'A2'], { given }, 'G major');
    const { school, isOwnHand, doubts } = read(brief);
    assert.deepEqual([school, isOwnHand], ['1234', false]);
    assert.deepEqual(doubts, []);
  });

  it('tells what the other finger that it leaves to the player costs', () => {
    const { alternates } = read(dMajor([{ note: 4, finger: '0', alternate: '4' }]));
    assert.equal(alternates[0]?.finger, '4');
    assert.ok(alternates[0].deltaThousandths !== null);
  });

  it('takes the other finger where the first reaches nothing', () => {
    const { doubts, plan } = read(lineBrief('violin', ['G3', 'A3', 'B3'], { given: [{ note: 1, finger: '4', alternate: '1' }] }));
    assert.deepEqual(doubts, []);
    assert.equal(fingering(plan), 'G0 G1 G2');
  });

  it('is refused where the line cannot be played at all', () => {
    const reading = finish(readGiven(lineBrief('violin', ['C2', 'D4'], { given: [{ note: 1, finger: '0' }] })));
    assert.equal(reading?.ok, false);
  });
});

describe('a given fingering beside ours', () => {
  it('differs passage by passage, and what it costs in them is what it costs in all', () => {
    const { against, plan } = read(dMajor([{ note: 4, finger: '4' }]));
    assert.ok(against);
    assert.deepEqual(against.differsAt, [4]);
    assert.deepEqual(
      against.passages.map(({ from, to, notes }) => [from, to, notes]),
      [[4, 4, [4]]],
    );
    const sum = against.passages.reduce((total, { deltaThousandths }) => total + deltaThousandths, 0);
    assert.equal(sum, against.deltaThousandths);
    assert.equal(against.deltaThousandths, plan.cost.totalThousandths - against.plan.cost.totalThousandths);
  });

  it('has no passages where it is ours, note for note', () => {
    const own = planBest(dMajor([]));
    const given = own.notes.flatMap((note, index) => (note.kind === 'note' ? [{ note: index, finger: note.stops[0].finger }] : []));
    const { against } = read(dMajor(given));
    assert.deepEqual([against?.differsAt, against?.passages, against?.deltaThousandths], [[], [], 0]);
  });
});

describe('fingers that no hand of ours plays', () => {
  // B♭ with 1 and D♯ with 3 on one string are five semitones apart, and lower down finger 3 does not reach.
  const broken: readonly GivenFinger[] = [
    { note: 4, finger: '1', string: 'A4' },
    { note: 5, finger: '3', string: 'A4' },
  ];
  const line = ['D4', 'E4', 'F4', 'G4', 'Bb4', 'D#5', 'E5', 'D5', 'C5'];

  it('are told with their two notes and the reason, and are no misprints', () => {
    const { plan, doubts } = read(lineBrief('violin', line, { given: [...broken] }));
    assert.deepEqual(doubts, []);
    assert.deepEqual(plan.notOneHand, [{ from: 4, to: 5, kind: 'beside' }]);
  });

  it('are played as they are given, and all else as one hand plays it', () => {
    const { plan } = read(lineBrief('violin', line, { given: [...broken] }));
    assert.equal(fingering(plan), 'D0 D1 D2 D3 A1 A3 A4 A3 A2');
    const locked = planBest(lineBrief('violin', line, { locks: [...broken] }));
    assert.equal(fingering(locked), fingering(plan));
  });
});
