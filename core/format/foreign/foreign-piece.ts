import type { Brief, Mark } from '#core/brief';
import { DEFAULT_RHYTHM } from '#core/brief/lines';
import { readMaterial } from '#core/brief/parts/materials';
import { type InstrumentKind, readInstrument } from '#core/instrument';
import { type LineNoteDocument, MOST_AT_ONCE, type TypedNote, writtenAccent } from '#core/material/typed';
import { type Issue, lineIssue } from '#core/messages';
import { formatPitch, samePitch, semitonesOf } from '#core/pitch';
import { badReading, goodReading, type Reading } from '#core/result';
import { addFractions, formatFraction } from '#core/fraction';
import { isPlain } from '#core/rhythm';
import { changesOf, meterAndPickUp } from './changes.ts';
import { type ClefsKept, clefsKept } from './clefs.ts';
import { type ChosenEvent, type ChosenMusic, chosenMusic, type Wanted } from './chosen.ts';
import { type FingeringKept, fingeringKept, type FingeringUse } from './fingering.ts';
import { countLeftOut, type LeftOut, type LeftOutCount } from './left-out.ts';
import { type Retuned, retune, TUNED_AS_USUAL } from './retuned.ts';
import type { ForeignNote, ForeignScore } from './score.ts';

/** The choice of what becomes of a score, and for which instrument. */
export interface ImportChoice extends Wanted {
  /** The instrument it is to be played on. */
  readonly kind: InstrumentKind;
  /** The number of octaves up, or down below 0. */
  readonly octaves: number;
  /** The use of written fingers, strings and positions, on their own instrument at pitch; elsewhere they are left out. */
  readonly fingerings: FingeringUse;
}

/** A piece made of foreign music, and what was left out of it. */
export interface ForeignPiece {
  /** The brief of the piece. */
  readonly brief: Brief;
  /** The things that were left out, with their numbers. */
  readonly leftOut: LeftOutCount;
}

/**
 * Turns the music chosen from a score into a brief: one voice with its rhythm, slurs, ties joined, grace notes, ornaments, accents,
 * harmonics and bow signs, with its changes of key, meter and clef. Of more than three notes at once the highest stay. Refuses music
 * without a note, and a length that cannot be written.
 */
export function foreignPiece(score: ForeignScore, choice: ImportChoice): Reading<ForeignPiece> {
  const music = chosenMusic(score, choice);
  const joined = tiesJoined(music.events);
  if (joined.length === 0) return badReading(lineIssue('empty', {}));
  if (joined.every(({ note }) => note === null)) return badReading(lineIssue('only-rests', { count: joined.length }));
  const far = joined
    .flatMap(({ note }) => note?.pitches ?? [])
    .find(({ octave }) => octave + choice.octaves < 0 || octave + choice.octaves > 9);
  if (far) return badReading(lineIssue('foreign-octaves', { pitch: formatPitch(far), octaves: choice.octaves }));
  const grace = withoutLooseGraces(joined);
  const line = readSlurs(grace.kept);
  const [first] = music.measures;
  const played = playedAsWritten(line, score, choice);
  if (!played.ok) return played;
  const { spec, sounding, hold, fingered } = played.value;
  const begins = meterAndPickUp(music.measures);
  const changed = changesOf(music.measures, begins);
  const material = {
    kind: 'line' as const,
    key: first?.key ?? 'C major',
    notes: line.map((event) => documentOf(event, choice.octaves, sounding)),
    ...(changed.changes.length > 0 ? { changes: [...changed.changes] } : {}),
  };
  const rhythm = { ...DEFAULT_RHYTHM, ...begins };
  const written = readMaterial(material, rhythm);
  if (!written.ok) return { ok: false, issues: written.issues.map((issue) => inItsMeasure(issue, line)) };
  const clefs = clefsKept(line, written.value, choice.kind, hold);
  return goodReading({
    brief: {
      instrument: spec,
      material,
      rhythm,
      ...tempoOf(music),
      ...fingered.kept,
      ...marksOf(line, clefs.set),
    },
    leftOut: countLeftOut([
      ...music.leftOut,
      ...changed.leftOut,
      ...grace.dropped,
      ...line.flatMap(({ note }): readonly LeftOut[] => (note && note.pitches.length > MOST_AT_ONCE ? ['larger-chords'] : [])),
      ...fingered.dropped,
      ...clefs.dropped,
    ]),
  });
}

