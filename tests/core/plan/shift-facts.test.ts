import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief, Lock } from '#core/brief';
import { FINGERS } from '#core/hand/placement';
import { toMusicXml } from '#core/format/musicxml';
import { type InstrumentKind, TUNINGS } from '#core/instrument';
import type { Plan, Shift } from '#core/plan/describe';
import { performanceOf } from '#core/sound';
import { lineBrief, planBest } from '../../support/briefs.ts';

/**
 * A single shift as a teacher describes it: two notes with string and finger, the guide that stands first, the note it passes (finger,
 * note, string), the distance of the notes and of the hand, in semitones, and why.
 */
type Row = readonly [
  kind: InstrumentKind,
  key: string,
  from: string,
  to: string,
  guide: string,
  passes: string,
  notes: number,
  hand: number,
  why: string,
];

const ROWS: readonly Row[] = [
  ['violin', 'C major', 'A1 B4', 'A3 F5', 'old-finger', '1 D5 II', 6, 3, 'up onto a higher finger: 1 slides to its new place, 3 is set'],
  ['violin', 'C major', 'A1 B4', 'A2 E5', 'old-finger', '1 D5 II', 5, 3, 'the same onto 2'],
  ['violin', 'C major', 'A1 B4', 'A4 G5', 'old-finger', '1 D5 II', 8, 3, 'the same onto 4'],
  ['violin', 'C major', 'A2 C5', 'A3 F5', 'old-finger', '2 E5 II', 5, 3, '2 slides to its own letter in third position'],
  ['violin', 'C major', 'A3 D5', 'A4 G5', 'old-finger', '3 F5 II', 5, 3, '3 slides to its own letter, below the goal'],
  ['violin', 'C major', 'A1 D5', 'A2 C5', 'old-finger', '1 B4 II', -2, -3, 'down onto a higher finger: 1 goes below the goal, 2 is set'],
  ['violin', 'D major', 'A1 D5', 'A2 C#5', 'old-finger', '1 B4 II', -1, -3, 'the notes go a semitone, the hand three'],
  ['violin', 'C major', 'D1 G4', 'D2 F4', 'old-finger', '1 E4 III', -2, -3, 'on the D string'],
  ['violin', 'D major', 'D1 G4', 'D2 F#4', 'old-finger', '1 E4 III', -1, -3, 'the note in between is E, never A'],
  ['violin', 'C major', 'A1 D5', 'A4 E5', 'old-finger', '1 B4 II', 2, -3, 'the notes go up and the hand down'],
  ['violin', 'C major', 'A2 E5', 'A3 D5', 'old-finger', '2 C5 II', -2, -3, 'down from 2 onto 3'],
  ['violin', 'C major', 'A3 F5', 'A4 E5', 'old-finger', '3 D5 II', -1, -3, 'down from 3 onto 4'],
  [
    'violin',
    'C major',
    'A4 G5',
    'A1 B4',
    'old-finger',
    '4 E5 II',
    -8,
    -3,
    'down onto a lower finger: 4 slides to its place in first, 1 is set',
  ],
  ['violin', 'C major', 'A3 F5', 'A1 B4', 'old-finger', '3 D5 II', -6, -3, 'the same from 3'],
  ['violin', 'C major', 'A2 C5', 'A1 D5', 'new-finger', '1 B4 II', 2, 3, 'up onto a lower finger: 2 would overshoot, 1 leads'],
  ['violin', 'D major', 'A2 C#5', 'A1 D5', 'new-finger', '1 B4 II', 1, 3, 'a semitone of notes, three of the hand'],
  ['violin', 'C major', 'A3 D5', 'A1 E5', 'new-finger', '1 B4 II', 2, 5, 'into fourth position'],
  ['violin', 'C major', 'A4 E5', 'A1 F5', 'new-finger', '1 B4 II', 1, 6, 'from 4 to 1 into fifth position'],
  ['violin', 'C major', 'A3 D5', 'A2 E5', 'first-finger', '1 D5 II', 2, 3, 'neither end is 1: the hand drops to it'],
  ['violin', 'C major', 'A4 E5', 'A3 F5', 'first-finger', '1 D5 II', 1, 3, 'the same from 4 to 3'],
  ['violin', 'C major', 'A1 B4', 'A1 D5', 'same-finger', '', 3, 3, 'one finger carries the hand'],
  ['violin', 'C major', 'E3 A5', 'E3 C6', 'same-finger', '', 3, 4, 'the third finger goes three semitones, the first (F to A) four'],
  ['violin', 'C major', 'A3 D5', 'A1 D5', 'substitution', '', 0, 3, 'another finger on the same note'],
  ['violin', 'C major', 'A3 D5', 'E1 A5', 'new-finger', '1 F5 I', 7, 3, 'with a crossing the arriving finger slides in on the new string'],
  ['violin', 'C major', 'E1 A5', 'A3 D5', 'new-finger', '3 F5 II', -7, -3, 'the same coming down'],
  ['violin', 'C major', 'A1 B4', 'E3 C6', 'new-finger', '3 A5 I', 13, 3, 'the third finger comes from its place in first position'],
  ['violin', 'C major', 'D3 G4', 'A3 F5', 'new-finger', '3 D5 II', 10, 3, 'one finger on two strings: it leads on the new one'],
  ['viola', 'C major', 'A1 B4', 'A3 F5', 'old-finger', '1 D5 I', 6, 3, 'the viola’s A string is its first'],
  ['viola', 'C major', 'D1 G4', 'D2 F4', 'old-finger', '1 E4 II', -2, -3, 'down onto a higher finger'],
  ['viola', 'F major', 'D3 G4', 'D1 A4', 'new-finger', '1 E4 II', 2, 5, 'up onto a lower finger'],
  ['cello', 'C major', 'A1 B3', 'A1 E4', 'same-finger', '', 5, 5, 'first to fourth position on one finger'],
  ['cello', 'C major', 'A4 D4', 'A1 E4', 'new-finger', '1 B3 I', 2, 5, 'from 4 to 1'],
  ['cello', 'C major', 'A1 B3', 'A2 F4', 'old-finger', '1 E4 I', 6, 5, 'onto the second finger of the closed hand'],
  ['cello', 'C major', 'A1 E4', 'A4 D4', 'old-finger', '1 B3 I', -2, -5, 'down onto 4: 1 goes to its place in first position'],
  ['cello', 'C major', 'A2 C4', 'A1 D4', 'new-finger', '1 B3 I', 2, 3, 'into third position'],
  ['cello', 'C major', 'A1 D4', 'A2 C4', 'old-finger', '1 B3 I', -2, -3, 'back to first'],
  ['cello', 'C major', 'A4 G4', 'A1 D4', 'old-finger', '4 F4 I', -5, -2, 'the fourth finger slides by the semitones of the hand'],
  ['cello', 'C major', 'D4 G3', 'A1 E4', 'new-finger', '1 B3 I', 9, 5, 'with a crossing finger 1 leads on the A string'],
  ['cello', 'C major', 'A1 A4', 'A4 G4', 'old-finger', '1 E4 I', -2, -5, 'from seventh to fourth position, 1 leads onto 4'],
  ['cello', 'C major', 'A4 G4', 'A1 A4', 'new-finger', '1 E4 I', 2, 5, 'and up again'],
  ['cello', 'C major', 'A4 G4', 'AT A4', 'harmonic', 'T A4 I', 2, 7, 'the half-string harmonic tells the thumb'],
  [
    'cello',
    'C major',
    'AT A4',
    'A4 G4',
    'new-finger',
    '',
    -2,
    -7,
    'back from the thumb nothing sounds on the way of a finger that stood nowhere',
  ],
  ['cello', 'C major', 'A1 B4', 'A4 G4', 'old-finger', '1 E4 I', -4, -7, 'from thumb position finger 1 leads to its place on the neck'],
  ['bass', 'C major', 'G1 A2', 'G1 C3', 'same-finger', '', 3, 3, 'first to third position'],
  ['bass', 'C major', 'G4 B2', 'G1 C3', 'new-finger', '1 A2 I', 1, 3, 'a semitone of notes, a minor third of the hand'],
  ['bass', 'C major', 'G1 C3', 'G4 B2', 'old-finger', '1 A2 I', -1, -3, 'and back'],
  ['bass', 'C major', 'D1 E2', 'D4 A2', 'old-finger', '1 G2 II', 5, 3, 'onto the fourth finger'],
  ['bass', 'D major', 'D4 F#2', 'G1 C#3', 'new-finger', '1 A2 I', 7, 4, 'with a crossing'],
];

