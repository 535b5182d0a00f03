import type { Brief } from '#core/brief';
import { readMaterial } from '#core/brief/parts/materials';
import { type Accent, type Articulation, type Line, pitchesOf, type WrittenOrnament } from '#core/material/line';
import { accentOf, type LineNoteDocument, type TypedNote, writtenAccent } from '#core/material/typed';
import { keyAt, measureIndexAt, measuresOf, signatureAt } from '#core/material/measures';
import type { SignatureChange } from '#core/material/signature';
import { formatKey, type Key, nextInKey, pitchInKey } from '#core/key';
import { formatPitch, parsePitch, type Pitch, semitonesOf } from '#core/pitch';
import { formatFraction, ZERO } from '#core/fraction';
import { type LockedBow, meterName, type Rhythm } from '#core/rhythm';
import { withGiven, withLocks, withMark, withMarks, withPassages, withLockedBows } from '#core/brief/locks';

/**
 * Writes the line out note by note, so that single notes can be changed: scales and arpeggios become a line of the teacher's own. What is
 * asked of a pattern (down as up, one pattern every octave) goes with the pattern. A brief whose material cannot be read stays as it is.
 */
export function writeOut(brief: Brief): Brief {
  return brief.material.kind === 'line' ? brief : asPlayed(brief);
}

/**
 * Writes the rhythm variant into the notes: another rhythm, bowing and accents become the line's own, so that the teacher changes what is
 * on the page and nothing is applied twice.
 */
export function asPlayed(brief: Brief): Brief {
  if (brief.material.kind === 'line' && !isVariant(brief.rhythm ?? {})) return brief;
  const line = readMaterial(brief.material, brief.rhythm);
  if (!line.ok) return brief;
  const { samePatternEveryOctave: _, wayDown: __, rhythm, ...others } = brief;
  const { lengths: ___, bows: ____, accents: _____, lockedBows: ______, ...plain } = rhythm ?? {};
  return {
    ...others,
    ...(rhythm ? { rhythm: plain } : {}),
    material: {
      kind: 'line',
      key: formatKey(line.value.key),
      notes: documentsOf(line.value),
      ...(brief.material.kind === 'line' && brief.material.changes ? { changes: brief.material.changes } : {}),
    },
  };
}

/** Tells whether a rhythm plays notes in another way than they are written. */
function isVariant({ lengths, bows, accents, lockedBows }: Rhythm): boolean {
  return [lengths, bows, accents, lockedBows].some((part) => part !== undefined);
}

/** Changes one note of the line; a rest stays a rest unless it is given pitches. */
export function withNote(brief: Brief, index: number, change: { readonly pitches?: readonly string[]; readonly duration?: string }): Brief {
  return changeNotes(change.duration === undefined ? brief : asPlayed(brief), (notes) =>
    notes.map((note, at): LineNoteDocument => {
      if (at !== index) return note;
      const duration = change.duration ?? note.duration;
      if (change.pitches !== undefined) return { ...('rest' in note ? {} : note), pitches: [...change.pitches], duration };
      return { ...note, duration };
    }),
  );
}

/** The signs at a note: an ornament, a harmonic, a grace note; null removes a sign, a field left out keeps it. */
export interface SignChange {
  /** A trill or a mordent. */
  readonly ornament?: WrittenOrnament | null;
  /** A natural or a stopped harmonic. */
  readonly harmonic?: 'natural' | 'stopped' | null;
  /** Whether it is a grace note. */
  readonly grace?: boolean;
  /** The accent, which stands beside any other sign. */
  readonly accent?: Accent | null;
  /** A dot, a wedge or a line, which stands beside any other sign. */
  readonly articulation?: Articulation | null;
}

/** Changes the signs at a note. A note is a grace note, an ornamented one or a harmonic, and the newest of these signs stays. */
export function withSigns(brief: Brief, index: number, change: SignChange): Brief {
  return changeNotes(brief, (notes) =>
    notes.map((note, at): LineNoteDocument => {
      if (at !== index || 'rest' in note) return note;
      const { ornament: _, harmonic: __, grace: ___, accent: ____, articulation: _____, ...plain } = note;
      const before = signsAt(note);
      const asked = change.ornament != null || change.harmonic != null || change.grace === true;
      return {
        ...plain,
        ...signsOf(asked ? { accent: before.accent, articulation: before.articulation, ...change } : { ...before, ...change }),
      };
    }),
  );
}

