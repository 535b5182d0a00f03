import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { plan, type Relaxed } from '#core/plan';
import { fingering, lineBrief } from '../../support/briefs.ts';

function relax(brief: Brief): Relaxed {
  const outcome = plan(brief);
  assert.ok(!outcome.ok, 'It was planned after all');
  assert.ok(outcome.relaxed, 'Nothing would help');
  return outcome.relaxed;
}

const scale = (tonic: string, octaves: 1 | 2 | 3, more: Partial<Brief> = {}): Brief => ({
  instrument: { kind: 'violin' },
  material: { kind: 'scale', type: 'major', tonic, octaves, direction: 'up' },
  ...more,
});

describe('what would help', () => {
  it('is one string more where the strings are too few', () => {
    const { relaxation, plan: found } = relax(
      lineBrief('violin', ['D4', 'G4', 'A4', 'E5', 'C6'], { limits: { strings: ['A4', 'E5'], positions: ['1', '3'] } }),
    );
    assert.equal(relaxation, 'with the D string allowed too');
    assert.match(fingering(found), /^D0/);
  });

  it('is one finger more where the fingers are too few', () => {
    const brief = lineBrief('violin', ['F#4', 'G4'], {
      limits: { fingers: ['1', '2'], positions: ['1'], strings: ['D4'], openStrings: 'none' },
    });
    const outcome = plan(brief);
    assert.ok(!outcome.ok);
    assert.equal(outcome.issues[0]?.where.note, 1);
    assert.match(outcome.relaxed?.relaxation ?? '', /finger 3/);
  });

  it('is the thumb where only the thumb would hold two notes, and the thumb lower on the string where it is set too high', () => {
    const octaves = (tonic: string, school: 'neck' | 'thumb'): Brief => ({
      instrument: { kind: 'cello' },
      player: { school },
      material: { kind: 'double-stops', interval: 'octaves', type: 'major', tonic, octaves: 1, direction: 'up' },
    });
    const outcome = plan(octaves('D4', 'neck'));
    assert.ok(!outcome.ok);
    assert.match(outcome.issues[0]?.message ?? '', /D4 and D5 together need the thumb/);
    const { relaxation, plan: found } = relax(octaves('D4', 'neck'));
    assert.deepEqual([relaxation, fingering(found).split(' ')[0]], ['with thumb position', 'DT+A3']);
    assert.equal(relax(octaves('G2', 'thumb')).relaxation, 'with the thumb set lower on the string');
  });

  it('is the open string where none was allowed', () => {
    const { relaxation } = relax(lineBrief('violin', ['G3', 'A3'], { limits: { openStrings: 'none' } }));
    assert.equal(relaxation, 'with open strings avoided, and used only where no finger has the note');
  });

  it('is the nearest count of shifts', () => {
    const { relaxation, plan: found } = relax(scale('G3', 3, { limits: { shifts: 0 } }));
    assert.equal(relaxation, `with ${found.shifts.length} ${found.shifts.length === 1 ? 'shift' : 'shifts'} instead`);
  });

  it('is a whole limit relaxed where no single step is enough', () => {
    const { relaxation } = relax(scale('G3', 3, { limits: { strings: ['G3'], positions: ['1'] } }));
    assert.match(relaxation, /^without /);
  });

  it('is always a brief that can be planned, and its very plan', () => {
    const briefs = [
      scale('A3', 3, { limits: { positions: ['1', '2'] } }),
      scale('G3', 2, { limits: { fingers: ['1', '2'], positions: ['1'] } }),
      scale('A3', 2, { limits: { highestPerString: [{ string: 'E5', highest: 'F#5' }], positions: ['1'], openStrings: 'none' } }),
      lineBrief('cello', ['C2', 'E2', 'G2'], { limits: { positions: ['4'] } }),
      lineBrief('bass', ['E1', 'F1', 'G1'], { locks: [{ note: 1, finger: '4' }], limits: { positions: ['half'] } }),
    ];
    for (const brief of briefs) {
      const relaxed = relax(brief);
      const again = plan(relaxed.brief);
      assert.ok(again.ok);
      assert.deepEqual(again.value.best, relaxed.plan);
    }
  });

  it('is nothing where the note is not on the instrument, or the words do not read', () => {
    for (const brief of [
      lineBrief('violin', ['C3']),
      lineBrief('violin', ['A4'], {}, 'H major'),
      { ...lineBrief('violin', ['A4']), weights: { shift: -9999 } },
    ]) {
      const outcome = plan(brief);
      assert.ok(!outcome.ok);
      assert.ok(outcome.relaxed === null || outcome.issues[0]?.code === 'limit');
    }
  });
});

