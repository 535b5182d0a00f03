import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { type DrillFamily, loopAsked, PLAIN_VARIANT, writeDrill } from '#core/drill/families';
import { drillFor } from '#core/drill';
import { drillOfSpot } from '#core/drill/finder';
import { type HotSpot, hotSpotsOf, aroundNote, loopOf } from '#core/drill/hot-spots';
import { formatKey } from '#core/key';
import { plan as planOf } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import { planBest } from '../../support/briefs.ts';
import { type ExpectedSpot, HOT_SPOT_CASES } from '../../support/drill/hot-spot-cases.ts';

/** The number of hot spots looked at first. */
const FIRST = 5;

function isExpected(spot: HotSpot, { kind, note, way }: ExpectedSpot): boolean {
  return spot.note === note && spot.way === way && (spot.kind === kind || spot.also.includes(kind));
}

describe('hot spots', () => {
  it('are where a teacher would point: nine in ten of them among the first five', () => {
    let [named, found] = [0, 0];
    for (const { brief, expected } of HOT_SPOT_CASES) {
      const first = hotSpotsOf(planBest(brief)).slice(0, FIRST);
      named += expected.length;
      found += expected.filter((value) => first.some((spot) => isExpected(spot, value))).length;
    }
    assert.ok(found >= 0.9 * named, `${found} of ${named}`);
  });

  it('are none in a scale of one octave in first position with open strings', () => {
    for (const { name, brief } of HOT_SPOT_CASES.filter(({ name }) => /one octave/.test(name)))
      assert.deepEqual(hotSpotsOf(planBest(brief)), [], name);
  });
});

/** Describes the demand of a spot on the hand, so that it is known again in another line. */
function difficultyOf(plan: Plan, { kind, way, note, loop }: HotSpot): string {
  const at = (index: number): string => {
    const sound = plan.notes[index];
    if (sound?.kind !== 'note') return '';
    const [{ semitonesAboveOpen, string, finger }] = sound.stops;
    return `${string} ${finger} ${semitonesAboveOpen}`;
  };
  return [kind, way, at(note), ...(kind === 'block' || kind === 'shift' ? loop : [loop[0] ?? note, note]).map(at)].join(', ');
}

/** Tells whether a part of a plan, played by itself with its fingers, demands the same of the hand. */
function stillHolds(plan: Plan, spot: HotSpot, notes: readonly number[]): boolean {
  const outcome = planOf(loopOf(plan, notes, { fingers: null, checks: false }).brief);
  if (!outcome.ok) return false;
  const wanted = difficultyOf(plan, spot);
  const { best } = outcome.value;
  return allSpotsOf(best).some((spot) => difficultyOf(best, spot) === wanted);
}

/** Lists every hot spot, those that another on the same note covers too. */
function allSpotsOf(plan: Plan): readonly HotSpot[] {
  return hotSpotsOf(plan).flatMap((spot) => [spot, ...spot.also.map((kind) => ({ ...spot, kind }))]);
}

function partsOf(notes: readonly number[]): readonly (readonly number[])[] {
  return notes.reduce<readonly (readonly number[])[]>((parts, note) => [...parts, ...parts.map((part) => [...part, note])], [[]]);
}

describe('the loop of a hot spot', () => {
  const SPOTS = HOT_SPOT_CASES.flatMap(({ name, brief }) => {
    const plan = planBest(brief);
    return hotSpotsOf(plan).map((spot) => ({ name: `${name}: ${spot.kind} ${spot.note}`, plan, spot }));
  });

  it('can be played, and holds what is hard', () => {
    const without = SPOTS.filter(({ plan, spot }) => !stillHolds(plan, spot, spot.loop));
    assert.deepEqual(
      without.map(({ name }) => name),
      [],
    );
  });

  it('holds it with the fewest notes: no part of it does', () => {
    for (const { name, plan, spot } of SPOTS) {
      assert.ok(spot.loop.length <= 8, name);
      const parts = partsOf(spot.loop).filter((part) => part.length > 0 && part.length < spot.loop.length);
      for (const part of parts) assert.ok(!stillHolds(plan, spot, part), `${name}: ${part.join(' ')}`);
    }
  });
});