/** Reads the signs at a note. */
function signsAt(note: TypedNote): Required<SignChange> {
  const { ornament, harmonic, grace, articulation } = note;
  return {
    ornament: ornament ?? null,
    harmonic: harmonic === true ? 'natural' : harmonic || null,
    grace: grace === true,
    accent: accentOf(note),
    articulation: articulation ?? null,
  };
}

type Signs = Pick<TypedNote, 'ornament' | 'harmonic' | 'grace' | 'accent' | 'articulation'>;

function signsOf({ ornament, harmonic, grace, accent, articulation }: SignChange): Signs {
  return {
    ...(ornament ? { ornament } : {}),
    ...(harmonic ? { harmonic: harmonic === 'stopped' ? harmonic : true } : {}),
    ...(grace === true ? { grace } : {}),
    ...writtenAccent(accent),
    ...(articulation ? { articulation } : {}),
  };
}

/** Inserts notes or rests before the note at `at`; locks and marks further on move along. */
export function withNotesInserted(brief: Brief, at: number, inserted: readonly LineNoteDocument[]): Brief {
  const edited = changeNotes(brief, (notes) => [...notes.slice(0, at), ...inserted, ...notes.slice(at)]);
  return renumber(edited, (note) => (note < at ? note : note + inserted.length));
}

/** Removes the notes `from` to `to` (both inclusive) with their locks and marks. The last note of a line stays. */
export function withNotesRemoved(brief: Brief, from: number, to: number): Brief {
  const out = writeOut(brief);
  if (out.material.kind !== 'line' || to - from + 1 >= out.material.notes.length) return brief;
  const edited = changeNotes(out, (notes) => [...notes.slice(0, from), ...notes.slice(to + 1)]);
  return renumber(edited, (note) => (note < from ? note : note > to ? note - (to - from + 1) : null));
}

/** Puts the notes `from` to `to` (both inclusive) into one bow, or each into a bow of its own. */
export function withBow(brief: Brief, from: number, to: number, slurred: boolean): Brief {
  return changeNotes(asPlayed(brief), (notes) =>
    notes.map((note, index) => {
      if (index < from - 1 || index > to) return note;
      return withSlur(note, slurred && index >= from && index < to);
    }),
  );
}

/**
 * Takes the notes `from` to `to` (both inclusive) as a line of their own, with their locks and marks, in the key and meter they stand in.
 * The line begins with a measure; changes on the way keep their distance in measures.
 */
export function partOf(brief: Brief, from: number, to: number): Brief {
  const { rhythm, ...others } = asPlayed(brief);
  const { pickUp: _, ...plain } = rhythm ?? {};
  const cut = inItsSignature(rhythm ? { ...others, rhythm: plain } : others, brief, from);
  const edited = changeNotes(cut, (notes) => notes.slice(from, to + 1));
  return inItsClef(
    renumber(edited, (note) => (note >= from && note <= to ? note - from : null)),
    brief,
    from,
  );
}

/** Lets a part of a line begin in the clef that was set before it. */
function inItsClef(part: Brief, whole: Brief, from: number): Brief {
  const set = whole.marks?.filter(({ note, clef }) => note <= from && clef !== undefined) ?? [];
  const [before] = set.toSorted((one, other) => other.note - one.note);
  return before?.clef ? withMark(part, 0, { clef: before.clef }) : part;
}

/** Gives a part of a line the signature of its first note, and the changes after it, counted from the measure it stands in. */
function inItsSignature(part: Brief, whole: Brief, from: number): Brief {
  const line = readMaterial(whole.material, whole.rhythm);
  if (!line.ok || part.material.kind !== 'line' || line.value.changes.length === 0) return part;
  const { key, meter } = signatureAt(line.value, from);
  const { changes: before = [], ...material } = part.material;
  const changes = changesAfter(before, measureOf(line.value, from));
  const named = meterName(meter);
  return {
    ...part,
    rhythm: { ...part.rhythm, ...(named ? { meter: named } : {}) },
    material: { ...material, key: formatKey(key), ...(changes.length > 0 ? { changes } : {}) },
  };
}

/** Lists the changes after a measure, counted so that this measure is the first. */
function changesAfter(changes: readonly SignatureChange[], first: number): SignatureChange[] {
  return changes.filter(({ measure }) => measure > first).map((change) => ({ ...change, measure: change.measure - first + 1 }));
}