describe('a guide on cello and bass', () => {
  it('names the in-between note by the hand’s own places', () => {
    const outcome = plan(
      lineBrief('cello', ['B3', 'G4'], {
        limits: { strings: ['A3'] },
        locks: [
          { note: 0, finger: '1', position: '1' },
          { note: 1, finger: '4' },
        ],
      }),
    );
    assert.ok(outcome.ok);
    const old = outcome.value.best.shifts[0]?.guides.find((guide) => guide.kind === 'old-finger')?.inBetween;
    assert.deepEqual([old?.finger, old?.pitch, old?.semitonesAboveOpen], ['1', 'E4', 7]);
  });

  it('is read an octave up on the double bass', () => {
    const outcome = plan(
      lineBrief('bass', ['A2', 'C3'], {
        limits: { strings: ['G2'] },
        locks: [
          { note: 0, finger: '1' },
          { note: 1, finger: '4' },
        ],
      }),
    );
    assert.ok(outcome.ok);
    const inBetween = outcome.value.best.shifts[0]?.guides.find((guide) => guide.inBetween !== null)?.inBetween;
    assert.ok(inBetween);
    assert.equal(Number(inBetween.written.slice(-1)) - Number(inBetween.pitch.slice(-1)), 1);
  });
});

describe('a run of semitones', () => {
  const fingersOf = (pitches: string[], more: Partial<Brief> = {}): string => {
    const outcome = plan(lineBrief('violin', pitches, { limits: { strings: ['A4'], openStrings: 'none' }, ...more }));
    assert.ok(outcome.ok);
    return fingering(outcome.value.best).replaceAll('A', '');
  };

  it('may leave the letters: one finger a semitone when that is wished for', () => {
    assert.equal(fingersOf(['B4', 'C5', 'C#5', 'D5'], { preferences: { 'finger-a-semitone': 1 } }), '1 2 3 4');
  });

  it('slides a finger otherwise, the same one for both names of a letter', () => {
    assert.equal(fingersOf(['B4', 'C5', 'C#5', 'D5']), '1 2 2 3');
  });

  it('of two notes keeps its letters whatever is wished for', () => {
    assert.equal(
      fingersOf(['C5', 'C#5'], { preferences: { 'finger-a-semitone': 1 }, limits: { strings: ['A4'], positions: ['1'] } }),
      '2 2',
    );
  });
});

describe('what a teacher would try next', () => {
  it('for a beginner breaks double stops up, before another position', () => {
    const first = { limits: { positions: ['1'] } };
    const pair: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'line', notes: [{ pitches: ['B4', 'D5'], duration: '1/4' }] },
      ...first,
    };
    const outcome = plan(pair);
    assert.ok(!outcome.ok);
    assert.match(outcome.issues[0]?.message ?? '', /^B4 and D5 together need second position on the D string/);
    assert.match(outcome.issues[0]?.hint ?? '', /^Play them one after the other, or allow second position/);
    assert.equal(relax(pair).relaxation, 'with the notes of that double stop one after the other');
    const thirds: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'double-stops', interval: 'thirds', type: 'major', tonic: 'G4', octaves: 1, direction: 'up' },
      ...first,
    };
    assert.equal(relax(thirds).relaxation, 'as broken thirds, one note after the other');
    assert.match(relax({ ...thirds, limits: { positions: ['5'] } }).relaxation, /position allowed too$/);
  });

  it('never undoes what was wished of open strings: of those that are not used only what no finger has comes in', () => {
    for (const [kind, tonic] of [
      ['violin', 'G3'],
      ['viola', 'C3'],
      ['cello', 'C2'],
      ['bass', 'E1'],
    ] as const) {
      const brief: Brief = {
        instrument: { kind },
        material: { kind: 'scale', type: 'major', tonic, octaves: 1, direction: 'up' },
        limits: { openStrings: 'none' },
      };
      const { plan: found } = relax(brief);
      const open = found.notes.filter((note) => note.kind === 'note' && note.stops[0].finger === '0');
      assert.equal(open.length, 1, kind);
    }
  });
});
