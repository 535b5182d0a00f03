import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { instrumentOf } from '#core/fit/intoned';
import { type Instrument, INSTRUMENT_KINDS, readInstrument, SIZES, stringSpacingMm } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import type { Intonation } from '#core/intonation';
import { keyPlaces } from '#core/intonation/checks';
import { parseKey } from '#core/key';
import type { PlannedNote, PlannedSound } from '#core/plan/describe';
import { boardScale, boardX, boardY, rulerTicks, ZOOMS } from '../../../src/islands/measurements/board-geometry.ts';
import {
  handMarks,
  handTouches,
  keyMarks,
  keyTouches,
  otherTicks,
  samePitchMarks,
  stringsRinging,
} from '../../../src/islands/measurements/board-marks.ts';
import { lineBrief, planBest } from '../../support/briefs.ts';

const WIDTH = 1216;

function instrumentNamed(kind: Instrument['kind'], size?: string): Instrument {
  const read = readInstrument({ kind, ...(size === undefined ? {} : { size }) });
  assert.ok(read.ok);
  return read.value;
}

function soundAt(notes: readonly PlannedNote[], index: number): PlannedSound {
  const note = notes[index];
  assert.ok(note?.kind === 'note');
  return note;
}

describe('the fingerboard as drawn', () => {
  it('fits the window whole, for every size of every instrument, with room between the strings', () => {
    for (const kind of INSTRUMENT_KINDS) {
      for (const { size } of SIZES[kind]) {
        const instrument = instrumentNamed(kind, size);
        const scale = boardScale(instrument, WIDTH, 1);
        assert.ok(Math.abs(scale.width - WIDTH) < 1e-6);
        assert.ok(boardY(scale, instrument, 1, 0) - boardY(scale, instrument, 0, 0) >= 46 - 1e-6, `${kind} ${size}`);
        assert.ok(scale.height < 500, `${kind} ${size} is ${scale.height} px high`);
      }
    }
  });

  it('is true along the strings, and across them as soon as there is room', () => {
    const violin = instrumentNamed('violin');
    const near = boardScale(violin, WIDTH, 8);
    assert.equal(near.across, 1);
    assert.ok(Math.abs(boardX(near, 100) - boardX(near, 50) - 50 * near.pxPerMm) < 1e-9);
    const apart = boardY(near, violin, 1, 100) - boardY(near, violin, 0, 100);
    assert.ok(Math.abs(apart - stringSpacingMm(violin, 100) * near.pxPerMm) < 1e-9);
  });

  it('comes nearer by as much as asked', () => {
    const bass = instrumentNamed('bass');
    const scales = ZOOMS.map((zoom) => boardScale(bass, WIDTH, zoom).pxPerMm);
    assert.deepEqual(
      scales.map((scale) => Math.round(scale / (scales[0] ?? 1))),
      [...ZOOMS],
    );
  });

  it('has its strings in order from the top, parting towards the bridge', () => {
    const cello = instrumentNamed('cello');
    const scale = boardScale(cello, WIDTH, 1);
    const ys = [0, 1, 2, 3].map((index) => boardY(scale, cello, index, 0));
    assert.deepEqual(
      ys,
      ys.toSorted((one, other) => one - other),
    );
    assert.ok(boardY(scale, cello, 3, 500) - boardY(scale, cello, 0, 500) > boardY(scale, cello, 3, 0) - boardY(scale, cello, 0, 0));
  });

  it('has a ruler in round numbers that do not crowd', () => {
    for (const kind of INSTRUMENT_KINDS) {
      for (const zoom of ZOOMS) {
        const scale = boardScale(instrumentNamed(kind), WIDTH, zoom);
        const [first = 0, second = 0] = rulerTicks(scale);
        assert.equal(first, 0);
        assert.ok((second - first) * scale.pxPerMm >= 40);
      }
    }
  });
});

