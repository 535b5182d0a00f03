import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { mmFromNut } from '#core/instrument/geometry';
import { keyAt } from '#core/material/measures';
import { isInKey } from '#core/key';
import { parsePitch, semitonesOf, stepsOf } from '#core/pitch';
import type { InBetweenNote, Plan, Shift, Stay } from '#core/plan/describe';
import { seededOutcome } from '../../support/plans/seeded-plans.ts';

/** The number of shifts examined. */
const SHIFTS = 500;

/** A shift and the stays it joins, read from the plan as it is described, independently of how it was found. */
interface Joined {
  readonly plan: Plan;
  readonly shift: Shift;
  readonly before: Stay;
  readonly after: Stay;
}

function shiftsOfSeeds(): readonly Joined[] {
  const found: Joined[] = [];
  for (let seed = 0; found.length < SHIFTS; seed += 1) {
    const outcome = seededOutcome(seed);
    if (!outcome.ok) continue;
    const plan = outcome.value.best;
    for (const shift of plan.shifts) {
      const [before, after] = [shift.from, shift.to].map((note) => plan.stays.find(({ from, to }) => from <= note && note <= to));
      assert.ok(before && after);
      found.push({ plan, shift, before, after });
    }
  }
  return found;
}

/** Lists the places of a finger on a string in a stay, in order, semitones above the open string. */
function placesOf({ notes }: Plan, { from, to }: Stay, finger: string, open: string): readonly number[] {
  return notes
    .slice(from, to + 1)
    .flatMap((note) => (note.kind === 'note' ? [...note.stops, ...(note.partner ? [note.partner] : [])] : []))
    .flatMap((stop) => (stop.finger === finger && stop.open === open ? [stop.semitonesAboveOpen] : []));
}

/** The note that a finger passes, and the stay it stands in there; `leads` tells that the stay begins with it. */
interface Passed {
  readonly note: InBetweenNote;
  readonly stay: Stay;
  readonly leads: boolean;
}

/**
 * Finds the in-between note of a guide by a finger, and the stay in which that finger stands there: the one before for the finger that
 * arrives.
 */
function stopsPassed({ shift, before, after }: Joined): readonly Passed[] {
  return shift.guides.flatMap(({ kind, inBetween: note }): readonly Passed[] => {
    if (note === null) return [];
    if (kind === 'new-finger') return [{ note, stay: before, leads: false }];
    return kind === 'old-finger' || kind === 'first-finger' ? [{ note, stay: after, leads: true }] : [];
  });
}

const inWords = ({ plan, shift }: Joined): string => `${JSON.stringify(plan.brief)} note ${shift.to}`;

describe(`what is said of ${SHIFTS} shifts of seeded briefs`, () => {
  const joined = shiftsOfSeeds();
  const isOnThumb = ({ shift }: Joined): boolean => [shift.fromPosition, shift.toPosition].some(({ label }) => label === 'thumb');

  it('is read from where fingers stand: an in-between note lies where its finger plays in that stay', () => {
    let checked = 0;
    for (const joins of joined) {
      for (const { note, stay, leads } of stopsPassed(joins)) {
        const places = placesOf(joins.plan, stay, note.finger, note.open);
        if (places.length === 0) continue;
        checked += 1;
        assert.equal(note.semitonesAboveOpen, leads ? places[0] : places.at(-1), inWords(joins));
      }
    }
    assert.ok(checked > SHIFTS / 4, `${checked} checked`);
  });

  it('else it lies on the finger’s own letter in the key (violin, viola), or in the order of the hand (cello, bass)', () => {
    let checked = 0;
    for (const joins of joined.filter((joins) => !isOnThumb(joins))) {
      const { plan, shift } = joins;
      for (const { note, stay } of stopsPassed(joins)) {
        if (placesOf(plan, stay, note.finger, note.open).length > 0) continue;
        checked += 1;
        if (plan.brief.instrument.kind === 'violin' || plan.brief.instrument.kind === 'viola') {
          const [pitch, open] = [note.pitch, note.open].map((text) => parsePitch(text));
          assert.ok(pitch?.ok && open?.ok);
          const position = stay.position.label === 'half' ? 0 : Number(stay.position.label);
          assert.equal(stepsOf(pitch.value) - stepsOf(open.value), position + Number(note.finger) - 1, inWords(joins));
          assert.ok(isInKey(semitonesOf(pitch.value), keyAt(plan.line, shift.to)), inWords(joins));
        } else {
          for (const finger of ['1', '2', '3', '4'].filter((other) => other !== note.finger)) {
            for (const place of placesOf(plan, stay, finger, note.open)) {
              const apart = (note.semitonesAboveOpen - place) * Math.sign(Number(note.finger) - Number(finger));
              assert.ok(apart > 0 && apart <= 4, `${inWords(joins)}: ${note.finger} at ${note.semitonesAboveOpen}, ${finger} at ${place}`);
            }
          }
        }
      }
    }
    assert.ok(checked > SHIFTS / 4, `${checked} checked`);
  });

  it('travels as finger 1 goes, where it plays on both sides', () => {
    let checked = 0;
    for (const joins of joined.filter((joins) => !isOnThumb(joins))) {
      const { plan, shift, before, after } = joins;
      const open = (number: string): string => plan.strings.find((string) => string.number === number)?.name ?? '';
      const from = placesOf(plan, before, '1', open(shift.fromString)).at(-1);
      const to = placesOf(plan, after, '1', open(shift.toString))[0];
      if (from === undefined || to === undefined || from === to) continue;
      checked += 1;
      assert.equal(shift.handSemitones, to - from, inWords(joins));
      const [fromMm, toMm] = [from, to].map((place) => mmFromNut(plan.stringLengthMm, place));
      assert.deepEqual(shift.firstFingerMm, [fromMm, toMm], inWords(joins));
      assert.ok(Math.abs(shift.handMm - Math.abs((toMm ?? 0) - (fromMm ?? 0))) < 1e-9, inWords(joins));
    }
    assert.ok(checked > SHIFTS / 4, `${checked} checked`);
  });
});
