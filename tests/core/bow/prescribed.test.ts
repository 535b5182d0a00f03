import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { bowsOf, type CureStep, cures } from '#core/bow';
import { carryLocks, parseBowing, withBowing } from '#core/brief/locks';
import { withNotesInserted, withNotesRemoved } from '#core/brief/lines';
import { readMaterial } from '#core/brief/parts/materials';
import { plan } from '#core/plan';
import type { LockedBow } from '#core/rhythm';
import { lineBrief } from '../../support/briefs.ts';

const SCALE: Brief = {
  instrument: { kind: 'violin' },
  material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up-down' },
  rhythm: { noteValue: '1/8', meter: '4/4', notesPerBow: 4 },
};

function notesOf({ material, rhythm }: Brief): ReturnType<typeof lineOf> {
  return lineOf(material, rhythm);
}

function lineOf(material: Brief['material'], rhythm: Brief['rhythm']) {
  const line = readMaterial(material, rhythm);
  assert.ok(line.ok);
  return line.value;
}

/** Writes the direction and the notes of each bow: "d4 u4 d1". */
function rowOf(brief: Brief): string {
  return bowsOf(notesOf(brief), brief.marks)
    .map(({ direction, notes }) => `${direction.slice(0, 1)}${notes}`)
    .join(' ');
}

function typeBowing(brief: Brief, from: number, text: string): Brief {
  const bows = parseBowing(text);
  assert.ok(bows.ok, JSON.stringify(bows));
  const locked = withBowing(brief, notesOf(brief).notes, from, bows.value);
  assert.ok(locked.ok, JSON.stringify(locked));
  return locked.value;
}

describe('a bowing typed as one row', () => {
  it('is locked from its note on; the bows after it begin again, and signs are written', () => {
    const bowed = typeBowing(SCALE, 0, 'u1 | 2 2 d3');
    assert.equal(rowOf(bowed), 'u1 d2 u2 d3 u4 d4 u4 d4 u4 d1');
    assert.deepEqual(bowed.marks, [
      { note: 0, bow: 'up' },
      { note: 5, bow: 'down' },
    ]);
    assert.ok(plan(bowed).ok);
  });

  it('takes the place of what was locked over the same notes, and stays when the number to a bow changes', () => {
    const again = typeBowing(typeBowing(SCALE, 0, '3 3 3'), 2, '2');
    assert.deepEqual(again.rhythm?.lockedBows, [
      { from: 2, to: 3 },
      { from: 6, to: 8 },
    ]);
    const [separate, fewer] = [1, 2].map((notesPerBow) => rowOf({ ...again, rhythm: { ...again.rhythm, notesPerBow } }));
    assert.match(separate ?? '', /^d1 u1 d2 u1 d1 u3/);
    assert.match(fewer ?? '', /^d2 u2 d2 u3 d2/);
  });

  it('follows its notes when others are inserted or deleted, and goes with notes that change', () => {
    const line = lineBrief('violin', ['G3', 'A3', 'B3', 'C4', 'D4', 'E4'], { rhythm: {} }, 'G major');
    const locked = typeBowing(line, 1, '3');
    const at = ({ rhythm }: Brief): LockedBow | undefined => rhythm?.lockedBows?.[0];
    assert.deepEqual(at(withNotesInserted(locked, 2, [{ pitches: ['C4'], duration: '1/4' }])), { from: 1, to: 4 });
    assert.deepEqual(at(withNotesRemoved(locked, 0, 1)), { from: 0, to: 1 });
    const carried = carryLocks(locked, { ...locked, material: { ...SCALE.material, tonic: 'D4' } as Brief['material'] });
    assert.equal(carried.droppedBows, 1);
    assert.equal(at(carried.brief), undefined);
  });

  it('refuses what is no bow, more than there are notes, and a bow over a rest, each in words', () => {
    const wrong = parseBowing('4 x4 d0');
    assert.ok(!wrong.ok);
    assert.deepEqual(
      wrong.issues.map(({ message }) => message),
      ['“x4” is not a bow.', '“d0” is not a bow.'],
    );
    const tooMany = withBowing(SCALE, notesOf(SCALE).notes, 20, [{ notes: 12, direction: null }]);
    assert.ok(!tooMany.ok && /take 12 notes, but from here on the line has 9/.test(tooMany.issues[0]?.message ?? ''));
    const rest = withBowing(SCALE, [{ kind: 'note' }, { kind: 'rest' }, { kind: 'note' }], 0, [{ notes: 2, direction: null }]);
    assert.ok(!rest.ok && /go over the rest at place 2/.test(rest.issues[0]?.message ?? ''));
  });

  it('in a document: outside the line, over a rest or over each other it is refused when the line is planned', () => {
    const refusal = (lockedBows: LockedBow[]): string => {
      const outcome = plan({ ...SCALE, rhythm: { lockedBows } });
      return outcome.ok ? '' : (outcome.issues[0]?.message ?? '');
    };
    assert.match(refusal([{ from: 20, to: 40 }]), /from note 21 to note 41, but the line has 29/);
    assert.match(
      refusal([
        { from: 0, to: 3 },
        { from: 3, to: 4 },
      ]),
      /Two bows are locked over note 4/,
    );
  });
});

describe('a bowing that does not come out', () => {
  /** Writes what is proposed, and the bows with it. */
  const curesInWords = (brief: Brief): readonly [readonly CureStep[], string][] =>
    cures(brief).map((cure) => [cure.steps, rowOf(cure.brief)]);

  it('gets the two nearest cures: the note left over joins the bow before, or the first is played alone, up', () => {
    assert.deepEqual(curesInWords(SCALE), [
      [['last-joined'], 'd4 u4 d4 u4 d4 u4 d5'],
      [['begin-up', 'first-alone'], 'u1 d4 u4 d4 u4 d4 u4 d4'],
    ]);
  });

  it('is told what the top note played twice does to it: thirty notes at three to a bow, begun up, leave none over', () => {
    const three = { ...SCALE, rhythm: { ...SCALE.rhythm, notesPerBow: 3 } };
    assert.deepEqual(curesInWords(three), [
      [['last-alone'], 'd3 u3 d3 u3 d3 u3 d3 u3 d3 u1 d1'],
      [['begin-up', 'top-twice'], 'u3 d3 u3 d3 u3 d3 u3 d3 u3 d3'],
    ]);
  });

  it('of a mixed bowing gets two as well: a single bow at the end has room for one note more', () => {
    const mixed = { ...SCALE, rhythm: { noteValue: '1/8', bows: [3, 1] } };
    assert.deepEqual(
      cures(mixed).map(({ steps }) => steps),
      [['first-alone'], ['begin-up', 'last-joined']],
    );
  });

  it('begins up where only the last bow is wrong; where all is well, nothing is proposed', () => {
    const up: Brief = {
      ...SCALE,
      material: { ...SCALE.material, direction: 'up' } as Brief['material'],
      rhythm: { notesPerBow: 5, noteValue: '1/8' },
    };
    assert.deepEqual(curesInWords(up), []);
    const ends: Brief = { ...up, rhythm: { notesPerBow: 1, bows: [5, 10] } };
    assert.equal(rowOf(ends), 'd5 u10');
    assert.deepEqual(
      cures(ends).map(({ steps }) => steps),
      [['begin-up'], ['last-alone']],
    );
  });

  it('is the teacher’s own in a line with its own slurs', () => {
    const line = lineBrief('violin', ['G3', 'A3'], { rhythm: {} }, 'G major');
    assert.deepEqual(cures(line), []);
  });
});
