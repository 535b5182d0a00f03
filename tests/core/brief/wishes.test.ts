import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { type Preference, PREFERENCES } from '#core/brief/parts/wishes';
import type { Finger } from '#core/hand/placement';
import { parsePitch, semitonesOf } from '#core/pitch';
import { bestFingerings, plan } from '#core/plan';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { EQUAL_BELOW } from '#core/weights';
import { fingering, lineBrief, planBest } from '../../support/briefs.ts';

const scale = (tonic: string, octaves: 1 | 2 | 3 | 4, more: Partial<Brief> = {}): Brief => ({
  instrument: { kind: 'violin' },
  material: { kind: 'scale', type: 'major', tonic, octaves, direction: 'up-down' },
  ...more,
});

function plansShown(plans: ReturnType<typeof bestFingerings>): readonly Plan[] {
  assert.ok(plans.ok);
  return plans.value;
}

function sounds(brief: Brief): readonly PlannedSound[] {
  return planBest(brief).notes.flatMap((note) => (note.kind === 'note' ? [note] : []));
}

function times(brief: Brief, finger: Finger): number {
  return sounds(brief).filter((sound) => sound.stops[0].finger === finger).length;
}

function crossings(brief: Brief): number {
  return sounds(brief).filter((sound, index) => index > 0 && sound.changesString).length;
}

const wishing = (brief: Brief, wish: Preference, strength = 1): Brief => ({ ...brief, preferences: { [wish]: strength } });

describe('a wish', () => {
  it('for the fewest shifts lets no other fingering have fewer', () => {
    const brief = scale('D4', 2);
    assert.ok(planBest(wishing(brief, 'fewest-shifts')).shifts.length < planBest(brief).shifts.length);
  });

  it('for strong fingers above all takes the top of C major on the G string with 3, and shifts more often for it', () => {
    const brief: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'major', tonic: 'C4', octaves: 1, direction: 'up-down' },
      limits: { strings: ['G3'] },
    };
    const top = (asked: Brief): string | undefined => fingering(planBest(asked)).split(' ')[7];
    assert.deepEqual([top(brief), top({ ...brief, preferences: { 'strong-fingers': 1 } })], ['G4', 'G3']);
  });

  it('for strong fingers keeps 4 from the long top note', () => {
    const line = lineBrief('violin', ['E5', 'F#5', 'G5', 'A5', 'B5'], { limits: { strings: ['E5'], positions: ['1', '2', '3'] } });
    const last = (brief: Brief): string => fingering(planBest(brief)).split(' ').at(-1) ?? '';
    assert.equal(last(line), 'E4');
    assert.notEqual(last(wishing(line, 'strong-fingers')), 'E4');
  });

  it('for the fourth finger trained uses it more', () => {
    assert.ok(times(wishing(scale('G3', 2), 'train-fourth'), '4') > times(scale('G3', 2), '4'));
  });

  it('for open strings ringing or covered has more or fewer of them', () => {
    const brief = scale('C4', 2, { limits: { positions: ['1', '2', '3'] } });
    assert.ok(times(wishing(brief, 'open-strings-ring'), '0') > times(brief, '0'));
    assert.ok(times(wishing(scale('G3', 2), 'open-strings-covered'), '0') < times(scale('G3', 2), '0'));
  });

  it('for open strings covered, at full strength, covers every one that can be', () => {
    const covered = fingering(planBest(wishing(scale('G3', 2), 'open-strings-covered'))).split(' ');
    assert.deepEqual([...new Set(covered.filter((label) => label.endsWith('0')))], ['G0'], 'the lowest note is no other string’s');
    const cello: Brief = {
      instrument: { kind: 'cello' },
      material: { kind: 'scale', type: 'major', tonic: 'D2', octaves: 2, direction: 'up' },
    };
    assert.doesNotMatch(fingering(planBest(wishing(cello, 'open-strings-covered'))), /0/);
  });

  it('for one string crosses less', () => {
    const brief = scale('A4', 1);
    assert.ok(crossings(wishing(brief, 'one-string')) < crossings(brief));
  });

  it('for no extensions keeps the cello’s hand closed where it can', () => {
    const brief = lineBrief('cello', ['D2', 'E2', 'F#2', 'E2', 'D2'], { limits: { openStrings: 'none' } }, 'D major');
    const open = (asked: Brief): number => sounds(asked).filter((sound) => sound.shape.startsWith('reached')).length;
    assert.ok(open(brief) > 0);
    assert.equal(open(wishing(brief, 'no-extensions')), 0);
  });

  it('for low positions keeps the hand lower', () => {
    const brief = scale('D4', 2, { limits: { positions: ['1', '2', '3', '4', '5'], openStrings: 'none' } });
    const height = (asked: Brief): number => sounds(asked).reduce((sum, sound) => sum + sound.anchor, 0);
    assert.ok(height(wishing(brief, 'low-positions')) <= height(brief));
    const cello = lineBrief('cello', ['E3', 'F3', 'G3', 'A3', 'B3', 'C4'], { limits: { strings: ['D3', 'A3'], openStrings: 'none' } });
    assert.ok(height(wishing(cello, 'low-positions')) <= height(cello));
  });

  it('for connected lines crosses less inside a bow', () => {
    const bowed: Brief = { ...scale('D4', 2), rhythm: { notesPerBow: 8 } };
    const inside = (brief: Brief): number => {
      const { notes } = planBest(brief).line;
      return sounds(brief).filter((sound, index) => {
        const before = notes[index - 1];
        return sound.changesString && before?.kind === 'note' && before.slurredToNext;
      }).length;
    };
    assert.ok(inside(wishing(bowed, 'connected')) < inside(bowed));
  });

  it('for a finger to each semitone slides nowhere in a run of semitones, at full strength', () => {
    const brief: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'chromatic', tonic: 'A4', octaves: 1, direction: 'up' },
    };
    const slides = (asked: Brief): number => planBest(asked).cost.lines.find((line) => line.term === 'slide')?.times ?? 0;
    assert.ok(slides(brief) > 0);
    assert.equal(slides(wishing(brief, 'finger-a-semitone')), 0);
  });

  it('of no strength changes nothing, and none ever breaks a limit', () => {
    const brief = scale('A3', 2, { limits: { positions: ['1', '3'], openStrings: 'none', fingers: ['1', '2', '3', '4'] } });
    for (const wish of PREFERENCES) {
      assert.equal(fingering(planBest(wishing(brief, wish, 0))), fingering(planBest(brief)));
      assert.ok(sounds(wishing(brief, wish)).every((sound) => ['1', '3'].includes(sound.position.label) && sound.stops[0].finger !== '0'));
    }
  });
});

