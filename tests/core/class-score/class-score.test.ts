import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { readBrief } from '#core/brief';
import { asPlayed, FIRST_BRIEF } from '#core/brief/lines';
import type { Brief } from '#core/brief';
import { type ClassMember, type ClassPart, sharedStaffs, SHARES } from '#core/class-score';
import { addFractions, formatFraction, type Fraction } from '#core/fraction';
import type { ForeignEvent } from '#core/format/foreign';
import { fromMusicXml } from '#core/format/musicxml';
import { toMidiScore } from '#core/format/midi';
import type { Line } from '#core/material/line';
import { formatPitch, semitonesOf } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import { xmlTree } from '../../../src/files/foreign/xml-tree.ts';
import { musicXmlScoreText } from '../../../src/files/index.ts';
import { scoreFor, seededClass, seededClassLine } from '../../support/class-score/seeded-classes.ts';
import { handFaults, handKindOf, staysByShifts } from '../../support/plans/hand-rule.ts';
import { readMusicXmlParts } from '../../support/read-musicxml.ts';

const LINES = 40;
const CLASSES = 12;

describe('the score of a class', () => {
  it(
    'has parts that a hand plays, of equal length, with the pitches that were promised: 40 lines for 12 classes',
    { timeout: 900_000 },
    () => {
      const seen = { scores: 0, parts: 0, eased: 0, unison: 0 };
      for (let index = 0; index < LINES; index += 1) {
        const line = seededClassLine(index);
        const asked = readBrief(asPlayed(line));
        assert.ok(asked.ok, `line ${index}`);
        for (let at = 0; at < CLASSES; at += 1) {
          const members = seededClass(at);
          const sounding = (index + at) % 4 === 0 ? 'unison' : 'octaves';
          const { parts, silent, unison } = scoreFor(members, line, sounding);
          assert.equal(parts.length + silent.length, members.length);
          for (const part of parts) isPlayed(part, `line ${index}, class ${at}, ${part.member.id}`);
          for (const part of parts) soundsAsPromised(part, asked.value.line, unison, `line ${index}, class ${at}, ${part.member.id}`);
          seen.scores += 1;
          seen.parts += parts.length;
          seen.eased += parts.filter(({ changes }) => changes.length > 0).length;
          seen.unison += Number(unison !== null);
        }
      }
      assert.equal(seen.scores, LINES * CLASSES);
      // Each kind of part occurs often enough to mean something.
      assert.ok(seen.parts > 1500 && seen.eased > 300 && seen.unison > 100, JSON.stringify(seen));
    },
  );

  it('is read back alike by our own reader and by another, in all its parts', { timeout: 300_000 }, async () => {
    for (const [index, at] of [
      [0, 0],
      [3, 1],
      [6, 2],
      [7, 3],
      [13, 4],
      [19, 5],
    ] as const) {
      const { parts } = scoreFor(seededClass(at), seededClassLine(index), 'octaves');
      const xml = musicXmlScoreText(
        'A line',
        parts.map(({ member, plan }) => ({ name: member.name, plan })),
      );
      const read = fromMusicXml(xmlTree(xml));
      assert.ok(read.ok);
      assert.deepEqual(
        read.value.parts.map(({ name, kind }) => [name, kind]),
        parts.map(({ member, plan }) => [member.name, plan.brief.instrument.kind]),
      );
      assert.deepEqual(
        read.value.parts.map(({ measures }) => soundsOf(measures.flatMap(({ events }) => events)).join(' ')),
        parts.map(({ plan }) => pitchesOf(plan).join(' ')),
        `line ${index}`,
      );
      const other = await readMusicXmlParts(xml);
      assert.deepEqual(
        other.map((notes) => notes.filter(({ pitch }) => pitch !== 'r').map(({ finger }) => finger)),
        parts.map(({ plan }) => plan.notes.flatMap((note) => (note.kind === 'note' ? [note.stops[0].finger] : []))),
      );
      const lengths = other.map((notes) => notes.reduce((sum, { length }) => sum + length, 0));
      assert.equal(new Set(lengths).size, 1, `line ${index}: ${lengths.join()}`);
    }
  });

  it('writes a MIDI track for each part, which end together', () => {
    const { parts } = scoreFor(seededClass(0), seededClassLine(0), 'octaves');
    const { tracks } = toMidiScore(parts.map(({ member, plan }) => ({ name: member.name, plan })));
    assert.deepEqual(
      tracks.map(({ name }) => name),
      parts.map(({ member }) => member.name),
    );
    assert.deepEqual(
      tracks.map(({ instrument }) => instrument),
      parts.map(({ plan }) => plan.brief.instrument.kind),
    );
    assert.throws(() => toMidiScore([]), /0/);
  });

  it('takes over the bows of a piece, not its remarks, and says where signs are left out', () => {
    const notes = [
      { pitches: ['D5'], duration: '1/4', grace: true as const },
      ...['C5', 'G3', 'D4', 'A5'].map((pitch) => ({ pitches: [pitch], duration: '1/4' })),
    ];
    const marks = [
      { note: 1, bow: 'up' as const, remark: 'Wrist' },
      { note: 4, bow: 'down' as const },
    ];
    const line: Brief = { ...FIRST_BRIEF, material: { kind: 'line', notes }, marks };
    const members: readonly ClassMember[] = [
      { id: 'whole', name: 'whole', base: FIRST_BRIEF, share: 'all' },
      { id: 'open', name: 'open', base: FIRST_BRIEF, share: 'open' },
    ];
    const { parts } = scoreFor(members, line, 'octaves');
    assert.deepEqual(
      parts.map(({ plan, plainer }) => [plan.brief.marks, plainer]),
      [
        [
          [
            { note: 1, bow: 'up' },
            { note: 4, bow: 'down' },
          ],
          false,
        ],
        [[{ note: 3, bow: 'down' }], true],
      ],
    );
  });

  it('lets parts that are alike share a staff', () => {
    const [ada] = seededClass(0);
    assert.ok(ada);
    const { parts } = scoreFor([ada, { ...ada, name: 'Zoe' }], seededClassLine(0), 'octaves');
    assert.equal(sharedStaffs(parts).length, 1);
  });
});

