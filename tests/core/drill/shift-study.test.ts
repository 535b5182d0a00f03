import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import type { Finger } from '#core/hand/placement';
import { type Alteration, type Drill, drillFor } from '#core/drill';
import { classOf, reverseShift, sameClass, type ShiftClass, shiftStudy, type StudyOrder } from '#core/drill/shifts';
import { mmFromNut } from '#core/instrument/geometry';
import { TUNINGS } from '#core/instrument';
import { alterationInKey, formatKey, isInKey, parseKey } from '#core/key';
import { DIATONIC_SEMITONES, type LetterIndex, parsePitch, semitonesOf, stepsOf } from '#core/pitch';
import type { Plan, PlannedSound, Shift } from '#core/plan/describe';
import { seededOutcome } from '../../support/plans/seeded-plans.ts';
import { planBest } from '../../support/briefs.ts';
import { type HandKind, handFaults, lettersAbove } from '../../support/plans/hand-rule.ts';

const SHIFTS = 300;

/** A shift of a plan with its name. */
interface Found {
  readonly plan: Plan;
  readonly shift: Shift;
  readonly shiftClass: ShiftClass;
}

/** Finds shifts over four instruments, schools and keys, one of each seeded line. */
function* foundShifts(): Generator<Found> {
  for (let seed = 0; ; seed += 1) {
    const outcome = seededOutcome(seed);
    if (!outcome.ok) continue;
    const { best } = outcome.value;
    const shift = best.shifts[seed % Math.max(1, best.shifts.length)];
    const shiftClass = shift ? classOf(best, shift) : null;
    if (shift && shiftClass) yield { plan: best, shift, shiftClass };
  }
}

function first(count: number): readonly Found[] {
  const found: Found[] = [];
  for (const shift of foundShifts()) {
    found.push(shift);
    if (found.length === count) break;
  }
  return found;
}

const FOUND = first(SHIFTS);

function semitones(text: string): number {
  const pitch = parsePitch(text);
  assert.ok(pitch.ok, text);
  return semitonesOf(pitch.value);
}

function soundOf({ notes }: Plan, index: number): PlannedSound {
  const note = notes[index];
  assert.ok(note?.kind === 'note');
  return note;
}

/** Lists the shifts of a drill that are heard: those in a rest bring the hand to the next measure. */
function sounding(drill: Drill): readonly (ShiftClass | null)[] {
  const best = planBest(drill.brief);
  return best.shifts.filter(({ throughRest }) => !throughRest).map((shift) => classOf(best, shift));
}

/**
 * Gives the home of the first finger, semitones above the string. Cello and bass: where the hand is, whether it reaches back or rolls
 * around its thumb; in thumb position where it plays, else a tone above the thumb. Violin and viola: on the letter by which the position is
 * named, where it plays that or as the key has it; with a finger a semitone, where the hand is.
 */
function placeOfFirst({ brief, line }: Plan, { stops: [stop], position, anchor, shape }: PlannedSound): number {
  if (position.label === 'thumb') return stop.finger === '1' ? stop.semitonesAboveOpen : anchor + FIRST_ABOVE_THUMB;
  if (brief.instrument.kind !== 'violin' && brief.instrument.kind !== 'viola') return anchor;
  if (shape === 'chromatic') return anchor;
  const [open, played] = [parsePitch(stop.open), parsePitch(stop.pitch)];
  assert.ok(open.ok && played.ok);
  const steps = stepsOf(open.value) + (position.label === 'half' ? 0 : Number(position.label));
  if (stop.finger === '1' && stepsOf(played.value) === steps) return stop.semitonesAboveOpen;
  const octave = Math.floor(steps / 7);
  const letter = LETTERS_UP[steps - 7 * octave];
  assert.ok(letter !== undefined);
  // In half position it stands above the nut even where the key has the open string's own letter there.
  return Math.max(1, 12 * octave + DIATONIC_SEMITONES[letter] + alterationInKey(line.key, letter) - semitones(stop.open));
}

/**
 * Gives the last place of the first finger before a shift on the string that is left, and its next place on the string it comes to, as it
 * is played in the stays on both sides; where it is not played, its home. Where that is no move, the hand tells.
 */
