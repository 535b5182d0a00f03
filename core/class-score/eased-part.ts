import type { Brief, Lock, Mark } from '#core/brief';
import { readMaterial } from '#core/brief/parts/materials';
import { asPlayed, partOf } from '#core/brief/lines';
import { addFractions, asNumber, type Fraction, formatFraction, ZERO } from '#core/fraction';
import { intoMeasure, measureIndexAt, measuresOf } from '#core/material/measures';
import type { Line } from '#core/material/line';
import type { LineNoteDocument, TypedNote } from '#core/material/typed';
import { parsePitch, type Pitch, semitonesOf } from '#core/pitch';
import { describe, type Plan } from '#core/plan/describe';
import { attempt } from '#core/solve';
import { chooseOctaves, commonest, type NoteChoice, type Seam } from './choose-octaves.ts';
import { bowsOf, briefInClass, type Share } from './member.ts';
import { movedText, OCTAVE_MOVES, type Playable } from './playable.ts';
import { isWithinReach } from './whole-part.ts';

/** A note of the line that a player plays in another way than it is asked for. */
export interface PartChange {
  /** The index of the note in the line of the class, written out and without grace notes. */
  readonly note: number;
  /** The number of its measure on the page; a pick-up is 0. */
  readonly measure: number;
  /** The change: an octave of its own, an open string in an octave of its own, one note of a double stop, or a rest. */
  readonly how: 'octave' | 'open string' | 'one of two' | 'rest';
}

/** A part that was made note by note. */
export interface EasedPart {
  /** The octaves in which most of its notes sound from the line as it is asked for. */
  readonly octaves: number;
  /** The fingering. */
  readonly plan: Plan;
  /** The notes that differ, in order. */
  readonly changes: readonly PartChange[];
  /** Whether grace notes, ornaments or harmonics of the line are left out. */
  readonly plainer: boolean;
}

/** The things a part that is made note by note depends on. */
export interface ToEase {
  /** The player's own brief. */
  readonly base: Brief;
  /** The line of the class. */
  readonly line: Brief;
  /** The share that the player takes. */
  readonly share: Share;
  /** The octaves in which every note has to sound; null for any. */
  readonly octaves: number | null;
  /** The pitches that the player can play one by one. */
  readonly playable: ReadonlyMap<string, Playable>;
}

/** A note of the line with the choices for it. */
interface NoteToEase {
  readonly document: LineNoteDocument;
  /** The number of its measure. */
  readonly measure: number;
  readonly isFirst: boolean;
  readonly octaves: readonly number[];
  /** The octaves in which an open string plays it, where the player needs time. */
  readonly better: readonly number[];
  /** Whether only an open string may play it. */
  readonly openOnly: boolean;
}

/** The most fingerings that are tried for a part: each that fails takes one choice away. */
const MOST_TRIES = 60;

/**
 * Makes a part of a line for a player who does not play all of it as it is asked for: note by note in an octave that can be played, and
 * with rests where none can; null where nothing is left. What no hand connects is taken away, choice by choice, until the rest is played.
 */
export function easedPart(asked: ToEase): EasedPart | null {
  const { bare, plainer, bows } = bareLine(asked.line);
  const line = readMaterial(bare.material, bare.rhythm);
  if (!line.ok || bare.material.kind !== 'line') return null;
  const forbidden = new Set<string>();
  const { notes: documents } = bare.material;
  for (let tries = 0; tries < MOST_TRIES; tries += 1) {
    const notes = notesToEase(asked, { documents, line: line.value, forbidden });
    const choices = chooseFor(notes, line.value.key.tonic);
    if (choices.every((choice) => choice === null)) return null;
    const made = partNotes(notes, choices, line.value);
    const tried = tryPart(withPart(asked.base, { bare, bows }, made), made.length);
    const { plan } = tried;
    if (plan) return { octaves: usualOf(choices), plan, changes: changesOf(notes, choices, plan, made), plainer };
    const failed = made[tried.index]?.from ?? choices.findLastIndex((choice) => choice !== null);
    forbidden.add(`${failed} ${choices[failed]}`);
  }
  return null;
}

/** The fingering of a part, or the index of the note in it that no hand plays there; −1 where none can be named. */
type TriedPart = { readonly plan: Plan } | { readonly plan: null; readonly index: number };

function tryPart(brief: Brief, count: number): TriedPart {
  const tried = attempt(brief);
  if (tried.kind === 'blocked') return { plan: null, index: tried.index };
  if (tried.kind !== 'solved') return { plan: null, index: firstUnplayed(brief, count) };
  const plan = describe(tried.solved);
  return isWithinReach(plan) ? { plan } : { plan: null, index: firstBeyond(plan) };
}