describe('what is written for a hot spot', () => {
  const SPOTS = HOT_SPOT_CASES.flatMap(({ name, brief }) => {
    const whole = planBest(brief);
    return hotSpotsOf(whole).map((spot) => ({ name: `${name}: ${spot.kind} ${spot.note}`, whole, spot }));
  });
  const writeFor = (whole: Plan, asks: DrillFamily) =>
    writeDrill(drillFor(whole.brief), { key: formatKey(whole.line.key), asks, variant: PLAIN_VARIANT });

  it('its loop, asked for as a drill, is the loop of the plan', () => {
    for (const { name, whole, spot } of SPOTS) {
      const drill = writeFor(whole, loopAsked(whole, spot));
      assert.ok(drill.ok, name);
      const pitches = ({ material }: Brief): readonly string[][] =>
        material.kind === 'line' ? material.notes.flatMap((note) => ('rest' in note ? [] : [note.pitches])) : [];
      assert.deepEqual(pitches(drill.value.brief), pitches(loopOf(whole, spot.loop, { fingers: null, checks: false }).brief), name);
    }
  });

  it('a note that is none by itself has a loop with its neighbours, and its finger in two places as a drill', () => {
    const [first] = SPOTS;
    assert.ok(first);
    const { whole } = first;
    const plain = whole.notes.findIndex(
      (note, index) =>
        index > 0 && note.kind === 'note' && note.stops[0].finger !== '0' && !hotSpotsOf(whole).some((spot) => spot.note === index),
    );
    const place = aroundNote(whole, plain);
    assert.ok(place);
    assert.deepEqual(place.loop, [plain - 1, plain, plain + 1]);
    assert.ok(writeFor(whole, loopAsked(whole, place)).ok);
    assert.equal(drillOfSpot(whole, place)?.family, 'two-places');
    assert.equal(aroundNote(whole, whole.notes.length), null);
  });

  it('a drill that leads to it, for nine in ten of them', () => {
    const written = SPOTS.filter(({ whole, spot }) => {
      const asks = drillOfSpot(whole, spot);
      return asks !== null && writeFor(whole, asks).ok;
    });
    assert.ok(written.length >= 0.9 * SPOTS.length, `${written.length} of ${SPOTS.length}`);
  });
});

describe('a loop with a check at each end', () => {
  it('sounds the open string with the note or after it, and says where nothing does', () => {
    const plan = planBest(HOT_SPOT_CASES.find(({ name }) => name === 'violin, A major up')?.brief ?? assert.fail());
    const playNotes = (notes: readonly number[]): readonly string[] => {
      const { brief } = loopOf(plan, notes, { fingers: null, checks: true });
      return planBest(brief).notes.flatMap((note) =>
        note.kind === 'note' ? [note.stops.map(({ pitch, finger }) => `${pitch} ${finger}`).join(' + ')] : [],
      );
    };
    assert.deepEqual(playNotes([14, 15]), ['A5 3', 'A4 0 + A5 3', 'B5 1', 'A5 3', 'A4 0 + A5 3']);
    assert.deepEqual(playNotes([17, 18]), ['D6 3', 'D4 0', 'E6 1', 'A4 0 + E6 1', 'D6 3', 'D4 0']);
    assert.deepEqual(loopOf(plan, [14, 15], { fingers: null, checks: true }).altered, [{ what: 'no-check', pitch: 'B5' }]);
  });

  it('keeps fingers down or lifts them as wanted', () => {
    const plan = planBest(HOT_SPOT_CASES[3]?.brief ?? assert.fail());
    assert.equal(loopOf(plan, [6, 7], { fingers: 'lifted', checks: false }).brief.ways?.fingers, 'lifted');
    assert.equal(loopOf(plan, [6, 7], { fingers: null, checks: false }).brief.ways, undefined);
  });
});