function standingFirst(whole: Plan, shift: Plan['shifts'][number]): readonly [number, number] {
  const [from, to] = [soundOf(whole, shift.from), soundOf(whole, shift.to)];
  const [homeBefore, homeAfter] = [from, to].map((sound) => {
    const first = sound.stops.length > 1 ? sound.stops.find(({ finger }) => finger === '1') : undefined;
    return first && sound.position.label !== 'thumb' ? first.semitonesAboveOpen : placeOfFirst(whole, sound);
  });
  const home = [homeBefore ?? 0, homeAfter ?? 0] as const;
  if ([from, to].some(({ position }) => position.label === 'thumb')) return home;
  const stays = [shift.from, shift.to].map((index) => whole.stays.find((stay) => stay.from <= index && index <= stay.to));
  const placesOn = (stay: Plan['stays'][number] | undefined, string: string): readonly number[] =>
    whole.notes.slice(stay?.from, (stay?.to ?? -1) + 1).flatMap((note) => {
      const stops = note.kind === 'note' ? [...note.stops, ...(note.partner && note.partner.finger !== '0' ? [note.partner] : [])] : [];
      return stops.flatMap((stop) => (stop.finger === '1' && stop.string === string ? [stop.semitonesAboveOpen] : []));
    });
  const left = placesOn(stays[0], shift.fromString).at(-1) ?? home[0];
  const reached = placesOn(stays[1], shift.toString)[0] ?? home[1];
  return left === reached ? home : [left, reached];
}

/** The distance of the first finger above the thumb at rest: a tone. */
const FIRST_ABOVE_THUMB = 2;

const LETTERS_UP: readonly LetterIndex[] = [0, 1, 2, 3, 4, 5, 6];

function notesInserted(altered: readonly Alteration[]): readonly string[] {
  return altered.flatMap((alteration) => (alteration.what === 'note-inserted' ? [alteration.pitch] : []));
}

describe('a shift of any plan', () => {
  it('has its travel, the movement of its notes and its in-between notes right, calculated from places alone', () => {
    for (const { plan: whole, shift } of FOUND) {
      const { stringLengthMm } = whole;
      const [from, to] = [soundOf(whole, shift.from), soundOf(whole, shift.to)];
      assert.equal(shift.noteSemitones, semitones(to.stops[0].pitch) - semitones(from.stops[0].pitch));
      const [left, reached] = standingFirst(whole, shift);
      assert.equal(shift.handSemitones, reached - left);
      const mm = stringLengthMm * Math.abs(2 ** (-left / 12) - 2 ** (-reached / 12));
      assert.ok(Math.abs(shift.handMm - mm) < 1e-9);
      assert.deepEqual(
        shift.firstFingerMm.map((value) => value.toFixed(6)),
        [left, reached].map((place) => mmFromNut(stringLengthMm, place).toFixed(6)),
      );
      for (const { inBetween } of shift.guides) {
        if (!inBetween) continue;
        assert.equal(semitones(inBetween.pitch), semitones(inBetween.open) + inBetween.semitonesAboveOpen);
        assert.ok(Math.abs(inBetween.mmFromNut - mmFromNut(stringLengthMm, inBetween.semitonesAboveOpen)) < 1e-9);
      }
    }
  });
});

describe('the in-between note of a shift', () => {
  it('lies in one hand with the note that its finger comes to, or leaves, by the other rule of what one hand is', () => {
    let checked = 0;
    for (const { plan: whole, shift } of FOUND) {
      const [from, to] = [soundOf(whole, shift.from), soundOf(whole, shift.to)];
      const { instrument, player } = whole.brief;
      for (const { kind, inBetween } of shift.guides) {
        if (!inBetween || kind === 'harmonic' || kind === 'thumb') continue;
        const [played] = (kind === 'new-finger' ? from : to).stops;
        const together = [played, inBetween].map(({ open, finger, semitonesAboveOpen, pitch }) => [
          { string: open, finger, place: semitonesAboveOpen, letters: lettersAbove(open, pitch) },
        ]);
        const what = `${instrument.kind} ${player?.school ?? ''} ${shift.fromFinger} ${shift.fromPosition.label} ${from.stops[0].pitch} to ${shift.toFinger} ${shift.toPosition.label} ${to.stops[0].pitch} ${to.shape}: ${kind} ${inBetween.finger} on ${inBetween.pitch}, ${played.finger} on ${played.pitch}`;
        assert.deepEqual(handFaults(handKindOf(instrument.kind, player), together), [], what);
        checked += 1;
      }
    }
    assert.ok(checked > SHIFTS, `${checked} in-between notes`);
  });
});

function handKindOf(instrument: Brief['instrument']['kind'], player: Brief['player']): HandKind {
  if (instrument !== 'bass') return instrument;
  const hand = player?.school === '1234' ? 'bass of four fingers' : 'bass';
  return player?.pivots ? `${hand} with pivots` : hand;
}

