import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { withSigns } from '#core/brief/lines';
import { toMusicXml } from '#core/format/musicxml';
import type { InstrumentKind } from '#core/instrument';
import { formatLineText, type LineNoteDocument, parseLineText } from '#core/material/typed';
import { ORNAMENT_KINDS, ORNAMENT_SIGNS } from '#core/material/line';
import { engravingOf, fingerMark, fingerMarks } from '#core/notation';
import { plan } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import { performanceOf } from '#core/sound';
import { mixedNotes, planBest, refusalOf } from '../../support/briefs.ts';

/** Makes a line as it is typed, in quarters. */
function typeLine(kind: InstrumentKind, text: string, key = 'C major', more: Partial<Brief> = {}): Brief {
  const reading = parseLineText(text, '1/4', 0);
  assert.ok(reading.ok, text);
  return { instrument: { kind }, material: { kind: 'line', key, notes: [...reading.value] }, ...more };
}

/** Writes the note's finger, and of an ornament or stopped harmonic the finger that goes with it: "B4 1~2". */
function fingers(result: Plan): readonly string[] {
  return result.notes.flatMap((note) =>
    note.kind === 'note' ? [`${note.stops[0].finger}${note.partner ? `~${note.partner.finger}` : ''}`] : [],
  );
}

/** The ornaments, each with the musical ground: which finger holds, which moves. */
const ORNAMENTED: readonly { kind: InstrumentKind; key: string; text: string; played: string; because: string }[] = [
  { kind: 'violin', key: 'G major', text: 'G4 A4 B4tr A4 G4', played: '3 0 1~2 0 3', because: 'first position, the free pair 1-2' },
  { kind: 'violin', key: 'D major', text: 'A4 C#5tr B4', played: '0 2~3 1', because: 'C sharp under 2, D under 3: a semitone' },
  {
    kind: 'violin',
    key: 'D major',
    text: 'F#4mord E4',
    played: '2~1 1',
    because: 'a mordent goes to the note below, under the finger below',
  },
  { kind: 'violin', key: 'C major', text: 'B4mord A4', played: '1~0 0', because: 'the first finger lifts to the open string' },
  { kind: 'violin', key: 'C major', text: 'E4upmord D4', played: '1~2 0', because: 'an upper mordent takes the note above' },
  {
    kind: 'violin',
    key: 'C major',
    text: '{A4} G4 {D5 C5} B4',
    played: '4 3 3 2 1',
    because: 'grace notes stay on the string of their note',
  },
  { kind: 'violin', key: 'C major', text: 'A6**', played: '1~4', because: 'stopped by 1, touched a fourth above by 4' },
  { kind: 'viola', key: 'C major', text: 'E4tr:1/2 D4:1/4', played: '1~2 0', because: 'E and F on the D string' },
  { kind: 'cello', key: 'C major', text: 'E3tr D3', played: '1~2 0', because: 'a semitone on the neck: 1-2' },
  { kind: 'cello', key: 'C major', text: 'B3tr C4', played: '1~2 2', because: 'B and C on the A string, 1-2' },
  { kind: 'cello', key: 'G major', text: 'A2tr G2', played: '1~3 0', because: 'a tone on the neck in the closed hand: 1-3' },
  { kind: 'cello', key: 'C major', text: 'D6**', played: 'T~3', because: 'in thumb position the thumb stops and 3 touches' },
  { kind: 'bass', key: 'C major', text: 'B1tr A1', played: '1~2 0', because: 'a semitone: 1-2' },
  { kind: 'bass', key: 'G major', text: 'B1tr#:1/2 A1:1/4', played: '1~4 0', because: 'with a sharp the trill is a tone: 1-4' },
];