/** A line as it is eased: without what belongs to single notes that may be left out. */
interface BareLine {
  readonly bare: Brief;
  /** Whether grace notes, ornaments or harmonics went. */
  readonly plainer: boolean;
  /** The bow sign at each note that has one, by its index in the bare line. */
  readonly bows: ReadonlyMap<number, Mark['bow']>;
}

/** Writes the line out without grace notes, which lead to notes that may be left out, and without ornaments and harmonics. */
function bareLine(line: Brief): BareLine {
  const { material, ...others } = asPlayed(line);
  if (material.kind !== 'line') return { bare: line, plainer: false, bows: new Map() };
  const kept = [...material.notes.entries()].filter(([, note]) => 'rest' in note || note.grace !== true);
  const hasSign = kept.some(([, note]) => !('rest' in note) && (note.ornament !== undefined || note.harmonic !== undefined));
  const signs = new Map(bowsOf(line).map(({ note, bow }) => [note, bow]));
  return {
    bare: { ...others, material: { ...material, notes: kept.map(([, note]) => note) } },
    plainer: hasSign || kept.length < material.notes.length,
    bows: new Map(kept.flatMap(([index], order) => (signs.has(index) ? [[order, signs.get(index)] as const] : []))),
  };
}

interface Written {
  readonly documents: readonly LineNoteDocument[];
  readonly line: Line;
  readonly forbidden: ReadonlySet<string>;
}

function notesToEase(asked: ToEase, { documents, line, forbidden }: Written): readonly NoteToEase[] {
  const measures = measuresOf(line);
  return documents.map((document, index): NoteToEase => {
    const onset = line.notes[index]?.onset ?? ZERO;
    const measure = measures[measureIndexAt(measures, onset)];
    const isFirst = measure !== undefined && intoMeasure(measure, onset) === 0;
    const takesAll = asked.share === 'all' || (asked.share === 'firsts' && isFirst);
    const octavesLeft = (stopped: boolean): readonly number[] =>
      octavesFor(asked, document, stopped).filter((octave) => !forbidden.has(`${index} ${octave}`));
    const better = asked.share === 'all' ? [] : octavesLeft(false);
    return { document, measure: measure?.number ?? 1, isFirst, octaves: octavesLeft(takesAll), better, openOnly: !takesAll };
  });
}

/** Lists the octaves in which a player has a note: under a finger too, or on an open string only. */
function octavesFor({ octaves, playable }: ToEase, document: LineNoteDocument, stopped: boolean): readonly number[] {
  const [lowest] = 'rest' in document ? [] : document.pitches;
  if (lowest === undefined) return [];
  return (octaves === null ? OCTAVE_MOVES : [octaves]).filter((octave) => {
    const found = playable.get(movedText(lowest, octave) ?? '');
    return found !== undefined && (stopped || found.open);
  });
}

function chooseFor(notes: readonly NoteToEase[], tonic: Pitch): readonly NoteChoice[] {
  const choices = chooseOctaves(
    notes.flatMap(({ document, octaves, better, isFirst }, order) => {
      if ('rest' in document) return [];
      return [{ sound: soundOf(document), octaves, better, seam: seamBefore(notes[order - 1]?.document, isFirst, tonic) }];
    }),
  );
  let sounding = 0;
  return notes.map(({ document }) => ('rest' in document ? null : (choices[sounding++] ?? null)));
}

/** Tells what kind of place lies before a note: after the tonic the ear accepts another octave most easily. */
function seamBefore(before: LineNoteDocument | undefined, isFirst: boolean, tonic: Pitch): Seam {
  if (before && !('rest' in before) && (soundOf(before) - semitonesOf(tonic)) % 12 === 0) return 'tonic';
  return isFirst || before === undefined || 'rest' in before ? 'measure' : 'within';
}

function soundOf({ pitches: [lowest = ''] }: TypedNote): number {
  const pitch = parsePitch(lowest);
  return pitch.ok ? semitonesOf(pitch.value) : 0;
}

/** A note or rest of a part, with the index of the note in the line where it begins. */
interface PartNote {
  readonly from: number;
  readonly document: LineNoteDocument;
  readonly openOnly: boolean;
}

