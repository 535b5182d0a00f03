import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type Brief, readPlayer } from '#core/brief';
import { KEYS_OFFERED } from '#core/brief/edits';
import { catalogue, openingDrill } from '#core/drill/finder';
import type { Drill, DrillFor } from '#core/drill';
import { type DrillFamily, FAMILY_NAMES, type FamilyName, isPlayedOn, PLAIN_VARIANT, writeDrill } from '#core/drill/families';
import { schoolsOf } from '#core/hand';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { parsePitch, semitonesOf, stepsOf } from '#core/pitch';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { firstOf } from '../../../src/islands/drills/first-request.ts';
import { planBest } from '../../support/briefs.ts';

/** Every hand that is learnt. */
const PLAYERS: readonly DrillFor[] = INSTRUMENT_KINDS.flatMap((kind) =>
  schoolsOf(kind).map((school) => ({ instrument: { kind }, player: { school } })),
);

/** The interval at which drills are played: a prime, so that each key, string and position has its turn. */
const EVERY = 151;

interface Written {
  readonly asks: DrillFamily;
  readonly drill: Drill;
  readonly plan: Plan;
  readonly told: string;
}

/** The drills offered to every hand in every key. */
const OFFERED = PLAYERS.flatMap((player) =>
  KEYS_OFFERED.flatMap((key) => catalogue(player, key).map(({ asks }) => ({ player, key, asks }))),
);

/** Takes drills of some families from all that are offered. */
function* drills(families: readonly FamilyName[], every = EVERY): Generator<Written> {
  const ofFamilies = OFFERED.filter(({ asks }) => families.includes(asks.family));
  for (const { player, key, asks } of ofFamilies.filter((_, order) => order % every === 0)) {
    const written = writeDrill(player, { key, asks, variant: PLAIN_VARIANT });
    if (!written.ok) continue;
    const told = `${player.instrument.kind} ${player.player?.school ?? ''} ${key} ${JSON.stringify(asks)}`;
    yield { asks, drill: written.value, plan: planBest(written.value.brief), told };
  }
}

function soundsOf({ notes }: Plan): readonly PlannedSound[] {
  return notes.flatMap((note) => (note.kind === 'note' ? [note] : []));
}

/** Lists the notes between rests. */
function measuresOf({ notes }: Plan): readonly (readonly PlannedSound[])[] {
  const measures: PlannedSound[][] = [[]];
  for (const note of notes) {
    if (note.kind === 'rest') measures.push([]);
    else measures.at(-1)?.push(note);
  }
  return measures.filter(({ length }) => length > 0);
}

function pitchIn(text: string) {
  const pitch = parsePitch(text);
  assert.ok(pitch.ok, text);
  return pitch.value;
}

function semitones({ stops }: PlannedSound): number {
  return semitonesOf(pitchIn(stops[0].pitch));
}

function letters({ stops }: PlannedSound): number {
  return stepsOf(pitchIn(stops[0].pitch));
}

const INSIDE: readonly FamilyName[] = [
  'position',
  'two-places',
  'first-and-fourth',
  'lift-and-replace',
  'blocks',
  'hovering',
  'chords',
  'open-string',
];