/** Checks a part by the rule of the hand, and against the largest span. */
function isPlayed({ plan, member }: ClassPart, what: string): void {
  const kind = handKindOf(plan.brief.instrument.kind, plan.brief.player?.school, plan.brief.player?.pivots);
  for (const stay of staysByShifts(plan)) assert.deepEqual(handFaults(kind, stay), [], what);
  for (const note of plan.notes) assert.notEqual(note.kind === 'note' && note.reach?.judged?.verdict, 'beyond', what);
  for (const stay of plan.stays) assert.notEqual(stay.reach?.judged?.verdict, 'beyond', what);
  assert.ok(SHARES.includes(member.share));
}

/** Checks that a part lasts as long as the line, and plays its notes at their time: in the octaves it names, or as it says. */
function soundsAsPromised({ plan, octaves, changes, member }: ClassPart, line: Line, unison: number | null, what: string): void {
  assert.equal(endOf(plan.line), endOf(line), what);
  const bare = line.notes.filter((note) => note.kind === 'rest' || !note.grace);
  const changed = new Map(changes.map(({ note, how }) => [note, how]));
  const played = new Map(
    plan.line.notes.flatMap((note, order) => (note.kind === 'note' && !note.grace ? [[formatFraction(note.onset), order] as const] : [])),
  );
  for (const [index, note] of bare.entries()) {
    if (note.kind === 'rest') continue;
    const order = played.get(formatFraction(note.onset));
    const how = changed.get(index);
    assert.equal(order === undefined, how === 'rest', `${what}, note ${index}`);
    if (order === undefined) continue;
    const there = plan.line.notes[order];
    assert.ok(there?.kind === 'note');
    assert.equal(formatFraction(there.duration), formatFraction(note.duration), what);
    const apart = semitonesOf(there.pitch) - semitonesOf(note.pitch);
    if (how === undefined || how === 'one of two') assert.equal(apart, 12 * octaves, `${what}, note ${index}`);
    assert.equal(Math.abs(apart % 12), 0, `${what}, note ${index}`);
    if (unison !== null) assert.equal(apart, 12 * unison, what);
    if (member.share === 'open') assert.equal(fingerAt(plan, order), '0', what);
  }
}

function fingerAt({ notes }: Plan, index: number): string | null {
  const note = notes[index];
  return note?.kind === 'note' ? note.stops[0].finger : null;
}

function endOf({ notes }: Line): string {
  const last = notes.at(-1);
  const end: Fraction = last ? addFractions(last.onset, last.duration) : { numerator: 0, denominator: 1 };
  return formatFraction(end);
}

/** Lists the pitches of a part that was read: a note tied to the one before is no other. */
function soundsOf(events: readonly ForeignEvent[]): readonly string[] {
  return events.flatMap(({ note }, order) =>
    note === null || events[order - 1]?.note?.tied === true ? [] : note.pitches.map((pitch) => formatPitch(pitch)),
  );
}

function pitchesOf(plan: Plan): readonly string[] {
  return plan.line.notes.flatMap((note) => (note.kind === 'note' ? [formatPitch(note.pitch)] : []));
}
