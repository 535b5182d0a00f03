import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { mmFromNut } from '#core/instrument/geometry';
import { TUNINGS } from '#core/instrument';
import { parsePitch, semitonesOf } from '#core/pitch';
import { plan } from '#core/plan';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { seededBrief } from '../../../scripts/results/seeded-briefs.ts';
import { type HandKind, handFaults, handKindOf, lettersAbove, staysByShifts, type Together } from '../../support/plans/hand-rule.ts';
import { seededOutcome } from '../../support/plans/seeded-plans.ts';
import { type CaseNote, casesOf, type ReferenceCase } from '../../support/reference/reference-case.ts';

/** The lines that are planned, with the number of other fingerings asked for. */
const LINES = 2000;
const EVERY_WITH_OTHERS = 10;

describe('one hand at a time', () => {
  it('plays every stay of 2,000 lines and of other fingerings of them, and no shift goes nowhere', { timeout: 600_000 }, () => {
    for (let index = 0; index < LINES; index += 1) {
      const brief = seededBrief(index);
      const outcome = index % EVERY_WITH_OTHERS === 0 ? plan(brief, { alternatives: 5 }) : seededOutcome(index);
      if (!outcome.ok) continue;
      for (const plan of [outcome.value.best, ...outcome.value.alternatives.map((other) => other.plan)]) isOneHand(brief, plan, index);
    }
  });

  it('gives way to what a teacher has fixed', () => {
    const brief: Brief = {
      instrument: { kind: 'violin' },
      material: { kind: 'line', key: 'C major', notes: ['Bb4', 'D#5'].map((pitch) => ({ pitches: [pitch], duration: '1/4' })) },
      locks: [
        { note: 0, string: 'A4', finger: '1' },
        { note: 1, string: 'A4', finger: '3' },
      ],
    };
    const outcome = plan(brief);
    assert.ok(outcome.ok);
    assert.deepEqual(
      outcome.value.best.notes.map((note) => (note.kind === 'note' ? note.stops[0].finger : '')),
      ['1', '3'],
    );
    assert.deepEqual(outcome.value.best.notOneHand, [{ from: 0, to: 1, kind: 'beside' }]);
  });

  it('is what every reference fingering in one position has', () => {
    for (const file of ['cases.json', 'cases-2.json', 'own-cases.json'] as const) {
      for (const referenceCase of casesOf(file).filter(({ constraints }) => constraints.positions?.length === 1)) {
        for (const accepted of referenceCase.accept)
          assert.deepEqual(
            handFaults(handKindOf(referenceCase.instrument, referenceCase.school), togetherOf(referenceCase, accepted)),
            [],
            referenceCase.id,
          );
      }
    }
  });

  const INSTRUMENTS = {
    violin: 'violin',
    viola: 'viola',
    cello: 'cello',
    bass: 'bass',
    'bass of four fingers': 'bass',
    'bass with pivots': 'bass',
    'bass of four fingers with pivots': 'bass',
  } as const;

  /** The rows, each a stay that no hand plays: string, finger and note. */
  const IMPOSSIBLE: readonly (readonly [HandKind, string, string])[] = [
    ['cello', 'G1:A2 G2:B2 G4:C#3 D1:D#3', 'forward and back around one finger 1'],
    ['cello', 'G1:B2 G2:C#3 G3:D#3 G4:E3', 'B major in one closed hand'],
    ['cello', 'A4:C#4 A3:D4', 'the third finger above the fourth'],
    ['cello', 'G3:C3 D4:G3 D1:D3', 'block and first finger both moved'],
    ['cello', 'D1:E3 D4:A3', 'a perfect fourth from 1 to 4'],
    ['cello', 'D1:E3 D2:G3', 'a minor third from 1 to 2'],
    ['cello', 'D1:E3 D2:F3 D4:A3', 'a major third from 2 to 4'],
    ['cello', 'A1:Bb3 A4:D4 A1:B3 A4:D#4', 'reaching back and opening forward'],
    ['cello', 'AT:A4 A1:C5', 'a minor third from the thumb'],
    ['cello', 'AT:A4 A1:B4 AT:B4', 'a thumb that moves'],
    ['violin', 'D1:F#4 D2:A4 D4:C5', 'a minor third under 1 and 2'],
    ['violin', 'A1:B4 A2:D5', 'B and D under neighbours'],
    ['violin', 'D1:Eb4 D3:G#4', 'an augmented third from 1 to 3'],
    ['violin', 'A2:C5 A1:C#5', 'the first finger above the second'],
    ['violin', 'G1:Ab3 E4:C6 G1:Ab3 D1:D#4', 'from a low first finger to more than a tritone and a semitone'],
    ['viola', 'C1:D3 C4:A3', 'a fifth from 1 to 4 on one string'],
    ['bass', 'D1:E2 D4:G2', 'a minor third from 1 to 4'],
    ['bass', 'D1:E2 D2:F#2', 'a tone from 1 to 2'],
    ['bass', 'E1:F1 A4:C2 D1:F2', 'two hands on two strings'],
    ['bass of four fingers', 'D1:E2 D4:G#2', 'a major third from 1 to 4'],
  ];

  for (const [kind, stay, words] of IMPOSSIBLE) {
    it(`is not ${words} (${kind} ${stay})`, () => {
      const notes = stay.split(' ').map((text): Together => {
        const [place = '', pitch = ''] = text.split(':');
        return [downAt(INSTRUMENTS[kind], { string: place.slice(0, 1), finger: place.slice(1) }, pitch)];
      });
      assert.notDeepEqual(handFaults(kind, notes), []);
    });
  }
});