describe('a hand on the fingerboard', () => {
  const plan = planBest(
    lineBrief(
      'violin',
      ['D4', 'E4', 'F#4', 'G4', 'A4', 'B4', 'C#5', 'D5'],
      { limits: { openStrings: 'none', positions: ['1', '3'] } },
      'D major',
    ),
  );
  const violin = instrumentOf(plan);
  const [stay] = plan.stays;
  assert.ok(stay);

  it('has every finger that plays at its millimetres, with its note', () => {
    const marks = handMarks(plan, violin, stay, null);
    const stops = plan.notes.slice(stay.from, stay.to + 1).flatMap((note) => (note.kind === 'note' ? note.stops : []));
    for (const stop of stops) {
      const index = violin.strings.findIndex((string) => string.number === stop.string);
      const mark = marks.find((mark) => mark.stringIndex === index && Math.abs(mark.mm - stop.mmFromNut) < 1e-9);
      assert.deepEqual([mark?.text, mark?.look], [stop.finger, 'plays'], stop.pitch);
    }
  });

  it('has one mark a place, and the selected note stands out', () => {
    const chosen = soundAt(plan.notes, stay.from);
    const marks = handMarks(plan, violin, stay, chosen);
    assert.equal(new Set(marks.map((mark) => mark.id)).size, marks.length);
    assert.equal(marks.filter((mark) => mark.look === 'chosen').length, 1);
  });

  it('joins the fingers that touch, a semitone apart', () => {
    for (const { fromMm, toMm } of handTouches(violin, stay)) {
      const semitones = 12 * Math.log2((violin.stringLengthMm - fromMm) / (violin.stringLengthMm - toMm));
      assert.ok(Math.abs(semitones - 1) < 1e-9);
    }
    assert.ok(handTouches(violin, stay).length > 0);
  });

  it('shows the same note on the other strings, and none behind the nut', () => {
    const high = planBest(lineBrief('violin', ['E5'], { limits: { strings: ['D4'] } }));
    const marks = samePitchMarks(instrumentOf(high), soundAt(high.notes, 0));
    assert.deepEqual(
      marks.map(({ stringIndex, text }) => [stringIndex, text]),
      [
        [1, '='],
        [3, '='],
      ],
    );
  });

  it('names the double bass’s notes as its players read them', () => {
    const bass = planBest(lineBrief('bass', ['C2'], { limits: { strings: ['A1'] } }));
    assert.deepEqual(
      samePitchMarks(instrumentOf(bass), soundAt(bass.notes, 0)).map((mark) => mark.name),
      ['C3'],
    );
  });

  it('lets the open strings ring that answer the note', () => {
    const plan = planBest(lineBrief('violin', ['G4', 'F4'], { limits: { strings: ['D4'] } }));
    assert.deepEqual([...stringsRinging(plan, instrumentOf(plan), soundAt(plan.notes, 0))], [3]);
    assert.deepEqual([...stringsRinging(plan, instrumentOf(plan), soundAt(plan.notes, 1))], []);
  });

  it('has its open string where it sounds, with nothing on it', () => {
    const open = planBest(lineBrief('cello', ['D3']));
    assert.deepEqual([...stringsRinging(open, instrumentOf(open), soundAt(open.notes, 0))], []);
  });
});

describe('a key on the fingerboard', () => {
  const key = parseKey('D major');
  assert.ok(key.ok);
  const violin = instrumentNamed('violin');
  const equal: Intonation = { system: 'equal', tonic: key.value.tonic, leadingCents: 8 };
  const places = keyPlaces(violin, key.value, equal);

  it('has no mark for open strings, and the tonic stands out', () => {
    const marks = keyMarks(places);
    assert.ok(marks.every((mark) => mark.mm > 0));
    assert.ok(marks.filter((mark) => mark.look === 'chosen').every((mark) => mark.text === 'D'));
  });

  it('joins its semitones: in D major F♯–G and C♯–D', () => {
    const touching = keyTouches(places).map(
      ({ stringIndex, fromMm }) => keyMarks(places).find((mark) => mark.stringIndex === stringIndex && mark.mm === fromMm)?.text,
    );
    assert.deepEqual([...new Set(touching)].toSorted(), ['C♯', 'F♯']);
  });

  it('shows where another system would put each note, in mm, and nothing where they agree', () => {
    const ticks = otherTicks(violin, places, { ...equal, system: 'linear' });
    assert.deepEqual(otherTicks(violin, places, equal), []);
    const [cSharp] = ticks.filter((tick) => tick.stringIndex === 1 && Math.abs(tick.fromMm - mmFromNut(328, 4)) < 0.01);
    // C♯ lies four fifths above A: 7.8 cents, at 260 mm of sounding string 1.2 mm.
    assert.equal(cSharp?.text, '+1.2 mm');
  });
});
