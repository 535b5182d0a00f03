import type { Brief } from '#core/brief';
import { DEFAULT_RHYTHM, lineTextOf } from '#core/brief/lines';
import { DOCUMENT_KINDS, headed, type Piece } from '#core/documents';
import { STOPPED_HARMONIC_ABOVE } from '#core/hand';
import { type InstrumentKind, WRITTEN_OCTAVES_ABOVE } from '#core/instrument';
import type { LineNoteDocument, OrnamentKind, OrnamentSign, TypedNote } from '#core/material';
import { ORNAMENT_SIGNS } from '#core/material';
import { documentIssue, lineIssue } from '#core/messages';
import { badReading, type Reading } from '#core/result';
import { addFractions, formatFraction, fraction, METERS, parseFraction, ZERO } from '#core/rhythm';
import { readAs } from '../validation/documents.ts';
import { at, childOf, type ReadElement, textOf, xmlTree } from './xml-tree.ts';

/**
 * Reads the first voice of the first part of a MusicXML score as a piece: pitches as they sound, rhythm, slurs, ties, grace notes,
 * ornaments, accents and harmonics, with key, meter, pick-up and tempo. Its fingerings are left to the engine. `name` where the score has no title.
 */
export async function readMusicXmlPiece(text: string, name: string): Promise<Reading<Piece>> {
  const score = scoreIn(text);
  const part = score && childOf(score, 'part');
  if (!score || !part) return badReading(documentIssue('not-musicxml', {}));
  const reader = new PartReader(kindOf(score, part));
  for (const measure of part.children) reader.readMeasure(measure);
  const crowded = reader.crowded;
  if (crowded !== null) return badReading(lineIssue('too-many-at-once', { chord: crowded }));
  const brief = reader.brief();
  const title = at(score, 'work', 'work-title')?.text ?? textOf(score, 'movement-title') ?? name;
  return await readAs('piece', headed(DOCUMENT_KINDS.piece, { name: title.trim().slice(0, 120), brief, lineText: lineTextOf(brief) }));
}

function scoreIn(text: string): ReadElement | null {
  try {
    return xmlTree(text).find((element) => element.name === 'score-partwise') ?? null;
  } catch {
    return null;
  }
}

const NAMED: Readonly<Record<InstrumentKind, RegExp>> = {
  violin: /viol(in|on)|geige/i,
  viola: /viola|alto|bratsche/i,
  cello: /cello/i,
  bass: /bass|contrab/i,
};

/** The instrument by the name of the part, else by its first clef. */
function kindOf(score: ReadElement, part: ReadElement): InstrumentKind {
  const name = textOf(at(score, 'part-list', 'score-part'), 'part-name') ?? '';
  const named = (['cello', 'bass', 'viola', 'violin'] as const).find((kind) => NAMED[kind].test(name));
  if (named) return named;
  const sign = textOf(at(part, 'measure', 'attributes', 'clef'), 'sign');
  return sign === 'F' ? 'cello' : sign === 'C' ? 'viola' : 'violin';
}

const MAJOR_TONICS = ['Cb', 'Gb', 'Db', 'Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#'];
const MINOR_TONICS = ['Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#', 'G#', 'D#', 'A#'];
const C_MAJOR = 7;

const ORNAMENTS: Readonly<Record<string, OrnamentKind>> = {
  'trill-mark': 'trill',
  mordent: 'mordent',
  'inverted-mordent': 'upper-mordent',
};

const ALTERATIONS: Readonly<Record<string, string>> = { '-2': 'bb', '-1': 'b', '0': '', '1': '#', '2': '##' };

/** Collects the notes of one part while its measures go by; lives for one reading only. */
class PartReader {
  /** More than two notes at once, as they are named; null where there are none. */
  crowded: string | null = null;
  private readonly notes: LineNoteDocument[] = [];
  private divisions = 1;
  private key = 'C major';
  private meter: string | undefined;
  private tempo: number | undefined;
  private pickUp: string | undefined;
  private octavesUp: number;
  private voice: string | undefined;
  private slurs = 0;
  private tied = false;
  private measuresRead = 0;

  constructor(private readonly kind: InstrumentKind) {
    this.octavesUp = -WRITTEN_OCTAVES_ABOVE[kind];
  }

  readMeasure(measure: ReadElement): void {
    for (const element of measure.children) {
      if (element.name === 'attributes') this.readAttributes(element);
      else if (element.name === 'note') this.readNote(element);
      else if (element.name === 'direction') this.readTempo(element);
    }
    if (measure.attributes['implicit'] === 'yes' && this.measuresRead === 0) this.pickUp = this.lengthSoFar();
    this.measuresRead += 1;
  }

  /** How long what was read is; small notes have no time. */
  private lengthSoFar(): string | undefined {
    const timed = this.notes.filter((note) => 'rest' in note || note.grace !== true);
    const length = timed.map(({ duration }) => parseFraction(duration) ?? ZERO).reduce(addFractions, ZERO);
    return length.numerator > 0 ? formatFraction(length) : undefined;
  }

  brief(): Brief {
    const meter = METERS.find((each) => each === this.meter);
    return {
      instrument: { kind: this.kind },
      material: { kind: 'line', key: this.key, notes: this.notes },
      rhythm: { ...DEFAULT_RHYTHM, ...(meter ? { meter } : {}), ...(this.pickUp === undefined ? {} : { pickUp: this.pickUp }) },
      ...(this.tempo === undefined ? {} : { tempo: this.tempo }),
    };
  }