/** Finds the measure in which a note of a line stands, as the page counts it. */
function measureOf(line: Line, index: number): number {
  const measures = measuresOf(line);
  return measures[measureIndexAt(measures, line.notes[index]?.onset ?? ZERO)]?.number ?? 1;
}

/** A move of a note's pitches: by letters of the key or by semitones. */
export interface PitchMove {
  /** The step: to the next letter of the key, spelled as the key spells it, or by a semitone. */
  readonly by: 'letter' | 'semitone';
  /** Whether the pitches move up; otherwise they move down. */
  readonly up: boolean;
}

/** Moves the notes `from` to `to` a letter or a semitone up or down, spelled as the key spells them; rests stay. */
export function withPitchesMoved(brief: Brief, from: number, to: number, { by, up }: PitchMove): Brief {
  const line = readMaterial(brief.material, brief.rhythm);
  if (!line.ok) return brief;
  const move = (pitch: Pitch, key: Key): Pitch =>
    by === 'letter' ? nextInKey(pitch, key, up) : pitchInKey(semitonesOf(pitch) + (up ? 1 : -1), key);
  return changeNotes(brief, (notes) =>
    notes.map((note, index) => {
      if ('rest' in note || index < from || index > to) return note;
      const key = keyAt(line.value, index);
      return { ...note, pitches: note.pitches.flatMap(pitchOfText).map((pitch) => formatPitch(move(pitch, key))) };
    }),
  );
}

function pitchOfText(text: string): readonly Pitch[] {
  const pitch = parsePitch(text);
  return pitch.ok ? [pitch.value] : [];
}

function documentsOf(line: Line): LineNoteDocument[] {
  return line.notes.map((note): LineNoteDocument => {
    const duration = formatFraction(note.duration);
    if (note.kind === 'rest') return { rest: true, duration };
    const pitches = pitchesOf(note).map(formatPitch);
    const { slurredToNext, ornament, ...signs } = note;
    const written = ornament && { kind: ornament.kind, ...(ornament.sign ? { sign: ornament.sign } : {}) };
    return { pitches, duration, ...(slurredToNext ? { slur: true } : {}), ...signsOf({ ...signs, ornament: written }) };
  });
}

function changeNotes(brief: Brief, change: (notes: readonly LineNoteDocument[]) => readonly LineNoteDocument[]): Brief {
  const out = writeOut(brief);
  return out.material.kind === 'line'
    ? { ...out, material: { ...out.material, notes: withoutLooseEnds(change(out.material.notes)) } }
    : out;
}

/** Removes slurs and grace notes that lead into a rest or beyond the end. */
function withoutLooseEnds(notes: readonly LineNoteDocument[]): LineNoteDocument[] {
  return notes.map((note, index) => {
    const next = notes[index + 1];
    if ('rest' in note || !(next === undefined || 'rest' in next)) return note;
    const { slur: _, grace: __, ...plain } = note;
    return plain;
  });
}

function withSlur(note: LineNoteDocument, slurred: boolean): LineNoteDocument {
  if ('rest' in note) return note;
  const { slur: _, ...plain } = note;
  return slurred ? { ...plain, slur: true } : plain;
}

/** Moves locks and marks along with their notes; those of a note that is gone are dropped. */
function renumber(brief: Brief, placeOf: (note: number) => number | null): Brief {
  const move = <Item extends { readonly note: number }>(items: readonly Item[] = []): Item[] =>
    items.flatMap((item) => {
      const note = placeOf(item.note);
      return note === null ? [] : [{ ...item, note }];
    });
  const moveAll = <Item extends LockedBow>(items: readonly Item[] = []): Item[] =>
    items.flatMap((item) => {
      const places = Array.from({ length: item.to - item.from + 1 }, (_, order) => placeOf(item.from + order) ?? -1);
      const left = places.filter((place) => place >= 0);
      return left.length === 0 ? [] : [{ ...item, from: Math.min(...left), to: Math.max(...left) }];
    });
  const lockedBows = brief.rhythm?.lockedBows;
  const bowed = lockedBows ? withLockedBows(brief, moveAll(lockedBows)) : brief;
  const fingered = withGiven(withLocks(bowed, move(brief.locks)), move(brief.given));
  return withPassages(withMarks(fingered, move(brief.marks)), moveAll(brief.stretches));
}