describe('the study of a shift', () => {
  it('holds exactly its class, stays in key but for what it says it put in, and can be played', () => {
    let exact = 0;
    for (const { plan: whole, shiftClass } of FOUND) {
      const key = formatKey(whole.line.key);
      const drill = shiftStudy(drillFor(whole.brief), { shift: shiftClass, letters: null, key, measures: 'all' });
      if (!drill.ok) continue;
      const { altered, brief } = drill.value;
      const away = altered.filter(({ what }) => what.startsWith('other-'));
      const found = sounding(drill.value);
      const isExact = found.every(
        (other) => other !== null && (sameClass(other, shiftClass) || sameClass(other, reverseShift(shiftClass))),
      );
      assert.ok(found.length > 0 && (isExact || away.length > 0), `${JSON.stringify(shiftClass)} ${JSON.stringify(found)}`);
      if (isExact) exact += 1;
      const parsed = parseKey(key);
      assert.ok(parsed.ok);
      const inserted = notesInserted(altered);
      for (const pitch of pitchesOf(brief))
        assert.ok(isInKey(semitones(pitch), parsed.value) || inserted.includes(pitch), `${pitch} in ${key}`);
    }
    assert.ok(exact >= 0.95 * SHIFTS, `${exact} of ${SHIFTS} are exact`);
  });
});

function pitchesOf({ material }: Brief): readonly string[] {
  assert.ok(material.kind === 'line');
  return material.notes.flatMap((note) => ('rest' in note ? [] : note.pitches));
}

/** Writes a study as it is played: "D4=A4@1 E4=A1@4 D4=A4@1 |". */
function writeOut(brief: Brief): string {
  const told = planBest(brief).notes.map((note) => {
    if (note.kind === 'rest') return '|';
    const [{ pitch, open, finger }] = note.stops;
    return `${pitch}=${open.slice(0, -1)}${finger}@${note.position.label}`;
  });
  return told.join(' ');
}

describe('a study of our own', () => {
  const upTheTop = (kind: 'cello' | 'bass', fingers: readonly [Finger, Finger], key: string, measures: StudyOrder = 'all'): Drill => {
    const string = TUNINGS[kind][0] ?? '';
    const [fromFinger, toFinger] = fingers;
    const distance = { by: 'positions', steps: 3 } as const;
    const shift: ShiftClass = { kind, fromString: string, toString: string, fromFinger, toFinger, way: 'up', distance };
    const drill = shiftStudy({ instrument: { kind } }, { shift, letters: toFinger === '1' ? 1 : null, key, measures });
    assert.ok(drill.ok);
    return drill.value;
  };

  it('takes the cello from the fourth finger to the first, a second up each time', () => {
    const { brief, altered } = upTheTop('cello', ['4', '1'], 'D major');
    const measures = [
      'C#4=A4@half D4=A1@3 C#4=A4@half',
      'D4=A4@1 E4=A1@4 D4=A4@1',
      'E4=A4@2 F#4=A1@5 E4=A4@2',
      'F#4=A4@3 G4=A1@6 F#4=A4@3',
    ];
    assert.ok(writeOut(brief).startsWith(measures.join(' | ')), writeOut(brief));
    assert.deepEqual(altered, []);
  });

  it('puts in the note of a finger that the key does not have, beside one that it has', () => {
    const { brief, altered } = upTheTop('bass', ['2', '4'], 'C major');
    assert.ok(writeOut(brief).startsWith('A2=G1@I A#2=G2@I D3=G4@III |'), writeOut(brief));
    assert.deepEqual(altered[0], { what: 'note-inserted', finger: '2', pitch: 'A#2', label: 'I' });
  });

  it('has its measures twice each, in pairs, or all in a row', () => {
    const firstNotes = (order: StudyOrder): readonly string[] => {
      const { material } = upTheTop('cello', ['4', '1'], 'D major', order).brief;
      assert.ok(material.kind === 'line');
      return material.notes.flatMap((note, index) => (index % 4 === 0 && !('rest' in note) ? note.pitches : [])).slice(0, 4);
    };
    assert.deepEqual(firstNotes('all'), ['C#4', 'D4', 'E4', 'F#4']);
    assert.deepEqual(firstNotes('alone'), ['C#4', 'C#4', 'D4', 'D4']);
    assert.deepEqual(firstNotes('pairs'), ['C#4', 'D4', 'D4', 'E4']);
  });

  it('is refused in words where nothing like it can be played', () => {
    const shift: ShiftClass = {
      kind: 'violin',
      fromString: 'E5',
      toString: 'E5',
      fromFinger: '1',
      toFinger: '1',
      way: 'up',
      distance: { by: 'positions', steps: 40 },
    };
    const drill = shiftStudy({ instrument: { kind: 'violin' } }, { shift, letters: null, key: 'C major', measures: 'all' });
    assert.ok(!drill.ok && /does not occur in C major/.test(drill.issues[0]?.message ?? ''));
  });
});
