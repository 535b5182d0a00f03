import { readFileSync } from 'node:fs';
import type { Brief } from '#core/brief';
import type { Finger } from '#core/hand/placement';
import type { HandSchool } from '#core/hand';
import type { HandPreset } from '#core/hand/reach';
import { type InstrumentKind, TUNINGS } from '#core/instrument';
import { parsePitch, semitonesOf } from '#core/pitch';
import { plan } from '#core/plan';
import type { Plan, PlannedSound } from '#core/plan/describe';

/** A finger on a string, or two, as a case lists them. */
export interface CaseStop {
  readonly string: string;
  readonly finger: string;
  readonly position?: string;
}

/** The answers that a case accepts for one note. */
export type CaseNote = CaseStop | { readonly chord: readonly [CaseStop, CaseStop] };

/** A property that a right fingering has. */
export interface CaseProperty {
  readonly name: string;
  readonly args: readonly string[];
  readonly notes?: readonly (CaseStop & { readonly pitch: string })[];
}

/** A standard fingering; `accept` lists complete fingerings, any of them right; without any, the properties decide. */
export interface ReferenceCase {
  readonly id: string;
  readonly instrument: InstrumentKind;
  readonly school: HandSchool;
  readonly material: { readonly kind: string; readonly type: string; readonly tonic: string };
  readonly constraints: {
    readonly positions?: string[];
    readonly strings?: string[];
    readonly fingers?: Finger[];
    readonly shifts?: number;
    readonly openStrings?: 'prefer' | 'allow' | 'avoid' | 'none';
  };
  readonly notes: readonly string[];
  readonly accept: readonly (readonly CaseNote[])[];
  readonly properties: readonly CaseProperty[];
  readonly confidence: 'certain' | 'high' | 'medium';
  readonly why: string;
}

/**
 * A brief without limits, written down before the engine was asked: notes in one text, and in `accept` whole lines of string and finger
 * ("G0 D1 A1/E0": either), any of them right. Without any, the properties decide.
 */
export interface FreeBrief {
  readonly id: string;
  readonly instrument: InstrumentKind;
  readonly school: HandSchool;
  readonly key: string;
  readonly notes: string;
  readonly accept: readonly string[];
  readonly properties?: readonly CaseProperty[];
  readonly hand?: HandPreset;
  readonly confidence: ReferenceCase['confidence'];
  readonly why: string;
}

/** A brief and what a teacher would write. */
export interface AskedCase {
  readonly id: string;
  readonly confidence: ReferenceCase['confidence'];
  readonly why: string;
  readonly brief: Brief;
  /** The whole lines of string and finger, any of them right; fingers with a stroke between them are as good as each other. */
  readonly accept: readonly string[];
  readonly properties: readonly CaseProperty[];
}

/** The result of a case: the index of the right plan (0 the best, 1 … 3 an alternative), or none and the best plan. */
export interface Verdict {
  readonly matchedBy: number | null;
  readonly found: string;
  readonly wanted: string;
}

/** Reads the cases of a file beside this one. */
export function casesOf(file: 'cases.json' | 'cases-2.json' | 'own-cases.json'): readonly ReferenceCase[] {
  const cases: ReferenceCase[] = JSON.parse(readFileSync(new URL(`./${file}`, import.meta.url), 'utf8'));
  return cases;
}

/** Reads the free briefs beside this file. */
export function freeBriefs(): readonly FreeBrief[] {
  const briefs: FreeBrief[] = JSON.parse(readFileSync(new URL('./free-briefs.json', import.meta.url), 'utf8'));
  return briefs;
}

/** Gives what a standard fingering asks. */
export function caseFrom(referenceCase: ReferenceCase): AskedCase {
  return {
    ...referenceCase,
    brief: briefOfCase(referenceCase),
    accept: referenceCase.accept.map((notes) => notes.map(labelOfCase).join(' ')),
  };
}

/** Gives what a free brief asks. */
export function caseFromBrief(freeBrief: FreeBrief): AskedCase {
  const { instrument, school, key, notes, properties = [], hand } = freeBrief;
  const brief: Brief = {
    instrument: { kind: instrument },
    player: { school, ...(hand ? { hand: { preset: hand } } : {}) },
    material: { kind: 'line', key, notes: notes.split(' ').map((note) => ({ pitches: note.split('+'), duration: '1/4' })) },
  };
  return { ...freeBrief, brief, properties };
}

/** Makes a teacher's brief of a case: a typed line with its key. */
export function briefOfCase({ instrument, school, material, constraints, notes }: ReferenceCase): Brief {
  const { strings, ...limits } = constraints;
  const named = strings?.map((name) => TUNINGS[instrument].find((open) => open.startsWith(name)) ?? name);
  return {
    instrument: { kind: instrument },
    player: { school },
    material: {
      kind: 'line',
      key: `${material.tonic.replace(/-?\d/, '')} ${/minor|diminished/.test(material.type) ? 'minor' : 'major'}`,
      notes: notes.map((note) => ({ pitches: note.split('+'), duration: '1/4' })),
    },
    limits: { ...limits, ...(named ? { strings: named } : {}) },
  };
}