/** The tuning, the pitches and the fingering of a score on the instrument that was chosen. */
interface PlayedAsWritten extends Retuned {
  /** Whether written fingers and clefs mean anything for what was chosen. */
  readonly hold: boolean;
  /** The fingering. */
  readonly fingered: FingeringKept;
}

/** Reads the tuning and the fingering of a score for the instrument that was chosen. */
function playedAsWritten(line: readonly Slurred[], score: ForeignScore, choice: ImportChoice): Reading<PlayedAsWritten> {
  const hold = fingeringsHold(score, choice);
  const retuned = retune(hold ? (score.parts[choice.part] ?? TUNED_AS_USUAL) : TUNED_AS_USUAL, choice.kind);
  const instrument = readInstrument(retuned.spec);
  if (!instrument.ok) return instrument;
  const notes = line.map(({ note }) => note && { ...note, pitches: atMostThree(note.pitches), fingers: atMostThree(note.fingers) });
  return goodReading({ ...retuned, hold, fingered: fingeringKept(notes, instrument.value, hold ? choice.fingerings : 'left-out') });
}

/** Tells whether written fingers and clefs mean anything for what is chosen: only on the instrument they were written for, at pitch. */
export function fingeringsHold({ parts }: ForeignScore, { part, kind, octaves }: Pick<ImportChoice, 'part' | 'kind' | 'octaves'>): boolean {
  return octaves === 0 && parts[part]?.kind === kind;
}

/** Adds to a fault of a line, where it is a length, the measure in which it stands. */
function inItsMeasure(issue: Issue, line: readonly Slurred[]): Issue {
  const event = issue.code === 'line/duration-not-writable' ? line[issue.where.note ?? -1] : undefined;
  return event ? lineIssue('foreign-length', { duration: formatFraction(event.duration), measure: event.measure }) : issue;
}

/** Finds the lowest and the highest semitone above C0 of what was chosen; null where nothing sounds. */
export function rangeOf(score: ForeignScore, wanted: Wanted): readonly [number, number] | null {
  const pitches = chosenMusic(score, wanted).events.flatMap(({ note }) => (note ? atMostThree(note.pitches) : []));
  const [first, ...others] = pitches.map(semitonesOf);
  if (first === undefined) return null;
  return others.reduce<readonly [number, number]>(([low, high], other) => [Math.min(low, other), Math.max(high, other)], [first, first]);
}

/** An instrument on which music lies, moved by a number of octaves. */
export interface Fit {
  /** The instrument. */
  readonly kind: InstrumentKind;
  /** The octaves up; down below 0. */
  readonly octaves: number;
}

/** The numbers of octaves that are tried, the nearest first. */
const OCTAVES = [0, -1, 1, -2, 2] as const;

/** Finds the instruments on which a range lies, the nearest first: each with the least move in octaves, if any. */
export function fits([lowest, highest]: readonly [number, number], kinds: readonly InstrumentKind[]): readonly Fit[] {
  const found = kinds.flatMap((kind): readonly Fit[] => {
    const instrument = readInstrument({ kind });
    if (!instrument.ok) return [];
    const strings = instrument.value.strings.map(({ semitones }) => semitones);
    const [bottom, top] = [Math.min(...strings), Math.max(...strings) + instrument.value.highestSemitone];
    const octaves = OCTAVES.find((octave) => lowest + 12 * octave >= bottom && highest + 12 * octave <= top);
    return octaves === undefined ? [] : [{ kind, octaves }];
  });
  return found.toSorted((one, other) => Math.abs(one.octaves) - Math.abs(other.octaves));
}

/** Tells whether a range, moved by octaves, lies on an instrument. */
export function lies([lowest, highest]: readonly [number, number], { kind, octaves }: Fit): boolean {
  return fits([lowest + 12 * octaves, highest + 12 * octaves], [kind])[0]?.octaves === 0;
}

/** Joins a note that is tied to the next of the same pitch into one note; the signs of its end count for its slurs. */
function tiesJoined(events: readonly ChosenEvent[]): readonly ChosenEvent[] {
  const joined: ChosenEvent[] = [];
  for (const event of events) {
    const before = joined[joined.length - 1];
    const whole = before && joinTied(before, event);
    if (whole) joined[joined.length - 1] = whole;
    else joined.push(event);
  }
  return joined;
}