describe('ornaments', () => {
  for (const { kind, key, text, played, because } of ORNAMENTED) {
    it(`are fingered on the ${kind}, ${text}: ${because}`, () => {
      const player: Partial<Brief> = kind === 'cello' && text.includes('**') ? { player: { school: 'thumb' } } : {};
      assert.equal(fingers(planBest(typeLine(kind, text, key, player))).join(' '), played);
    });
  }

  it('say both fingers, the other note and what they do', () => {
    const note = planBest(typeLine('violin', 'A4 G4trb A4', 'C major')).notes[1];
    assert.ok(note?.kind === 'note');
    assert.deepEqual([note.partner?.does, note.partner?.written, note.partner?.finger], ['trill', 'Ab4', '2']);
  });

  it('prefer a strong finger that moves, so that 3 and 4 trill only where nothing better is near', () => {
    const shifts = typeLine('violin', 'D5tr:1/1 E5tr:1/1 D5tr:1/1', 'D major', { limits: { openStrings: 'none' } });
    for (const note of planBest(shifts).notes) assert.ok(note.kind === 'note' && note.partner?.finger !== '4');
  });

  it('are one hand: the finger that moves fits the hand of the whole stay', () => {
    const kinds = fc.constantFrom<InstrumentKind>('violin', 'viola', 'cello', 'bass');
    const briefs = kinds.chain((kind) => fc.tuple(fc.constant(kind), mixedNotes(kind), fc.infiniteStream(fc.nat(4))));
    fc.assert(
      fc.property(briefs, ([kind, notes, choose]) => {
        const signed = notes.map((note): LineNoteDocument => {
          const ornament = ORNAMENT_KINDS[choose.next().value ?? 4];
          return ornament && !('rest' in note) && note.pitches.length === 1 ? { ...note, ornament: { kind: ornament } } : note;
        });
        const outcome = plan({ instrument: { kind }, material: { kind: 'line', key: 'C major', notes: signed } });
        if (!outcome.ok) return;
        for (const note of outcome.value.best.notes) {
          if (note.kind === 'rest' || note.partner === null) continue;
          const [own] = note.stops;
          assert.notEqual(own.finger, note.partner.finger);
          const apart = note.partner.semitonesAboveOpen - own.semitonesAboveOpen;
          assert.ok(note.partner.does === 'mordent' ? apart < 0 : apart > 0);
          assert.ok(Math.abs(apart) <= 3 && own.string === note.partner.string);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('sound: a trill changes with the note above and rests on its own, a mordent touches once, grace notes take time from their note', () => {
    const brief = typeLine('violin', 'B4tr:1/2 D5mord:1/4 {C5} B4', 'C major', { tempo: 60 });
    const result = planBest(brief);
    const { notes, seconds } = performanceOf(result, { from: 0, to: 3, pace: 1, slides: true });
    const of = (index: number) => notes.filter(({ note }) => note === index);
    const trill = of(0).map(({ hz }) => Math.round(hz[0] ?? 0));
    assert.deepEqual([...new Set(trill)], [494, 523]);
    assert.ok(trill.length > 10 && trill.length % 2 === 1 && trill[trill.length - 1] === 494);
    assert.deepEqual(
      of(1).map(({ hz }) => Math.round(hz[0] ?? 0)),
      [587, 523, 587],
    );
    const [grace] = of(2);
    const [main] = of(3);
    assert.ok(grace && main && grace.seconds > 0.05 && grace.seconds < 0.2);
    assert.ok(Math.abs(grace.at - 3) < 1e-9 && Math.abs(main.at + main.seconds - 4) < 1e-9);
    assert.equal(seconds, 4);
    assert.ok(grace.slursOn && main.slurred);
  });

  it('sound: a stopped harmonic two octaves above the note that is stopped', () => {
    const [note] = performanceOf(planBest(typeLine('violin', 'A6**')), { from: 0, to: 0, pace: 1, slides: true }).notes;
    assert.equal(Math.round(note?.hz[0] ?? 0), 1760);
  });

  it('stand on the staff: small notes before their note, a stopped harmonic as two heads, a sign over the finger', () => {
    const result = planBest(typeLine('violin', '{A4 B4} C5tr# A6**'));
    const [first, second] = engravingOf('violin', result.line).measures[0]?.symbols ?? [];
    assert.ok(first?.kind === 'note' && second?.kind === 'note');
    assert.deepEqual(
      first.small.map(({ index }) => index),
      [0, 1],
    );
    assert.deepEqual(
      second.heads.map(({ written, diamond }) => [written.octave, written.letter, diamond]),
      [
        [4, 5, false],
        [5, 1, true],
      ],
    );
    const marks = fingerMarks(result);
    assert.deepEqual([marks[2]?.ornament?.kind, marks[2]?.ornament?.sign], ['trill', 'sharp']);
    assert.equal(marks[3] && fingerMark(marks[3]), '1·4°');
  });

  it('go out as MusicXML: ornaments with their sign, grace notes, base and touch of a stopped harmonic', () => {
    const xml = JSON.stringify(toMusicXml('Ornaments', planBest(typeLine('violin', '{D5} C5tr# B4mord A4upmord A6**'))));
    for (const name of [
      'grace',
      'trill-mark',
      'accidental-mark',
      'mordent',
      'inverted-mordent',
      'artificial',
      'base-pitch',
      'touching-pitch',
    ]) {
      assert.ok(xml.includes(`"${name}"`), name);
    }
  });

  it('stretch a measured hand: what it cannot span is not offered', () => {
    const narrow = { firstToFourth: { comfortMm: 40, maxMm: 50 } };
    const { message, hint } = refusalOf(typeLine('violin', 'A5** B5**', 'C major', { player: { hand: narrow } }));
    assert.match(`${message} ${hint}`, /reach|span|hand/);
  });
});

describe('signs in a typed line', () => {
  it('come back as they were typed', () => {
    const signs = fc.record(
      {
        ornament: fc.record(
          { kind: fc.constantFrom(...ORNAMENT_KINDS), sign: fc.constantFrom(...ORNAMENT_SIGNS) },
          { requiredKeys: ['kind'] },
        ),
        harmonic: fc.constantFrom(true, 'stopped' as const),
        grace: fc.constant(true as const),
      },
      { requiredKeys: [], noNullPrototype: true },
    );
    fc.assert(
      fc.property(mixedNotes('violin'), fc.infiniteStream(signs), (notes, stream) => {
        const signed = notes.map((note) => ('rest' in note ? note : { ...note, ...stream.next().value }));
        const reading = parseLineText(formatLineText(signed, '1/8', 0), '1/8', 0);
        assert.ok(reading.ok);
        assert.deepEqual(JSON.parse(JSON.stringify(reading.value)), JSON.parse(JSON.stringify(signed)));
      }),
    );
  });

  it('are refused with a sentence where nothing plays them', () => {
    assert.match(refusalOf(typeLine('violin', 'A4 {B4} r')).message, /grace note has no note/);
    assert.match(refusalOf(typeLine('violin', 'A4+C5tr')).message, /single full-size note/);
    assert.match(refusalOf(typeLine('violin', 'G5**')).message, /stopped harmonic/);
    assert.match(refusalOf(typeLine('cello', 'D6**')).hint, /thumb position/);
    const alone = parseLineText('{A4 B4', '1/4', 0);
    assert.ok(!alone.ok && alone.issues.some(({ message }) => message.includes('bracket')));
    assert.match(refusalOf(typeLine('violin', 'B4trb')).message, /not an ornament/);
  });

  it('take each other’s place: the newest stays', () => {
    const brief = typeLine('violin', 'A4tr B4');
    const stopped = withSigns(brief, 0, { harmonic: 'stopped' });
    assert.deepEqual(stopped.material.kind === 'line' && stopped.material.notes[0], {
      pitches: ['A4'],
      duration: '1/4',
      harmonic: 'stopped',
    });
    const none = withSigns(brief, 0, { ornament: null });
    assert.deepEqual(none.material.kind === 'line' && none.material.notes[0], { pitches: ['A4'], duration: '1/4' });
    const last = withSigns(brief, 1, { grace: true });
    assert.deepEqual(last.material, brief.material);
  });
});
