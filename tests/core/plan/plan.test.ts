import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { carryLocks, withLock, withoutLock } from '#core/brief/locks';
import { mmFromNut } from '#core/instrument/geometry';
import { parsePitch, semitonesOf } from '#core/pitch';
import { plan } from '#core/plan';
import type { PlannedSound } from '#core/plan/describe';
import { ask } from '../../support/plans/asked.ts';
import { fingering, lineBrief, planBest, refusalOf, shortLines } from '../../support/briefs.ts';

function sounds(brief: Brief): readonly PlannedSound[] {
  return planBest(brief).notes.flatMap((note) => (note.kind === 'note' ? [note] : []));
}

function semitones(text: string): number {
  const pitch = parsePitch(text);
  return pitch.ok ? semitonesOf(pitch.value) : Number.NaN;
}

const scale = (tonic: string, octaves: 1 | 2 | 3, more: Partial<Brief> = {}): Brief => ({
  instrument: { kind: 'violin' },
  material: { kind: 'scale', type: 'major', tonic, octaves, direction: 'up-down' },
  ...more,
});

describe('every planned note', () => {
  it('really sounds its pitch, at its place in millimetres', () => {
    fc.assert(
      fc.property(shortLines(10), (brief) => {
        const outcome = plan(brief);
        fc.pre(outcome.ok);
        for (const { stops } of sounds(brief)) {
          const [stop] = stops;
          assert.equal(semitones(stop.open) + stop.semitonesAboveOpen, semitones(stop.pitch));
          assert.equal(stop.mmFromNut, mmFromNut(planBest(brief).stringLengthMm, stop.semitonesAboveOpen));
          assert.equal(stop.finger === '0', stop.semitonesAboveOpen === 0);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('stays inside the limits, or the brief is refused with a note named', () => {
    const limits = fc.record(
      {
        fingers: fc.subarray(['1', '2', '3', '4'] as const, { minLength: 1 }),
        positions: fc.subarray(['half', '1', '2', '3', '4', '5'], { minLength: 1 }),
        strings: fc.subarray(['E5', 'A4', 'D4', 'G3'], { minLength: 1 }),
        openStrings: fc.constantFrom('prefer' as const, 'allow' as const, 'avoid' as const, 'none' as const),
      },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(limits, fc.constantFrom('G3', 'A3', 'D4', 'Bb3'), (limit, tonic) => {
        const outcome = plan(scale(tonic, 1, { limits: limit }));
        if (!outcome.ok) return assert.ok(outcome.issues.every((issue) => issue.where.note !== undefined && issue.hint !== ''));
        for (const note of outcome.value.best.notes) {
          if (note.kind === 'rest') continue;
          const [stop] = note.stops;
          assert.ok(stop.finger === '0' || (limit.fingers ?? [stop.finger]).includes(stop.finger));
          assert.ok((limit.strings ?? [stop.open]).includes(stop.open));
          assert.ok((limit.positions ?? [note.position.label]).includes(note.position.label));
          assert.ok(limit.openStrings !== 'none' || stop.finger !== '0');
        }
      }),
      { numRuns: 150 },
    );
  });

  it('keeps its lock, and the rest is planned around it', () => {
    const free = scale('G3', 2);
    const locked = withLock(free, { note: 7, finger: '4' });
    assert.equal(fingering(planBest(free)).split(' ')[7], 'D3');
    assert.equal(sounds(locked)[7]?.stops[0].finger, '4');
    assert.equal(sounds(locked)[7]?.locked, true);
    assert.equal(sounds(withoutLock(locked, 7))[7]?.locked, false);
  });

  it('costs no less under a further limit', () => {
    fc.assert(
      fc.property(fc.constantFrom('1', '2', '3', '4', '5'), fc.constantFrom('A3', 'B3', 'C4'), (position, tonic) => {
        const limited = plan(scale(tonic, 2, { limits: { positions: [position] } }));
        fc.pre(limited.ok);
        assert.ok(
          planBest(scale(tonic, 2, { limits: { positions: ['1', '2', '3', '4', '5'] } })).cost.totalThousandths <=
            limited.value.best.cost.totalThousandths,
        );
      }),
    );
  });

  it('is fingered alike when line, strings and all move to the next string', () => {
    const onString = (strings: string[], pitches: string[]): string =>
      fingering(planBest(lineBrief('violin', pitches, { limits: { strings, openStrings: 'none' } }, 'G major'))).replace(/[A-G]/g, '');
    const onA = onString(['A4'], ['B4', 'C5', 'D5', 'E5', 'F#5', 'G5']);
    const onD = onString(['D4'], ['E4', 'F4', 'G4', 'A4', 'B4', 'C5']);
    assert.equal(onA, onD);
  });
});

describe('open strings', () => {
  const first = (openStrings: 'prefer' | 'avoid' | 'none'): string =>
    fingering(planBest(scale('A3', 2, { limits: { positions: ['1'], openStrings } })));

  it('are taken wherever they are when preferred', () => assert.match(first('prefer'), /^G1 G2 G3 D0 D1 D2 D3 A0 A1 A2 A3 E0/));
  it('give way to the fourth finger when avoided', () => assert.match(first('avoid'), /^G1 G2 G3 G4 D1 D2 D3 D4 A1 A2 A3 A4/));
  it('are not played at all when ruled out', () => assert.doesNotMatch(first('none'), /0/));
});

describe('a shift', () => {
  it('tells how far the hand goes and how far the notes, apart', () => {
    const [shift] = planBest(
      lineBrief('violin', ['A4', 'B4', 'C5', 'D5', 'E5', 'F5'], { limits: { positions: ['1', '3'], strings: ['A4'] } }),
    ).shifts;
    assert.ok(shift);
    assert.deepEqual([shift.fromPosition.label, shift.toPosition.label, shift.handSemitones], ['1', '3', 3]);
    assert.ok(Math.abs(shift.handMm - (mmFromNut(328, 5) - mmFromNut(328, 2))) < 1e-9);
    assert.equal(shift.noteSemitones, shift.fromFinger === '1' ? 1 : 2);
  });

  it('is no shift on the violin when only the first finger moves a semitone', () => {
    assert.deepEqual(planBest(lineBrief('violin', ['F5', 'F#5', 'G5'], { limits: { positions: ['1'] } })).shifts, []);
  });

  it('is no shift on the cello when the hand only opens', () => {
    assert.deepEqual(planBest(lineBrief('cello', ['D2', 'E2', 'F#2', 'G2'], {}, 'D major')).shifts, []);
  });

  it('tells its time where there is a tempo', () => {
    const [shift] = planBest(lineBrief('violin', ['B4', 'A5'], { tempo: 60, limits: { strings: ['A4'] } })).shifts;
    assert.equal(shift?.seconds, 1);
  });
});

describe('a wish no hand can play', () => {
  it('below the string is answered so', () => {
    assert.deepEqual(refusalOf(lineBrief('violin', ['D4', 'A4'], { locks: [{ note: 0, string: 'E5' }] })), {
      message: 'D4 lies below the open E string, so it cannot be played there.',
      hint: 'Choose a lower string.',
      note: 0,
    });
  });

  it('behind the nut is answered so', () => {
    assert.match(
      refusalOf(lineBrief('violin', ['B4'], { locks: [{ note: 0, string: 'A4', finger: '4' }] })).message,
      /finger 4 on B4 on the A string.*behind the nut/,
    );
  });

  it('for an open string that is none is answered so', () => {
    assert.match(refusalOf(lineBrief('viola', ['E4'], { locks: [{ note: 0, finger: '0' }] })).message, /E4 is not an open string/);
  });

  it('outside the positions allowed says which position it needs', () => {
    const { message, hint } = refusalOf(
      lineBrief('violin', ['A4'], { limits: { positions: ['1'] }, locks: [{ note: 0, string: 'D4', finger: '2' }] }),
    );
    assert.equal(
      message,
      'A4 with finger 2 on the D string needs third position on the D string, which this brief leaves out (positions allowed).',
    );
    assert.match(hint, /^Allow third position/);
  });

  it('on a note the line does not have is answered so', () => {
    assert.match(refusalOf(lineBrief('violin', ['A4'], { locks: [{ note: 4, finger: '1' }] })).message, /note 5, but the line has 1/);
  });
});

describe('a line off the instrument', () => {
  it('names the lowest note and the octave that fits, as the player reads it', () => {
    assert.deepEqual(refusalOf(lineBrief('violin', ['C4', 'F3', 'E3'])), {
      message: 'E3 (the lowest of 2 such notes) lies below the lowest string of this violin, G3.',
      hint: 'An octave higher it fits.',
      note: 1,
    });
    assert.match(refusalOf(lineBrief('bass', ['D1'])).message, /^D2 lies below .* E2\.$/);
  });

  it('names the note that is too high and how high the school goes', () => {
    assert.match(
      refusalOf(lineBrief('bass', ['G2', 'C4'])).message,
      /^C5 is higher than this hand reaches on the bass: it goes up to A♯4\.$/,
    );
  });

  it('is planned up to the very top', () => {
    assert.equal(planBest(lineBrief('bass', ['A3'])).notes.length, 1);
    assert.ok(plan(lineBrief('violin', ['G7'])).ok);
  });
});

describe('a brief', () => {
  it('with a string or position that does not exist is refused with those that do', () => {
    assert.match(refusalOf(lineBrief('violin', ['A4'], { limits: { strings: ['C3'] } })).hint, /E5, A4, D4, G3/);
    assert.match(refusalOf(lineBrief('bass', ['A2'], { limits: { positions: ['1'] } })).hint, /half, I, II/);
  });

  it('with a school of another instrument is refused', () => {
    assert.match(refusalOf(lineBrief('violin', ['A4'], { player: { school: '124' } })).message, /“124” is not taught on the violin/);
  });

  it('keeps locks where the note stays and counts those it drops', () => {
    const before = withLock(withLock(lineBrief('violin', ['A4', 'B4', 'C5']), { note: 0, finger: '0' }), { note: 2, finger: '2' });
    const changed: Brief = { ...lineBrief('violin', ['A4', 'B4', 'C#5']), locks: before.locks ?? [] };
    const carried = carryLocks(before, changed);
    assert.deepEqual([carried.brief.locks, carried.dropped], [[{ note: 0, finger: '0' }], 1]);
  });

  it('tells every finger and string for a note, and which of them its limits leave', () => {
    const ways = ask(lineBrief('violin', ['A4'], { limits: { positions: ['1'] } }), { kind: 'ways', note: 0 });
    assert.ok(ways.ok);
    const told = ways.value.map((way) => `${way.open.slice(0, 1)}${way.finger}${way.allowed ? '' : '!'}`);
    assert.deepEqual(told, ['A0', 'D1!', 'D2!', 'D3!', 'D4', 'G1!', 'G2!', 'G3!', 'G4!']);
  });

  it('of ten thousand notes is planned', () => {
    const pitches = Array.from({ length: 10_000 }, (_, index) => ['A4', 'B4', 'C5', 'D5', 'E5', 'F5', 'G5'][index % 7] ?? 'A4');
    assert.equal(planBest(lineBrief('violin', pitches)).notes.length, 10_000);
  });
});