  private readAttributes(element: ReadElement): void {
    this.divisions = Number(textOf(element, 'divisions') ?? this.divisions);
    const fifths = textOf(childOf(element, 'key'), 'fifths');
    if (fifths !== undefined && this.notes.length === 0) {
      const minor = textOf(childOf(element, 'key'), 'mode') === 'minor';
      this.key = `${(minor ? MINOR_TONICS : MAJOR_TONICS)[Number(fifths) + C_MAJOR] ?? 'C'} ${minor ? 'minor' : 'major'}`;
    }
    const time = childOf(element, 'time');
    if (time && this.notes.length === 0) this.meter = `${textOf(time, 'beats') ?? ''}/${textOf(time, 'beat-type') ?? ''}`;
    const octaves = textOf(childOf(element, 'transpose'), 'octave-change');
    if (octaves !== undefined) this.octavesUp = Number(octaves);
  }

  private readTempo(element: ReadElement): void {
    const tempo = Number(childOf(element, 'sound')?.attributes['tempo'] ?? NaN);
    if (this.tempo === undefined && tempo >= 20 && tempo <= 400) this.tempo = Math.round(tempo);
  }

  private readNote(element: ReadElement): void {
    const voice = textOf(element, 'voice') ?? '1';
    this.voice ??= voice;
    if (voice !== this.voice || childOf(element, 'cue')) return;
    const duration = this.durationOf(element);
    if (duration === null) return;
    if (childOf(element, 'rest')) this.readRest(duration);
    else if (childOf(element, 'chord')) this.readChord(element);
    else this.readHead(element, duration);
  }

  /** A grace note has no time of its own and is as long as it is written. */
  private durationOf(element: ReadElement): string | null {
    if (childOf(element, 'grace')) return textOf(element, 'type') === '16th' ? '1/16' : '1/8';
    const length = Number(textOf(element, 'duration') ?? 0);
    return length > 0 && Number.isInteger(length) ? formatFraction(fraction(length, this.divisions * 4)) : null;
  }

  private readRest(duration: string): void {
    this.notes.push({ rest: true, duration });
    this.tied = false;
  }

  /** A note that sounds with the one before; of a stopped harmonic it is the finger that touches. */
  private readChord(element: ReadElement): void {
    const last = this.notes.pop();
    if (!last || 'rest' in last) return;
    const touches = at(element, 'notations', 'technical', 'harmonic', 'touching-pitch') !== undefined;
    const pitches = touches ? last.pitches : [...last.pitches, this.pitchOf(element, 0)];
    if (pitches.length > 2) this.crowded ??= pitches.join('+');
    this.notes.push({ ...last, pitches });
  }

  private readHead(element: ReadElement, duration: string): void {
    const notations = childOf(element, 'notations');
    const stopped = at(notations, 'technical', 'harmonic', 'artificial') !== undefined;
    const pitch = this.pitchOf(element, stopped ? STOPPED_HARMONIC_ABOVE / 12 : 0);
    const last = this.notes[this.notes.length - 1];
    this.countSlurs(notations);
    if (this.tied && last && !('rest' in last)) this.lengthen(last, duration);
    else
      this.notes.push({ pitches: [pitch], duration, ...signsOf(element, notations, stopped), ...(this.slurs > 0 ? { slur: true } : {}) });
    this.tied = element.children.some(({ name, attributes }) => name === 'tie' && attributes['type'] === 'start');
  }

  /** A note tied to the one before makes it longer; whether the bow goes on is told by its end. */
  private lengthen(last: TypedNote, more: string): void {
    const whole = addFractions(parseFraction(last.duration) ?? ZERO, parseFraction(more) ?? ZERO);
    const { slur: _, ...plain } = last;
    this.notes[this.notes.length - 1] = { ...plain, duration: formatFraction(whole), ...(this.slurs > 0 ? { slur: true } : {}) };
  }

  private countSlurs(notations: ReadElement | undefined): void {
    for (const { name, attributes } of notations?.children ?? []) {
      if (name !== 'slur') continue;
      if (attributes['type'] === 'start') this.slurs += 1;
      if (attributes['type'] === 'stop') this.slurs = Math.max(0, this.slurs - 1);
    }
  }

  private pitchOf(element: ReadElement, octavesAbove: number): string {
    const pitch = childOf(element, 'pitch');
    const alteration = ALTERATIONS[textOf(pitch, 'alter') ?? '0'] ?? '';
    return `${textOf(pitch, 'step') ?? ''}${alteration}${Number(textOf(pitch, 'octave')) + this.octavesUp + octavesAbove}`;
  }
}

function signsOf(
  element: ReadElement,
  notations: ReadElement | undefined,
  stopped: boolean,
): Pick<TypedNote, 'ornament' | 'harmonic' | 'grace' | 'accent'> {
  const ornaments = childOf(notations, 'ornaments');
  const kind = ornaments?.children.flatMap(({ name }) => ORNAMENTS[name] ?? [])[0];
  const sign = ORNAMENT_SIGNS.find((each): each is OrnamentSign => each === textOf(ornaments, 'accidental-mark'));
  const natural = at(notations, 'technical', 'harmonic', 'natural') !== undefined;
  return {
    ...(kind ? { ornament: { kind, ...(sign ? { sign } : {}) } } : {}),
    ...(stopped ? { harmonic: 'stopped' as const } : natural ? { harmonic: true } : {}),
    ...(childOf(element, 'grace') ? { grace: true as const } : {}),
    ...(at(notations, 'articulations', 'accent') ? { accent: true as const } : {}),
  };
}