function joinTied(before: ChosenEvent, event: ChosenEvent): ChosenEvent | null {
  const [one, other] = [before.note, event.note];
  if (one === null || other === null)
    return one === other && isPlain(before.duration) && isPlain(event.duration) ? lengthen(before, event) : null;
  if (!one.tied || one.pitches.length !== other.pitches.length) return null;
  if (!one.pitches.every((pitch, order) => samePitch(pitch, other.pitches[order] ?? pitch))) return null;
  return {
    ...lengthen(before, event),
    note: joinedNote(one, other),
  };
}

function joinedNote(one: ForeignNote, other: ForeignNote): ForeignNote {
  return {
    ...one,
    tied: other.tied,
    slursBegin: one.slursBegin + other.slursBegin,
    slursEnd: one.slursEnd + other.slursEnd,
    accent: one.accent ?? other.accent,
    articulation: one.articulation ?? other.articulation,
  };
}

function lengthen(before: ChosenEvent, { duration }: ChosenEvent): ChosenEvent {
  return { ...before, duration: addFractions(before.duration, duration) };
}

/** Removes a grace note before a rest or at the end, since it leads to no note. */
function withoutLooseGraces(events: readonly ChosenEvent[]): {
  readonly kept: readonly ChosenEvent[];
  readonly dropped: readonly LeftOut[];
} {
  const leadsOn = (index: number): boolean => {
    const next = events.slice(index + 1).find((event) => event.note?.graceValue == null);
    return next?.note != null;
  };
  const kept = events.filter(({ note }, index) => note?.graceValue == null || leadsOn(index));
  return { kept, dropped: Array.from({ length: events.length - kept.length }, (): LeftOut => 'grace-notes') };
}

type Slurred = ChosenEvent & { readonly slur: boolean };

/** Finds whether the bow goes on after each note: it does while a slur is open, but never into a rest or beyond the end. */
function readSlurs(events: readonly ChosenEvent[]): readonly Slurred[] {
  let open = 0;
  return events.map((event, index) => {
    open = event.note === null ? 0 : Math.max(0, open + event.note.slursBegin - event.note.slursEnd);
    return { ...event, slur: open > 0 && events[index + 1]?.note != null };
  });
}

function documentOf({ note, duration, slur }: Slurred, octaves: number, sounding: Retuned['sounding']): LineNoteDocument {
  if (note === null) return { rest: true, duration: formatFraction(duration) };
  return {
    pitches: sounding({ ...note, pitches: atMostThree(note.pitches) }).map((pitch) =>
      formatPitch({ ...pitch, octave: pitch.octave + octaves }),
    ),
    duration: formatFraction(note.graceValue ?? duration),
    ...(slur ? { slur: true } : {}),
    ...signsOf(note),
  };
}

/**
 * Keeps one kind of sign at a note: it is a grace note, an ornamented one or a harmonic; an ornament and a stopped harmonic are for one
 * note alone.
 */
function signsOf({ graceValue, ornament, harmonic, accent, articulation, pitches }: ForeignNote): Partial<TypedNote> {
  const accented = { ...writtenAccent(accent), ...(articulation ? { articulation } : {}) };
  if (graceValue !== null) return { grace: true, ...accented };
  if (ornament && pitches.length === 1) return { ornament, ...accented };
  if (harmonic === null || (harmonic === 'stopped' && pitches.length > 1)) return accented;
  return { harmonic: harmonic === 'stopped' ? harmonic : true, ...accented };
}

/** Keeps the three highest of more than three notes: a hand stops three at once. */
function atMostThree<Item>(items: readonly Item[]): readonly Item[] {
  return items.slice(-MOST_AT_ONCE);
}

function marksOf(line: readonly Slurred[], clefs: ClefsKept['set']): Pick<Brief, 'marks'> {
  const marks = line.flatMap(({ note }, index): readonly Mark[] => {
    const clef = clefs.get(index);
    return note?.bow || clef ? [{ note: index, ...(note?.bow ? { bow: note.bow } : {}), ...(clef ? { clef } : {}) }] : [];
  });
  return marks.length === 0 ? {} : { marks: [...marks] };
}

/** Finds the first tempo that is given. */
function tempoOf({ measures }: ChosenMusic): Pick<Brief, 'tempo'> {
  const tempo = measures.find((measure) => measure.tempo !== null)?.tempo;
  return tempo == null ? {} : { tempo };
}