describe('drills are played by a hand', () => {
  it('inside a position the hand stays, on all instruments, in every key; on the thumb the thumb plays', () => {
    let count = 0;
    for (const { asks, plan, told } of drills(INSIDE)) {
      count += 1;
      assert.deepEqual([plan.shifts.length, plan.notOneHand.length], [0, 0], told);
      if (!('position' in asks) || asks.position !== 'thumb' || asks.family === 'open-string' || asks.family === 'chords') continue;
      assert.ok(
        soundsOf(plan).some(({ stops }) => stops.some(({ finger }) => finger === 'T')),
        told,
      );
    }
    assert.ok(count > 150, String(count));
  });

  it('between positions every measure is one the planner plays, and its shift changes what sounds', () => {
    let count = 0;
    for (const { asks, plan, told } of drills(['shift', 'guide', 'matrix', 'home'], 607)) {
      count += 1;
      assert.equal(plan.notOneHand.length, 0, told);
      assert.ok(plan.shifts.length > 0, told);
      if (asks.family !== 'matrix' && asks.family !== 'home') continue;
      for (const [there, away, back] of measuresOf(plan)) {
        assert.ok(there && away && back && semitones(there) === semitones(back) && semitones(there) !== semitones(away), told);
      }
    }
    assert.ok(count > 80, String(count));
  });

  it('broken thirds are thirds in pairs, up from the lower note and down from the upper', () => {
    for (const { plan, told } of ofSet('broken-thirds')) {
      const pairs = soundsOf(plan);
      assert.equal(pairs.length % 4, 0, told);
      for (let at = 0; at < pairs.length; at += 2) {
        const [one, other] = [pairs[at], pairs[at + 1]];
        assert.ok(one && other, told);
        assert.equal(letters(other) - letters(one), at < pairs.length / 2 ? 2 : -2, told);
      }
    }
  });

  it('a scale in a position is every letter once, upward and back, its open strings in their places', () => {
    for (const { drill, plan, told } of ofSet('scale')) {
      const sounds = soundsOf(plan);
      const top = (sounds.length - 1) / 2;
      const up = sounds.slice(0, top + 1).map(letters);
      const missing = drill.altered.flatMap((alteration) => (alteration.what === 'not-in-position' ? alteration.pitches : []));
      assert.equal((up.at(-1) ?? 0) - (up[0] ?? 0), top + missing.length, told);
      assert.deepEqual(up.toReversed(), sounds.slice(top).map(letters), told);
    }
  });

  it('first and last finger begins with the first, the two on neighbouring strings', () => {
    for (const { asks, plan, told } of drills(['first-and-fourth'], 37)) {
      const [first, other] = soundsOf(plan);
      assert.ok(first && other && first.stops[0].string !== other.stops[0].string, told);
      const isThumb = 'position' in asks && asks.position === 'thumb';
      assert.equal(first.stops[0].finger, isThumb ? 'T' : '1', told);
    }
  });

  it('match it: the old finger, the open string, the new finger on the same note', () => {
    for (const { plan, told } of drills(['matching'], 37)) {
      for (const [old, open, matched] of measuresOf(plan)) {
        assert.ok(old && open && matched, told);
        assert.equal(semitones(old), semitones(matched), told);
        assert.notEqual(old.stops[0].finger, matched.stops[0].finger, told);
        assert.deepEqual([open.stops[0].finger, open.stops[0].string], ['0', old.stops[0].string], told);
      }
    }
  });

  it('two places: one finger on two notes a semitone apart, beside others that stay', () => {
    for (const { asks, plan, told } of drills(['two-places'], 37)) {
      assert.ok(asks.family === 'two-places');
      const own = soundsOf(plan).filter(({ stops }) => stops[0].finger === asks.finger);
      for (const string of new Set(own.map(({ stops }) => stops[0].string))) {
        const notes = own.filter(({ stops }) => stops[0].string === string);
        const places = [...new Set(notes.map(semitones))].toSorted((one, other) => one - other);
        assert.equal((places[1] ?? 0) - (places[0] ?? 0), 1, told);
        assert.equal(places.length, 2, told);
      }
    }
  });

  it('octaves on the neck are led by the first finger on violin and viola and from the thumb on the cello', () => {
    for (const [instrument, school, fingers] of [
      [{ kind: 'violin' }, 'standard', '1+4'],
      [{ kind: 'cello' }, 'thumb', 'T+3'],
    ] as const) {
      const asks = { family: 'double-stops', interval: 'octaves', built: 'at-once', position: null } as const;
      const drill = writeDrill({ instrument, player: { school } }, { key: 'D major', asks, variant: PLAIN_VARIANT });
      assert.ok(drill.ok);
      const stopped = soundsOf(planBest(drill.value.brief)).filter(({ stops }) => stops[0].finger !== '0');
      for (const { stops } of stopped) assert.equal(stops.map(({ finger }) => finger).join('+'), fingers);
      assert.ok(stopped.length >= 7);
    }
  });
});

function ofSet(set: 'scale' | 'broken-thirds'): readonly Written[] {
  return [...drills(['position'], 37)].filter(({ asks }) => asks.family === 'position' && asks.set === set);
}

describe('a matrix with each string in its own key', () => {
  it('has the same fingers the same distances apart on every string, under the signature of its key', () => {
    const asks = { family: 'matrix', strings: ['E5', 'A4', 'D4'], from: '1', to: '3', fingers: 'same', keys: 'each-string' } as const;
    const drill = writeDrill(
      { instrument: { kind: 'violin' } },
      { key: 'A major', asks: { ...asks, strings: [...asks.strings] }, variant: PLAIN_VARIANT },
    );
    assert.ok(drill.ok);
    assert.deepEqual(keysOf(drill.value.brief), ['A major', '5 D major', '9 G major']);
    const sounds = soundsOf(planBest(drill.value.brief));
    const places = sounds.map(({ stops: [stop] }) => `${stop.finger} ${stop.semitonesAboveOpen}`);
    assert.deepEqual(places.slice(0, 12), places.slice(12, 24));
    assert.deepEqual(places.slice(0, 12), places.slice(24));
  });

  function keysOf({ material }: Brief): readonly string[] {
    assert.ok(material.kind === 'line');
    return [material.key ?? '', ...(material.changes ?? []).map(({ measure, key }) => `${measure} ${key ?? ''}`)];
  }
});

describe('the form of a drill', () => {
  it('opens on what this hand plays, whatever family is chosen, on every instrument', () => {
    for (const player of PLAYERS) {
      const place = readPlayer(player);
      assert.ok(place.ok);
      const setsThumb = place.value.hand.positionLabels.includes('thumb');
      for (const name of FAMILY_NAMES.filter((family) => isPlayedOn(family, player.instrument.kind, setsThumb))) {
        // In E♭ major many first fingers have no note where drills usually begin.
        const request = { key: 'Eb major', asks: firstOf(name, place.value, null), variant: PLAIN_VARIANT };
        const opened = openingDrill(player, request);
        assert.equal(opened.asks.family, name);
        assert.ok(writeDrill(player, opened).ok, `${player.instrument.kind} ${player.player?.school ?? ''} ${name}`);
      }
    }
  });
});
