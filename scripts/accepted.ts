/**
 * Has a general-purpose engraver from Debian’s packages read and set the scores that we write, and compares what it has understood, note by
 * note: `npm run accepted`. It is not part of `npm test`: the engraver (`apt-get install --no-install-recommends lilypond`) is large, and it
 * does no fingering of its own.
 */
import { execFileSync, spawnSync } from 'node:child_process';
import { appendFileSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Brief } from '#core/brief';
import type { ReadElement } from '#core/format';
import { openSession } from '#core/session';
import { DEMO_PIECES } from '../src/demo/pieces.ts';
import { xmlTree } from '../src/files/foreign/xml-tree.ts';
import { musicXmlScoreText, musicXmlText } from '../src/files/index.ts';
import { scoreFor, seededClass, seededClassLine } from '../tests/support/class-score/seeded-classes.ts';
import { seededBrief } from './results/seeded-briefs.ts';

/** The number of seeded briefs beside the demo pieces. */
const SEEDED = 60;

/** The number of class scores. */
const CLASSES = 12;

/** The engraver walks through its music and tells every note with its fingers and strings; the thumb is a text there. */
const TELL_ALL = (voice: string): string => `
#(for-some-music
  (lambda (music)
    (case (ly:music-property music 'name)
      ((NoteEvent) (format #t "note ~a\\n" (ly:pitch-semitones (ly:music-property music 'pitch))))
      ((FingeringEvent) (format #t "finger ~a ~a\\n" (ly:music-property music 'digit) (ly:music-property music 'text)))
      ((TextScriptEvent) (if (equal? (ly:music-property music 'text) "T") (format #t "finger T\\n")))
      ((StringNumberEvent) (format #t "string ~a\\n" (ly:music-property music 'string-number))))
    #f)
  ${voice})
`;

/** A note head: its pitch in semitones above C4, its fingers and its strings, in words, and whether it sounds with the one before. */
interface Head {
  readonly inChord: boolean;
  readonly pitch: number;
  readonly fingers: readonly string[];
  readonly strings: readonly string[];
}

const STEPS: Readonly<Record<string, number>> = { C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 };

/** Lists the elements of a name inside an element, however deep. */
function within(element: ReadElement, name: string): readonly ReadElement[] {
  return element.children.flatMap((child) => (child.name === name ? [child] : within(child, name)));
}

function textIn(element: ReadElement, name: string): string {
  return within(element, name)[0]?.text ?? '';
}

/** Lists the heads of a score as we have written them. */
function headsWritten(xml: string): readonly Head[] {
  return xmlTree(xml)
    .flatMap((element) => within(element, 'note'))
    .filter((note) => within(note, 'pitch').length > 0)
    .map((note) => ({
      inChord: within(note, 'chord').length > 0,
      pitch: (STEPS[textIn(note, 'step')] ?? 0) + Number(textIn(note, 'alter')) + 12 * (Number(textIn(note, 'octave')) - 4),
      fingers: within(note, 'fingering').map(({ text }) => text),
      strings: within(note, 'string').map(({ text }) => text),
    }));
}

/** Lists the heads of a score as the engraver has told them. */
function headsTold(told: string): readonly Head[] {
  const heads: { readonly inChord: boolean; readonly pitch: number; readonly fingers: string[]; readonly strings: string[] }[] = [];
  for (const line of told.split('\n')) {
    const [what, value = '', text = ''] = line.split(' ');
    if (what === 'note') heads.push({ inChord: false, pitch: Number(value), fingers: [], strings: [] });
    if (what === 'finger') heads.at(-1)?.fingers.push(value === '()' ? text : value);
    if (what === 'string') heads.at(-1)?.strings.push(value);
  }
  return heads;
}

/**
 * Counts the heads in which two lists agree in something: those that sound together as one, since the engraver may tell what stands at a
 * chord in another order.
 */