describe('a purpose', () => {
  const brief = scale('A3', 2);

  it('of training wants the fourth finger that performance saves', () => {
    assert.ok(times({ ...brief, purpose: 'training' }, '4') > times({ ...brief, purpose: 'performance' }, '4'));
  });

  it('of training begins and ends a scale on its open tonic all the same', () => {
    const up = fingering(planBest(scale('D4', 2, { purpose: 'training' }))).split(' ');
    assert.deepEqual([up[0], up.includes('D4'), up.includes('A0')], ['D0', true, false]);
  });

  it('of performance keeps the fourth finger from the top note, also where that costs a shift', () => {
    const top = (purpose: 'performance' | undefined): string =>
      fingering(
        planBest({
          ...lineBrief('violin', ['E5', 'F#5', 'G#5', 'A5', 'B5'], { limits: { strings: ['E5'], openStrings: 'allow' } }, 'E major'),
          ...(purpose ? { purpose } : {}),
        }),
      );
    assert.match(top(undefined), /E4$/);
    assert.doesNotMatch(top('performance'), /E4$/);
  });

  it('of performance keeps the thumb and the fourth finger from long notes', () => {
    const line: Brief = { ...scale('A3', 3), material: { kind: 'scale', type: 'major', tonic: 'A3', octaves: 3, direction: 'up' } };
    assert.equal(fingering(planBest(line)).split(' ').at(-1), 'E4');
    assert.equal(
      fingering(planBest({ ...line, purpose: 'performance' }))
        .split(' ')
        .at(-1),
      'E3',
    );
  });
});