function isOneHand(brief: Brief, plan: Plan, index: number): void {
  const kind = handKindOf(brief.instrument.kind, brief.player?.school, brief.player?.pivots);
  for (const stay of staysByShifts(plan)) assert.deepEqual(handFaults(kind, stay), [], `line ${index}`);
  for (const shift of plan.shifts) assert.ok(shift.handSemitones !== 0 && shift.handMm > 0, `line ${index}: shift to note ${shift.to}`);
  hasItsReach(plan, index);
}

/** Checks both numbers of reach, calculated again from places alone: the extent of a stay, and that no moment is called less than it is. */
function hasItsReach(plan: Plan, index: number): void {
  const mmAt = (semitones: number): number => mmFromNut(plan.stringLengthMm, semitones);
  for (const stay of plan.stays) {
    const sounds = plan.notes.slice(stay.from, stay.to + 1).flatMap((note) => (note.kind === 'note' ? [note] : [null]));
    const places = sounds.flatMap((note) => (note ? stoppedPlaces(note) : []));
    if (places.length === 0) continue;
    assert.ok(stay.covers && Math.abs(stay.covers.mm - (mmAt(Math.max(...places)) - mmAt(Math.min(...places)))) < 1e-9, `line ${index}`);
    const moments = sounds.flatMap((note, order) => {
      const places = [...(note ? stoppedPlaces(note) : []), ...between(sounds[order - 1], note)];
      return places.length === 0 ? [] : [mmAt(Math.max(...places)) - mmAt(Math.min(...places))];
    });
    assert.ok(
      (stay.reach?.needMm ?? 0) >= Math.max(...moments) - 1e-9,
      `line ${index}: a moment of the stay from note ${stay.from} is wider than told`,
    );
  }
}

/** Gives the place of the finger that played just before, if nothing lies between the two. */
function between(before: PlannedSound | null | undefined, note: PlannedSound | null): readonly number[] {
  return before && note && stoppedPlaces(note).length > 0 ? stoppedPlaces(before) : [];
}

function stoppedPlaces({ stops }: PlannedSound): readonly number[] {
  return stops.filter(({ finger }) => finger !== '0').map(({ semitonesAboveOpen }) => semitonesAboveOpen);
}

function togetherOf({ instrument, notes }: ReferenceCase, accepted: readonly CaseNote[]): readonly Together[] {
  return accepted.map((note, index) => {
    const pitches = (notes[index] ?? '').split('+');
    return 'chord' in note
      ? note.chord.map((stop, place) => downAt(instrument, stop, pitches[place] ?? ''))
      : [downAt(instrument, note, pitches[0] ?? '')];
  });
}

function downAt(
  instrument: Brief['instrument']['kind'],
  { string, finger }: { readonly string: string; readonly finger: string },
  pitch: string,
): Together[number] {
  const open = TUNINGS[instrument].find((name) => name.startsWith(string)) ?? '';
  return { string, finger, place: semitones(pitch) - semitones(open), letters: lettersAbove(open, pitch) };
}

function semitones(text: string): number {
  const pitch = parsePitch(text);
  assert.ok(pitch.ok, text);
  return semitonesOf(pitch.value);
}