/** Plans a case and compares the best plan and its first three alternatives with it. */
export function judge(asked: AskedCase): Verdict {
  const outcome = plan(asked.brief, { alternatives: 3 });
  const wanted = asked.accept.join(' | ') || asked.properties.map(propertyText).join(', ');
  if (!outcome.ok) return { matchedBy: null, found: outcome.issues.map((issue) => issue.message).join(' '), wanted };
  const plans = [outcome.value.best, ...outcome.value.alternatives.map((alternative) => alternative.plan)];
  const matched = plans.findIndex((found) => isRight(asked, found));
  return { matchedBy: matched < 0 ? null : matched, found: plans.map(fingeringOf).join(' / '), wanted };
}

/** Writes a fingering: "A1 A2 D0", double stops in brackets. */
export function fingeringOf(found: Plan): string {
  return soundsOf(found)
    .map((sound) => {
      const names = sound.stops.map((stop) => `${stop.open.replace(/\d/, '')}${stop.finger}`);
      return names.length === 1 ? names.join('') : `[${names.join('+')}]`;
    })
    .join(' ');
}

function isRight(asked: AskedCase, found: Plan): boolean {
  const labels = fingeringOf(found).split(' ');
  const accepted = asked.accept.length === 0 || asked.accept.some((line) => fitsLine(line, labels));
  return accepted && asked.properties.every((property) => holds(property, found));
}

/** Tells whether a fingering is a line that is accepted: string and finger of each note, those between strokes as good as each other. */
export function fitsLine(line: string, labels: readonly string[]): boolean {
  const wanted = line.split(' ');
  return wanted.length === labels.length && wanted.every((choices, index) => choices.split('/').includes(labels[index] ?? ''));
}

function labelOfCase(note: CaseNote): string {
  const label = (stop: CaseStop): string => `${stop.string.replace(/\d/, '')}${stop.finger}`;
  return 'chord' in note ? `[${note.chord.map(label).join('+')}]` : label(note);
}

function propertyText({ name, args }: CaseProperty): string {
  return `${name}(${args.join(',')})`;
}

function soundsOf(found: Plan): readonly PlannedSound[] {
  return found.notes.flatMap((note) => (note.kind === 'note' ? [note] : []));
}

/** A property of the cases, asked of a plan's sounding notes. */
type Check = (asked: {
  readonly args: readonly string[];
  readonly notes: NonNullable<CaseProperty['notes']>;
  readonly sounds: readonly PlannedSound[];
  readonly shifts: Plan['shifts'];
}) => boolean;

/** Tells whether a plan has a property; the names are those of the cases. */
export function holds({ name, args, notes = [] }: CaseProperty, found: Plan): boolean {
  const check = CHECKS[name];
  if (!check) throw new Error(`The property ${name} of a reference case is not known`);
  return check({ args, notes, sounds: soundsOf(found), shifts: found.shifts });
}

const onTopString: Check = ({ args, sounds }) => args.includes(stringOf(topOf(sounds)));

const CHECKS: Readonly<Record<string, Check>> = {
  startString: ({ args, sounds }) => args.includes(stringOf(sounds[0])),
  topString: onTopString,
  highestOnString: onTopString,
  startFinger: ({ args, sounds }) => args.includes(sounds[0]?.stops[0].finger ?? ''),
  topFinger: ({ args, sounds }) => args.includes(topOf(sounds)?.stops[0].finger ?? ''),
  longestShift: ({ args, shifts }) => shifts.every((shift) => Math.abs(shift.handSemitones) <= Number(args[0])),
  maxShifts: ({ args, shifts }) => shifts.length <= Number(args[0]),
  noShiftOnFinger: ({ args, shifts }) => shifts.every((shift) => shift.toFinger !== args[0]),
  shiftArriveFinger: ({ args, shifts }) => shifts.every((shift) => args.includes(shift.toFinger)),
  stringsMonotonic: ({ sounds }) =>
    sounds.every((sound, index) => index === 0 || indexOfString(sound) <= indexOfString(sounds[index - 1] ?? sound)),
  prefix: ({ notes, sounds }) =>
    notes.every((note, index) => labelOfCase(note) === `${stringOf(sounds[index])}${sounds[index]?.stops[0].finger ?? ''}`),
  usesThumb: ({ args, sounds }) => sounds.some((sound) => sound.stops.some((stop) => stop.finger === 'T')) === (args[0] === 'yes'),
  noFinger4From: ({ args, sounds }) => sounds.every((sound) => sound.stops[0].finger !== '4' || soundOf(sound) < semitones(args[0] ?? '')),
  noThumbBelow: ({ args, sounds }) => sounds.every((sound) => sound.stops[0].finger !== 'T' || soundOf(sound) >= semitones(args[0] ?? '')),
};

/** Finds the last of the highest notes. */
function topOf(sounds: readonly PlannedSound[]): PlannedSound | undefined {
  return sounds.toSorted((one, other) => soundOf(one) - soundOf(other)).at(-1);
}

function stringOf(sound: PlannedSound | undefined): string {
  return sound?.stops[0].open.replace(/\d/, '') ?? '';
}

const NUMERALS = ['I', 'II', 'III', 'IV', 'V', 'VI'];

function indexOfString(sound: PlannedSound): number {
  return NUMERALS.indexOf(sound.stops[0].string);
}

function soundOf(sound: PlannedSound): number {
  return semitones(sound.stops[0].pitch);
}

function semitones(text: string): number {
  const pitch = parsePitch(text);
  return pitch.ok ? semitonesOf(pitch.value) : Number.NaN;
}
