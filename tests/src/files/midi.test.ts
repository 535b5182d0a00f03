import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { lineTextOf } from '#core/brief/lines';
import { readMaterial } from '#core/brief/parts/materials';
import { bestGrid, fromMidi, type Grid, type MidiNote, type MidiSong, quantise, toMidi } from '#core/format/midi';
import { foreignPiece } from '#core/format/foreign';
import type { Line } from '#core/material/line';
import { parseLineText } from '#core/material/typed';
import { semitonesOf } from '#core/pitch';
import { plan } from '#core/plan';
import { asNumber } from '#core/fraction';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { readMidi, readSong } from '../../../src/files/foreign/midi-file.ts';
import { firstChoice } from '../../../src/files/foreign/score-piece.ts';
import { midiBytes } from '../../../src/files/midi.ts';
import { anyLine, planBest } from '../../support/briefs.ts';

/** Gives the line of a MIDI file as it would be typed, and the things left out. */
function lineOf(bytes: Uint8Array, grid: Grid | null = null): readonly [string, string] {
  const score = readMidi(bytes, grid);
  assert.ok(score.ok);
  const piece = foreignPiece(score.value.score, firstChoice(score.value.score));
  assert.ok(piece.ok, JSON.stringify(piece));
  return [lineTextOf(piece.value.brief) ?? '', piece.value.leftOut.map(({ what, count }) => `${what} ${count}`).join(', ')];
}

/** Makes quarter notes of a violin, each at a number of ticks of 100 a quarter, with a length. */
function song(notes: readonly (readonly [at: number, ticks: number, key: number])[], more: Partial<MidiSong> = {}): MidiSong {
  const played = notes.map(([at, ticks, key]): MidiNote => ({ at, ticks, key }));
  return {
    ticksPerQuarter: 100,
    tracks: [{ name: 'Violin', isPercussion: false, notes: played }],
    tempos: [],
    meters: [],
    keys: [],
    ...more,
  };
}

