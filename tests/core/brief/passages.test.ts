import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief, Passage } from '#core/brief';
import { carryLocks, passageAt, withPassage } from '#core/brief/locks';
import { withNotesInserted, withNotesRemoved } from '#core/brief/lines';
import { plan } from '#core/plan';
import { solveBrief } from '#core/solve';
import { planBest } from '../../support/briefs.ts';
import { isBrief } from '../../support/checked.ts';

const SCALE: Brief = {
  instrument: { kind: 'violin' },
  material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up' },
};

function stringsOf(brief: Brief): string {
  return planBest(brief)
    .notes.flatMap((note) => (note.kind === 'note' ? [note.stops[0].open.charAt(0)] : []))
    .join('');
}

const ON_D: Passage = { from: 7, to: 9, limits: { strings: ['D4'] } };

describe('what is asked of some notes alone', () => {
  it('holds for them and for no other', () => {
    assert.equal(stringsOf(SCALE), 'GGGGDDDDAAAAEEE');
    assert.equal(stringsOf({ ...SCALE, stretches: [ON_D] }).slice(7, 10), 'DDD');
    const covered = planBest({ ...SCALE, stretches: [{ from: 4, to: 4, limits: { openStrings: 'none' } }] });
    const fingers = covered.notes.flatMap((note) => (note.kind === 'note' ? [note.stops[0].finger] : []));
    assert.deepEqual([fingers[4], fingers[8]], ['4', '0']);
  });

  it('may be a wish, priced where it is asked', () => {
    const brief: Brief = { ...SCALE, stretches: [{ from: 4, to: 11, preferences: { 'one-string': 1 } }] };
    const solved = solveBrief(brief);
    assert.ok(solved.ok);
    assert.equal(planBest(brief).cost.totalThousandths, solved.value.way.cost, 'what is told is what was searched');
    assert.equal(new Set(stringsOf(brief).slice(4, 12)).size, 1);
    assert.equal(stringsOf(brief).slice(0, 4), 'GGGG');
  });

  it('that no fingering keeps is told with the note, and what would help', () => {
    const outcome = plan({ ...SCALE, stretches: [{ from: 0, to: 2, limits: { strings: ['E5'] } }] });
    assert.ok(!outcome.ok);
    assert.equal(outcome.issues[0]?.where.note, 0);
    assert.match(outcome.issues[0]?.message ?? '', /strings allowed/);
    assert.equal(outcome.relaxed?.relaxation, 'without what is asked of notes 1 to 3 alone');
  });

  it('that lies outside the line, or names a string the instrument does not have, is refused', () => {
    const messages = [
      { from: 3, to: 40 },
      { from: 5, to: 2 },
      { from: 0, to: 1, limits: { strings: ['C3'] } },
    ].map((passage) => {
      const outcome = plan({ ...SCALE, stretches: [passage] });
      return outcome.ok ? 'planned' : outcome.issues[0]?.message;
    });
    assert.deepEqual(messages, [
      'Something is asked of notes 4 to 41, but the line has 15 notes.',
      'Something is asked of notes 6 to 3, but the line has 15 notes.',
      'This instrument has no string C3.',
    ]);
  });

  it('is kept with its notes, and goes when they do', () => {
    const asked = withPassage(SCALE, ON_D);
    assert.ok(isBrief(asked));
    assert.deepEqual(passageAt(asked, { from: 7, to: 9 }), ON_D);
    assert.deepEqual(withPassage(asked, { from: 7, to: 9 }), SCALE);
    const minor: Brief = { ...asked, material: { kind: 'scale', type: 'natural-minor', tonic: 'A3', octaves: 2, direction: 'up' } };
    const carried = carryLocks(asked, minor);
    assert.deepEqual([carried.brief.stretches, carried.droppedPassages], [undefined, 1]);
    assert.deepEqual(withNotesInserted(asked, 0, [{ rest: true, duration: '1/8' }]).stretches, [{ ...ON_D, from: 8, to: 10 }]);
    assert.deepEqual(withNotesRemoved(asked, 8, 14).stretches, [{ ...ON_D, to: 7 }]);
    assert.equal(withNotesRemoved(asked, 7, 9).stretches, undefined);
  });
});