/** Writes the notes of a part; rests that follow each other are one where musicians write them so. */
function partNotes(notes: readonly NoteToEase[], choices: readonly NoteChoice[], line: Line): readonly PartNote[] {
  const measures = measuresOf(line);
  const made: PartNote[] = [];
  for (const [from, { document, isFirst, openOnly }] of notes.entries()) {
    const choice = choices[from] ?? null;
    const before = made.at(-1);
    if (choice !== null && !('rest' in document)) {
      const next = choices[from + 1] ?? null;
      made.push({ from, document: movedNote(document, choice, next !== null), openOnly });
    } else if (before && 'rest' in before.document && !isFirst && makesOneRest(line, measures, before.from, from)) {
      const duration = durationOf(line, before.from, from + 1);
      made[made.length - 1] = { ...before, document: { rest: true, duration: formatFraction(duration) } };
    } else made.push({ from, document: { rest: true, duration: document.duration }, openOnly });
  }
  return made;
}

/** Adds the lengths of some notes of the line; `to` is exclusive. */
function durationOf({ notes }: Line, from: number, to: number): Fraction {
  return notes.slice(from, to).reduce((sum, { duration }) => addFractions(sum, duration), ZERO);
}

/** Tells whether the rests from one note of the line to another are written as one: it begins where a rest of its length may begin. */
function makesOneRest(line: Line, measures: ReturnType<typeof measuresOf>, from: number, to: number): boolean {
  const onset = line.notes[from]?.onset ?? ZERO;
  const measure = measures[measureIndexAt(measures, onset)];
  const length = durationOf(line, from, to + 1);
  // Rests of tuplets stay as they are.
  const plain = [onset, length].every(({ denominator }) => Number.isInteger(Math.log2(denominator)));
  return plain && measure !== undefined && Number.isInteger(intoMeasure(measure, onset) / asNumber(length));
}

function movedNote({ pitches, harmonic: _, ornament: __, ...note }: TypedNote, octaves: number, nextSounds: boolean): TypedNote {
  const [lowest = ''] = pitches;
  const { slur, ...plain } = note;
  return { ...plain, pitches: [movedText(lowest, octaves) ?? lowest], ...(slur === true && nextSounds ? { slur } : {}) };
}

/** Makes the brief of a part: a note that is left to an open string is locked to it. */
function withPart(base: Brief, { bare, bows }: Pick<BareLine, 'bare' | 'bows'>, made: readonly PartNote[]): Brief {
  const { material } = bare;
  if (material.kind !== 'line') return bare;
  const locks = made.flatMap(({ document, openOnly }, note): readonly Lock[] =>
    openOnly && !('rest' in document) ? [{ note, finger: '0' }] : [],
  );
  const marks = made.flatMap(({ document, from }, note): readonly Mark[] => {
    const bow = bows.get(from);
    return bow && !('rest' in document) ? [{ note, bow }] : [];
  });
  const brief = briefInClass(base, { ...bare, marks, material: { ...material, notes: made.map(({ document }) => document) } });
  return locks.length === 0 ? brief : { ...brief, locks };
}

/** Finds the first note beyond the largest span of the hand; of a stay that is, its last. */
function firstBeyond({ notes, stays }: Plan): number {
  const note = notes.findIndex((planned) => planned.kind === 'note' && planned.reach?.judged?.verdict === 'beyond');
  return note >= 0 ? note : (stays.find(({ reach }) => reach?.judged?.verdict === 'beyond')?.to ?? -1);
}

/** Finds the first note to which no way leads: the end of the shortest beginning that is not played, by halving. */
function firstUnplayed(brief: Brief, count: number): number {
  let [played, unplayed] = [0, count];
  while (unplayed - played > 1) {
    const middle = Math.floor((played + unplayed) / 2);
    const isPlayed = attempt(partOf(brief, 0, middle - 1)).kind !== 'no-way';
    if (isPlayed) played = middle;
    else unplayed = middle;
  }
  return unplayed - 1;
}

function usualOf(choices: readonly NoteChoice[]): number {
  return commonest(choices.filter((choice) => choice !== null));
}

/** Lists the notes that are played in another octave than most. */
function changesOf(
  notes: readonly NoteToEase[],
  choices: readonly NoteChoice[],
  plan: Plan,
  made: readonly PartNote[],
): readonly PartChange[] {
  const usual = usualOf(choices);
  const isOpen = new Set(
    made.flatMap(({ from }, index) => {
      const note = plan.notes[index];
      return note?.kind === 'note' && note.stops.every(({ finger }) => finger === '0') ? [from] : [];
    }),
  );
  return notes.flatMap(({ document, measure }, note): readonly PartChange[] => {
    const choice = choices[note] ?? null;
    if ('rest' in document) return [];
    if (choice === null) return [{ note, measure, how: 'rest' }];
    if (choice !== usual) return [{ note, measure, how: isOpen.has(note) ? 'open string' : 'octave' }];
    return document.pitches.length > 1 ? [{ note, measure, how: 'one of two' }] : [];
  });
}