function agree(written: readonly Head[], told: readonly Head[], pick: (head: Head) => readonly string[]): number {
  const chords = written.flatMap(({ inChord }, order) => (inChord ? [] : [order]));
  return chords.reduce((sum, first, chord) => {
    const last = chords[chord + 1] ?? written.length;
    const [one, other] = [written, told].map((heads) => heads.slice(first, last).flatMap(pick).toSorted().join(' '));
    return sum + (one === other ? last - first : 0);
  }, 0);
}

/** Writes a brief as MusicXML; nothing where no hand plays it. */
function scoreOf(name: string, brief: Brief): readonly { readonly name: string; readonly xml: string }[] {
  const plan = openSession(brief).best();
  return plan ? [{ name, xml: musicXmlText(name, plan) }] : [];
}

/** Writes seeded briefs as MusicXML, leaving out those that no hand plays. */
function seededScores(): ReturnType<typeof scoreOf> {
  const scores: ReturnType<typeof scoreOf>[number][] = [];
  for (let index = 0; scores.length < SEEDED; index += 1) scores.push(...scoreOf(`seeded ${index + 1}`, seededBrief(index)));
  return scores;
}

/** Writes the scores of mixed classes as MusicXML, all parts in one file. */
function classScores(): ReturnType<typeof scoreOf> {
  return Array.from({ length: CLASSES }, (_, index) => {
    const { parts } = scoreFor(seededClass(index), seededClassLine(index), 'octaves');
    return {
      name: `class ${index + 1}`,
      xml: musicXmlScoreText(
        'A line',
        parts.map(({ member, plan }) => ({ name: member.name, plan })),
      ),
    };
  });
}

const folder = mkdtempSync(join(tmpdir(), 'dove-path-'));
const scores = [...DEMO_PIECES.flatMap(({ name, brief }) => scoreOf(name, brief)), ...seededScores(), ...classScores()];
const sums = { set: 0, heads: 0, told: 0, pitches: 0, fingers: 0, strings: 0 };
for (const [order, { name, xml }] of scores.entries()) {
  const path = join(folder, String(order));
  writeFileSync(`${path}.musicxml`, xml);
  execFileSync('musicxml2ly', ['--loglevel=ERROR', `${path}.musicxml`, '-o', `${path}.ly`]);
  const voices = [...readFileSync(`${path}.ly`, 'utf8').matchAll(/^(PartP\w+Voice\w+)\s*=/gm)].flatMap(([, voice]) => voice ?? []);
  for (const voice of voices) appendFileSync(`${path}.ly`, TELL_ALL(`\\${voice}`.slice(1)));
  const { status, stdout, stderr } = spawnSync('lilypond', ['--loglevel=WARNING', '-o', path, `${path}.ly`], { encoding: 'utf8' });
  const [written, told] = [headsWritten(xml), headsTold(stdout)];
  const [pitches, fingers, strings] = [
    agree(written, told, ({ pitch }) => [String(pitch)]),
    agree(written, told, ({ fingers: own }) => own),
    agree(written, told, ({ strings: own }) => own),
  ];
  sums.set += Number(status === 0);
  sums.heads += written.length;
  sums.told += told.length;
  sums.pitches += pitches;
  sums.fingers += fingers;
  sums.strings += strings;
  const isAll = status === 0 && [told.length, pitches, fingers, strings].every((count) => count === written.length);
  if (!isAll)
    console.log(
      `${name}: ${status === 0 ? 'set' : 'not set'}, ${told.length} of ${written.length} notes, ${pitches} pitches, ${fingers} fingers, ${strings} strings\n${stderr.slice(0, 600)}`,
    );
}
console.log(
  `${scores.length} scores, ${sums.set} set; of ${sums.heads} notes the engraver has ${sums.told}: the pitch of ${sums.pitches}, the fingers of ${sums.fingers}, the strings of ${sums.strings}`,
);
rmSync(folder, { recursive: true });
if (sums.set < scores.length || [sums.told, sums.pitches, sums.fingers, sums.strings].some((count) => count !== sums.heads))
  process.exitCode = 1;