describe('the whole line', () => {
  it('comes down as it went up when asked', () => {
    const found = fingering(planBest(scale('G3', 3, { wayDown: 'as-up' }))).split(' ');
    assert.deepEqual(found, found.toReversed());
    const own = fingering(planBest(scale('B3', 3))).split(' ');
    assert.notDeepEqual(own, own.toReversed());
  });

  it('comes down as it went up where that is equally good', () => {
    const covered: Brief = {
      instrument: { kind: 'cello' },
      material: { kind: 'scale', type: 'major', tonic: 'G2', octaves: 1, direction: 'up-down' },
      preferences: { 'open-strings-covered': 1 },
    };
    const found = fingering(planBest(covered)).split(' ');
    assert.deepEqual(found, found.toReversed());
    const [cheapest] = plansShown(bestFingerings(covered, 1));
    const more = planBest(covered).cost.totalThousandths - (cheapest?.cost.totalThousandths ?? 0);
    assert.ok(cheapest && fingering(cheapest) !== fingering(planBest(covered)) && more > 0 && more < EQUAL_BELOW, `${more}`);
  });

  it('comes down with the fingers of the way up where the melodic minor has other notes', () => {
    const brief: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'melodic-minor', tonic: 'G3', octaves: 2, direction: 'up-down' },
      limits: { positions: ['1'] },
      wayDown: 'as-up',
    };
    const found = fingering(planBest(brief)).split(' ');
    assert.deepEqual(found, found.toReversed());
  });

  it('has the same fingers in every octave from the second on when asked', () => {
    const brief: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'major', tonic: 'Ab3', octaves: 3, direction: 'up' },
      samePatternEveryOctave: true,
    };
    const fingers = sounds(brief).map((sound) => sound.stops[0].finger);
    assert.deepEqual(fingers.slice(14, 21), fingers.slice(7, 14));
  });

  it('down as up with an odd number of shifts names a number that can really be had', () => {
    const outcome = plan(scale('G3', 3, { wayDown: 'as-up', limits: { shifts: 3 } }));
    assert.match(outcome.ok ? '' : (outcome.issues[0]?.hint ?? ''), /nearest possible is [24] shifts/);
  });

  it('refuses one pattern for a line that has no octaves', () => {
    const outcome = plan({ ...lineBrief('violin', ['A4']), samePatternEveryOctave: true });
    assert.match(outcome.ok ? '' : (outcome.issues[0]?.message ?? ''), /scales and arpeggios only/);
  });

  it('has exactly as many shifts as asked, or says which number there can be', () => {
    for (const shifts of [0, 1, 2, 3]) {
      const outcome = plan({
        ...scale('D4', 2),
        material: { kind: 'scale', type: 'major', tonic: 'D4', octaves: 2, direction: 'up' },
        limits: { shifts },
      });
      assert.equal(outcome.ok && outcome.value.best.shifts.length, shifts);
    }
    const none = plan(scale('G3', 3, { limits: { shifts: 0 } }));
    assert.match(none.ok ? '' : (none.issues[0]?.hint ?? ''), /nearest possible is \d+ shifts?/);
    assert.ok(!none.ok && none.relaxed !== null && none.relaxed.plan.shifts.length > 0);
  });
});

describe('a limit', () => {
  it('on the highest note of a string sends the line to the next string', () => {
    const brief = scale('D4', 2, { limits: { highestPerString: [{ string: 'A4', highest: 'D5' }] } });
    const onA = sounds(brief).filter((sound) => sound.stops[0].open === 'A4');
    const highest = Math.max(
      ...onA.map((sound) => {
        const pitch = parsePitch(sound.stops[0].pitch);
        return pitch.ok ? semitonesOf(pitch.value) : 0;
      }),
    );
    assert.ok(highest <= 62);
  });

  it('never makes a plan cheaper, and lifting it never costlier', () => {
    const limited = planBest(scale('A3', 2, { limits: { positions: ['1', '2'], openStrings: 'none' } })).cost.totalThousandths;
    const freer = planBest(scale('A3', 2, { limits: { positions: ['1', '2'] } })).cost.totalThousandths;
    const free = planBest(scale('A3', 2)).cost.totalThousandths;
    assert.ok(limited >= freer && freer >= free);
  });

  it('that cannot be met names the note that fails first and the smallest step that helps, with its plan', () => {
    const outcome = plan(scale('G3', 3, { limits: { positions: ['1', '2', '3', '4'] } }));
    assert.ok(!outcome.ok && outcome.relaxed);
    assert.equal(typeof outcome.issues[0]?.where.note, 'number');
    assert.match(outcome.relaxed.relaxation, /^with (fifth|sixth|seventh) position allowed too$/);
    assert.ok(outcome.relaxed.plan.notes.length > 0);
    assert.ok(plan(outcome.relaxed.brief).ok);
  });

  it('by locks that no hand can keep is met again by letting one of them go', () => {
    const outcome = plan(lineBrief('violin', ['A4', 'B4'], { locks: [{ note: 1, string: 'A4', finger: '4' }] }));
    assert.ok(!outcome.ok && outcome.relaxed);
    assert.equal(outcome.relaxed.relaxation, 'without the finger locked on note 2');
  });
});