describe('the facts of a shift', () => {
  for (const [kind, key, from, to, guide, passes, notes, hand, why] of ROWS) {
    it(`${kind}, ${from} to ${to}: ${why}`, () => {
      const [shift, ...others] = shiftsOf(kind, key, from, to).shifts;
      assert.ok(shift && others.length === 0);
      assert.deepEqual([shift.noteSemitones, shift.handSemitones], [notes, hand]);
      const [first] = shift.guides.filter((guide) => passes !== '' || guide.inBetween === null);
      if (passes === '' && guide === 'new-finger') return;
      assert.deepEqual([first?.kind, describePassing(first)], [guide, passes]);
    });
  }

  it('where the thumb stands below the half-string harmonic: it takes over the place of finger 1', () => {
    const brief = shiftBrief('cello', 'C major', 'A1 D4', 'AT E4');
    const [shift] = planBest({ ...brief, player: { school: 'thumb', thumbFrom: 7 } }).shifts;
    assert.deepEqual([shift?.guides[0]?.kind, describePassing(shift?.guides[0])], ['thumb', '1 D4 I']);
  });
});

describe('the slide that is heard', () => {
  for (const [kind, key, from, to, , , , , why] of ROWS) {
    it(`${kind}, ${from} to ${to}, goes the way of the notes and never beyond them: ${why}`, () => {
      const found = shiftsOf(kind, key, from, to);
      const { notes } = performanceOf(found, { from: 0, to: 1, pace: 1, slides: true });
      const [hz = 0, goal = 0] = notes.map((note) => note.hz[0] ?? 0);
      const slide = notes[0]?.slide;
      if (!slide) return;
      const [low, high] = [Math.min(hz, goal) - 1e-6, Math.max(hz, goal) + 1e-6];
      assert.ok(slide.fromHz >= low && slide.fromHz <= high && slide.toHz >= low && slide.toHz <= high);
      assert.equal(Math.sign(slide.toHz - slide.fromHz), Math.sign(goal - hz));
    });
  }

  it('of G4 to F♯4, second finger after first, goes from 392 to 370 Hz and nowhere else', () => {
    const { notes } = performanceOf(shiftsOf('violin', 'D major', 'D1 G4', 'D2 F#4'), { from: 0, to: 1, pace: 1, slides: true });
    const { fromHz = 0, toHz = 0 } = notes[0]?.slide ?? {};
    assert.ok(Math.abs(fromHz - 392) < 2 && Math.abs(toHz - 370) < 2);
  });
});

