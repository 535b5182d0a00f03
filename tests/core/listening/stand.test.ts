import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { INSTRUMENT_KINDS, type InstrumentKind } from '#core/instrument';
import { type DueNote, dueNotes } from '#core/listening';
import { NOTHING_KNOWN } from '#core/listening/along';
import { readTake } from '#core/listening/reading';
import { missesOf } from '#core/listening/report';
import { FAULTLESS, makeTake, QUIET, type SimulatedPlayer, type Surroundings } from '#core/listening/simulated';
import { isRecorded, type JudgedTry, dueInGroup, judgeStage, judgeTry, pauseAfter, standEar, type StandNow } from '#core/listening/stand';
import { STAGES } from '#core/drill/apart';
import { clap } from '../../support/listening/clap.ts';
import { lineToPlay } from '../../support/listening/seeded-lines.ts';

const RATE = 22_050;

/** The samples that come at once: about a fifth of a second, as a microphone brings them at twice the rate. */
const AT_ONCE = 4096;

/** Lets an ear hear a sound part by part, and gives all it tells. */
function tell(sound: Float32Array, hearing: { readonly pause?: number; readonly deaf?: number } = {}): readonly StandNow[] {
  const ear = standEar({ sampleRate: RATE, pause: 1.2, deaf: 0, ...hearing });
  const parts = Math.floor(sound.length / AT_ONCE);
  return Array.from({ length: parts }, (_, part) => ear.hear(sound.subarray(part * AT_ONCE, (part + 1) * AT_ONCE)));
}

function silence(seconds: number): Float32Array {
  return new Float32Array(Math.round(seconds * RATE));
}

function inRow(...parts: readonly Float32Array[]): Float32Array {
  return Float32Array.from(parts.flatMap((part) => [...part]));
}

/** Makes the sound of a click of the metronome. */
function click(): Float32Array {
  return silence(0.06).map((_, index) => 0.4 * Math.sin((2 * Math.PI * 1480 * index) / RATE) * Math.exp(-index / (0.015 * RATE)));
}

interface Played {
  readonly player?: Partial<SimulatedPlayer>;
  readonly around?: Partial<Surroundings>;
}

/** Lets a simulated player play a line. */
function playLine(due: readonly DueNote[], kind: InstrumentKind, { player, around }: Played = {}): Float32Array {
  const faults = { ...FAULTLESS, seed: 5, spreadCents: 3, ...player };
  return makeTake(due, { kind, voice: 'full', player: faults, surroundings: { ...QUIET, ...around }, sampleRate: RATE }).samples;
}

describe('an ear on the music stand', () => {
  it('hears each try from silence to silence, on every instrument', () => {
    for (const kind of INSTRUMENT_KINDS) {
      const due = dueNotes(lineToPlay(kind, 1));
      const one = playLine(due, kind);
      const seconds = one.length / RATE;
      const told = tell(inRow(silence(1), one, silence(2), one, silence(2)));
      const over = told.filter(({ state }) => state === 'over');
      assert.equal(over.length, 2, kind);
      for (const [order, begins] of [1, 3 + seconds].entries()) {
        const { from = 0, until = 0 } = over[order] ?? {};
        assert.ok(from > begins - 0.8 && from < begins + 0.1, `${kind}: from ${from}, not ${begins}`);
        assert.ok(Math.abs(until - (begins + seconds)) < 1.2, `${kind}: until ${until}, not ${begins + seconds}`);
      }
      assert.ok(
        told.every(({ clapped }) => !clapped),
        `${kind} claps`,
      );
    }
  });

  it('hears two claps, and neither one clap, nor the metronome, nor plucked notes', () => {
    const claps = (told: readonly StandNow[]): number => told.filter(({ clapped }) => clapped).length;
    const pair = inRow(silence(1), clap(1, RATE), silence(0.2), clap(2, RATE), silence(2));
    assert.equal(claps(tell(pair)), 1);
    assert.ok(
      tell(pair).every(({ state }) => state !== 'over'),
      'claps are no try',
    );
    assert.equal(claps(tell(inRow(pair, pair, pair))), 3);
    assert.equal(claps(tell(inRow(silence(1), clap(3, RATE), silence(3)))), 0);
    const clicks = inRow(silence(0.5), ...Array.from({ length: 20 }, () => inRow(click(), silence(0.44))));
    assert.equal(claps(tell(clicks)), 0);
    assert.ok(
      tell(clicks).every(({ state }) => state === 'waiting'),
      'clicks are no try',
    );
    const pluck = (hz: number) =>
      silence(0.4).map((_, index) => 0.4 * Math.sin((2 * Math.PI * hz * index) / RATE) * Math.exp(-index / (0.06 * RATE)));
    assert.equal(claps(tell(inRow(silence(1), pluck(293), pluck(440), pluck(660), silence(1)))), 0);
  });

  it('takes a drone for silence, after the model and after claps too, and hears nothing while the model sounds', () => {
    const due = dueNotes(lineToPlay('violin', 2));
    const overDrone = (sound: Float32Array): Float32Array =>
      sound.map((sample, index) => sample + 0.02 * Math.sin((2 * Math.PI * 220 * index) / RATE));
    const line = playLine(due, 'violin');
    const countOver = (told: readonly StandNow[]): number => told.filter(({ state }) => state === 'over').length;
    assert.equal(countOver(tell(overDrone(inRow(silence(2), line, silence(3))))), 1);
    assert.equal(countOver(tell(overDrone(inRow(silence(3), line, silence(3))), { deaf: 1 })), 1);
    const clapped = inRow(silence(1), clap(1, RATE), silence(0.1), clap(2, RATE), silence(2), line, silence(3));
    assert.equal(countOver(tell(overDrone(clapped))), 1);
    const model = tell(inRow(line, silence(3)), { deaf: 60 });
    assert.ok(model.every(({ state }) => state === 'waiting'));
  });

  it('hears two claps in a room that rings, and takes them for no try', () => {
    const [first, second] = [0.4, 0.9].map((seconds, order) => clap(order + 1, RATE, { seconds, rings: true }));
    assert.ok(first && second);
    const told = tell(inRow(silence(1), first, second, silence(3)));
    assert.equal(told.filter(({ clapped }) => clapped).length, 1);
    assert.ok(told.every(({ state }) => state !== 'over'));
  });

  it('waits longer than the longest rest of the line, at the tempo at which it is played', () => {
    const [first, second] = dueNotes(lineToPlay('violin', 2));
    assert.ok(first && second);
    const rested = [
      { ...first, at: 0, seconds: 1 },
      { ...second, at: 3, seconds: 1 },
    ];
    assert.ok(pauseAfter(rested, 1) > 2 && pauseAfter(rested, 0.5) > 4);
    assert.deepEqual(dueInGroup(rested, { from: second.note, to: second.note }), [rested[1]]);
  });
});