describe('a MIDI file', () => {
  it('that was written here holds the same notes, exactly: pitches, moments and lengths', () => {
    fc.assert(
      fc.property(anyLine, (brief) => {
        fc.pre(plan(brief).ok);
        const result = planBest(brief);
        const read = readSong(midiBytes(toMidi('A line', result)));
        assert.ok(read.ok);
        const expected = result.line.notes.flatMap((note) => {
          if (note.kind === 'rest' || note.grace) return [];
          const pitches = [note.pitch, ...(note.upper ? [note.upper] : [])];
          return pitches.map((pitch) => `${semitonesOf(pitch) + 12} ${asNumber(note.onset) * 4} ${asNumber(note.duration) * 4}`);
        });
        const { ticksPerQuarter, tracks } = read.value;
        const sounds = tracks[0]?.notes.map(({ key, at, ticks }) => `${key} ${at / ticksPerQuarter} ${ticks / ticksPerQuarter}`) ?? [];
        for (const text of expected) assert.ok(sounds.includes(text), `${text} in ${sounds.join(', ')}`);
      }),
      { numRuns: 60 },
    );
  });

  it('of every demo piece reads as its line again, in its key, meter and tempo', () => {
    for (const { name, brief } of DEMO_PIECES) {
      const result = planBest(brief);
      if (result.line.notes.some((note) => note.kind === 'note' && note.grace)) continue;
      const bytes = midiBytes(toMidi(name, result));
      const score = readMidi(bytes, '32nds');
      assert.ok(score.ok);
      const piece = foreignPiece(score.value.score, { ...firstChoice(score.value.score), kind: brief.instrument.kind });
      assert.ok(piece.ok, name);
      const again = readMaterial(piece.value.brief.material, piece.value.brief.rhythm);
      assert.ok(again.ok);
      const sounds = ({ notes }: Line): readonly string[] =>
        notes.flatMap((note) => (note.kind === 'note' ? [`${semitonesOf(note.pitch)} ${asNumber(note.duration)}`] : []));
      assert.deepEqual(sounds(again.value), sounds(result.line), name);
      assert.equal(piece.value.brief.tempo, brief.tempo ?? 72, name);
      assert.equal(again.value.key.fifths, result.line.key.fifths, name);
    }
  });

  it('that begins within its first measure comes in with a pick-up, its tempo, and its changes of key and meter', () => {
    const notes: readonly (readonly [number, number, number])[] = [
      [300, 100, 62],
      ...[67, 69, 71, 72, 74, 75, 77].map((key, order) => [400 + order * 100, 100, key] as const),
    ];
    const begun = song(notes, {
      tempos: [{ at: 0, quartersPerMinute: 96 }],
      meters: [
        { at: 0, beats: 4, beatValue: 4 },
        { at: 800, beats: 3, beatValue: 4 },
      ],
      keys: [
        { at: 0, fifths: 1, minor: false },
        { at: 800, fifths: -3, minor: false },
      ],
    });
    const score = readMidi(midiBytes(begun), 'eighths');
    assert.ok(score.ok);
    const piece = foreignPiece(score.value.score, firstChoice(score.value.score));
    assert.ok(piece.ok);
    const { material, rhythm, tempo } = piece.value.brief;
    assert.ok(material.kind === 'line');
    assert.deepEqual([rhythm?.pickUp, rhythm?.meter, tempo, material.key], ['1/4', '4/4', 96, 'G major']);
    assert.deepEqual(material.changes, [{ measure: 2, key: 'Eb major', meter: '3/4' }]);
    assert.equal(lineTextOf(piece.value.brief), 'D4:1/4 G4 A4 B4 C5 D5 Eb5 F5');
    assert.deepEqual(piece.value.leftOut, []);
  });

  it('played unevenly is set to the grid that fits, with how far it was off', () => {
    const uneven = [
      [3, 45, 67],
      [52, 44, 69],
      [98, 50, 71],
      [151, 47, 72],
      [199, 190, 74],
    ] as const;
    const { notes, error } = quantise(song(uneven).tracks[0]?.notes ?? [], 100, 'eighths');
    assert.deepEqual(
      notes.map(({ onset, duration }) => [asNumber(onset), asNumber(duration)]),
      [0, 0.125, 0.25, 0.375, 0.5].map((at, order) => [at, order === 4 ? 0.5 : 0.125]),
    );
    assert.equal(Number(error.mean.toFixed(3)), 0.018);
    assert.equal(Number(error.largest.toFixed(3)), 0.03);
    assert.equal(bestGrid(song(uneven).tracks[0]?.notes ?? [], 100), 'eighths');
    assert.equal(lineOf(midiBytes(song(uneven)), 'eighths')[0], 'G4 A4 B4 C5 D5:1/2');
  });

  it('finds triplets, and beats of either kind side by side', () => {
    const triplets = [0, 33, 67, 100, 133, 167]
      .map((at) => [at, 33, 67 + at / 100] as const)
      .map(([at, ticks], order) => [at, ticks, 67 + order] as const);
    assert.equal(bestGrid(song(triplets).tracks[0]?.notes ?? [], 100), 'triplets');
    const both = song([...triplets.slice(0, 3), [100, 25, 70], [125, 25, 71], [150, 25, 72], [175, 25, 73]]);
    assert.equal(bestGrid(both.tracks[0]?.notes ?? [], 100), 'sixteenths-and-triplets');
    const score = fromMidi(both, 'sixteenths-and-triplets');
    const durations = score.parts[0]?.measures[0]?.events.map(({ duration }) => `${duration.numerator}/${duration.denominator}`);
    assert.deepEqual(durations, ['1/12', '1/12', '1/12', '1/16', '1/16', '1/16', '1/16']);
  });

  it('is spelled by its key, or by the one in which most notes lie', () => {
    const scale = [61, 63, 65, 66, 68, 70, 72, 73].map((key, order) => [order * 100, 100, key] as const);
    const named = { keys: [{ at: 0, fifths: 7, minor: false }] };
    assert.equal(lineOf(midiBytes(song(scale, named)), 'eighths')[0], 'C#4:1/4 D#4 E#4 F#4 G#4 A#4 B#4 C#5');
    assert.equal(lineOf(midiBytes(song(scale)), 'eighths')[0], 'Db4:1/4 Eb4 F4 Gb4 Ab4 Bb4 C5 Db5');
  });

  it('gives notes that begin together as double stops, cuts what goes on under the next, and leaves drums alone', () => {
    const notes = [
      [0, 100, 62],
      [0, 100, 71],
      [100, 250, 67],
      [200, 100, 69],
    ] as const;
    assert.deepEqual(lineOf(midiBytes(song(notes)), 'eighths'), ['D4+B4:1/4 G4 A4 r', 'overlaps 1']);
    const drums = song([[0, 100, 38]], { tracks: [{ name: 'Drums', isPercussion: true, notes: [{ at: 0, ticks: 100, key: 38 }] }] });
    const silent = foreignPiece(fromMidi(drums, 'eighths'), firstChoice(fromMidi(drums, 'eighths')));
    assert.ok(!silent.ok && /no note/.test(silent.issues[0]?.message ?? ''));
  });

  it('cuts notes at the bar lines and ties them, in meters that change', () => {
    const brief: Brief = { instrument: { kind: 'violin' }, material: { kind: 'line', key: 'G major', notes: [] } };
    const line = parseLineText('G4:3/4 A4:1/2 B4:1/4', '1/4', 0);
    assert.ok(line.ok);
    const result = planBest({ ...brief, rhythm: { meter: '2/4' }, material: { kind: 'line', key: 'G major', notes: [...line.value] } });
    assert.equal(lineOf(midiBytes(toMidi('Tied', result)), 'eighths')[0], 'G4:3/4 A4:1/2 B4:1/4 r:1/2'.replace(' r:1/2', ''));
  });
});