describe('the guide of a shift', () => {
  const brief = shiftBrief('violin', 'C major', 'A1 B4', 'A3 F5');

  it('is the teacher’s where they chose one for this shift, before what they usually take', () => {
    const guideOf = (more: Partial<Brief>): string | undefined => planBest({ ...brief, ...more }).shifts[0]?.guides[0]?.kind;
    assert.equal(guideOf({ player: { guide: 'new-finger' } }), 'new-finger');
    assert.equal(guideOf({ player: { guide: 'new-finger' }, marks: [{ note: 1, guide: 'old-finger' }] }), 'old-finger');
    assert.equal(guideOf({ marks: [{ note: 1, guide: 'first-finger' }] }), 'old-finger', 'what cannot lead here is not taken');
  });

  it('is heard', () => {
    const slideOf = (more: Partial<Brief>) =>
      performanceOf(planBest({ ...brief, ...more }), { from: 0, to: 1, pace: 1, slides: true }).notes[0]?.slide;
    const [old, fresh] = [slideOf({}), slideOf({ marks: [{ note: 1, guide: 'new-finger' }] })];
    assert.ok(old && fresh && old.toHz < fresh.toHz && old.fromHz < fresh.fromHz);
  });

  it('goes into MusicXML in words where it was chosen, and an expressive slide as one', () => {
    const chosen = toMusicXml('Shift', planBest({ ...brief, marks: [{ note: 1, guide: 'new-finger', slide: 'expressive' }] }));
    const text = JSON.stringify(chosen);
    assert.match(text, /3 over D5/);
    assert.equal(text.match(/"slide"/g)?.length, 2);
    assert.doesNotMatch(JSON.stringify(toMusicXml('Shift', planBest(brief))), /over D5|"slide"/);
  });

  it('is heard at tempo where the slide is expressive, though slides are left out, and costs nothing', () => {
    const wanted = planBest({ ...brief, marks: [{ note: 1, slide: 'expressive' }] });
    const play = (found: Plan) => performanceOf(found, { from: 0, to: 1, pace: 1, slides: false }).notes[0]?.slide;
    assert.ok(play(wanted));
    assert.equal(play(planBest(brief)), null);
    assert.equal(wanted.cost.totalThousandths, planBest(brief).cost.totalThousandths);
  });

  it('says where the hand loses finger 1', () => {
    const losesContact = (from: string, to: string, guide?: 'new-finger'): boolean | undefined =>
      planBest({ ...shiftBrief('violin', 'C major', from, to), ...(guide ? { marks: [{ note: 1, guide }] } : {}) }).shifts[0]?.losesFirst;
    assert.equal(losesContact('A3 D5', 'A2 E5'), false, 'the hand drops to finger 1');
    assert.equal(losesContact('A3 D5', 'A2 E5', 'new-finger'), true);
    assert.equal(losesContact('A1 B4', 'A2 E5'), false);
  });
});

function shiftsOf(kind: InstrumentKind, key: string, from: string, to: string): Plan {
  return planBest(shiftBrief(kind, key, from, to));
}

function shiftBrief(kind: InstrumentKind, key: string, from: string, to: string): Brief {
  const locks = [from, to].map((text, note): Lock => {
    const [name = ''] = text.split(' ');
    const finger = FINGERS.find((finger) => finger === name.slice(1)) ?? assert.fail(text);
    const string = TUNINGS[kind].find((open) => open.startsWith(name.slice(0, 1))) ?? assert.fail(text);
    return { note, string, finger };
  });
  const thumb = [from, to].some((text) => text.includes('T ') || text.includes('B4')) && kind === 'cello';
  return {
    ...lineBrief(
      kind,
      [from, to].map((text) => text.split(' ')[1] ?? ''),
      { locks },
      key,
    ),
    ...(thumb ? { player: { school: 'thumb' } } : {}),
  };
}

function describePassing(guide: Shift['guides'][number] | undefined): string {
  const note = guide?.inBetween;
  return note ? `${note.finger} ${note.pitch} ${note.string}` : '';
}