/** Judges what a simulated player plays. */
function judgeLine(due: readonly DueNote[], seed: number, kind: InstrumentKind, how: Played): JudgedTry {
  const plan = lineToPlay(kind, seed);
  const reading = readTake({ samples: playLine(due, kind, how), sampleRate: RATE }, due, NOTHING_KNOWN);
  return judgeTry(due, reading, missesOf(plan, due, reading, 12));
}

describe('a try that is judged by ear', () => {
  it('is clean where every note is in tune, and missed at the note that is out', () => {
    for (const kind of INSTRUMENT_KINDS) {
      const due = dueNotes(lineToPlay(kind, 3));
      assert.deepEqual(judgeLine(due, 3, kind, {}), { judged: 'clean' }, kind);
      const order = due.findIndex(({ stops: [stop], seconds }) => seconds > 0.4 && stop?.finger !== '0');
      const flat = judgeLine(due, 3, kind, { player: { misses: { ...FAULTLESS.misses, notes: { [order]: -30 } } } });
      assert.ok(flat.judged === 'missed' && flat.fault === 'flat' && flat.note === due[order]?.note, `${kind}: ${JSON.stringify(flat)}`);
    }
  });

  it('is missed at the note that is left out, begun again, or replaced by another', () => {
    const due = dueNotes(lineToPlay('viola', 3));
    const faults = {
      'left out': { kind: 'left-out', order: 4 },
      'another note': { kind: 'wrong', order: 4, semitones: 3 },
      again: { kind: 'restart', order: 7, back: 3 },
    } as const;
    for (const [fault, slip] of Object.entries(faults)) {
      const missed = judgeLine(due, 3, 'viola', { player: { slips: [slip] } });
      assert.ok(missed.judged === 'missed' && missed.fault === fault && missed.note === due[4]?.note, JSON.stringify(missed));
    }
  });

  it('is clean with the metronome sounding along too, whose clicks are no notes', () => {
    for (const kind of INSTRUMENT_KINDS) {
      for (const seed of [4, 6, 8]) {
        const plan = lineToPlay(kind, seed);
        const due = dueNotes(plan);
        const every = 60 / (plan.brief.tempo ?? 60);
        const player = { seed, slides: true, wander: 0.03 };
        const samples = playLine(due, kind, { player, around: { clicksEvery: every } });
        const reading = readTake({ samples, sampleRate: RATE }, due, { droneHz: null, clicks: { every, round: 1 } });
        assert.deepEqual(judgeTry(due, reading, missesOf(plan, due, reading, 12)), { judged: 'clean' }, `${kind} ${seed}`);
      }
    }
  });

  it('is not judged where something else was played', () => {
    const other = dueNotes(lineToPlay('violin', 7));
    const plan = lineToPlay('violin', 3);
    const due = dueNotes(plan);
    const reading = readTake({ samples: playLine(other, 'violin'), sampleRate: RATE }, due, NOTHING_KNOWN);
    assert.notEqual(judgeTry(due, reading, missesOf(plan, due, reading, 12)).judged, 'clean');
  });
});

describe('a stage that is judged by ear', () => {
  it('is recorded wherever it is played', () => {
    assert.deepEqual(
      STAGES.filter((stage) => !isRecorded(stage)),
      ['name'],
    );
  });

  it('is missed where a note comes late, from the lighter slide on', () => {
    const plan = lineToPlay('cello', 3);
    const due = dueNotes(plan);
    const player = { slips: [{ kind: 'late', order: 5, seconds: 0.8 }] } as const;
    const reading = readTake({ samples: playLine(due, 'cello', { player }), sampleRate: RATE }, due, NOTHING_KNOWN);
    const misses = missesOf(plan, due, reading, 12);
    assert.equal(judgeStage('slide', due, reading, misses).judged, 'clean');
    const judgedLate = judgeStage('measures', due, reading, misses);
    assert.ok(
      judgedLate.judged === 'missed' && judgedLate.fault === 'late' && judgedLate.note === due[5]?.note,
      JSON.stringify(judgedLate),
    );
  });
});
