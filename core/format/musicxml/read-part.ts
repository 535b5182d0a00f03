import { type InstrumentKind, WRITTEN_OCTAVES_ABOVE } from '#core/instrument';
import { samePitch, semitonesOf } from '#core/pitch';
import { addFractions, compareFractions, fraction, type Fraction, subtractFractions, ZERO } from '#core/fraction';
import type { LeftOut, ForeignEvent, ForeignMeasure, ForeignNote, RepeatSigns, WrittenString } from '#core/format/foreign';
import { at, childOf, childrenOf, numberOf, type ReadElement, textOf } from '#core/format';
import { ClefReader } from './clef-reader.ts';
import { soundingKey, writtenKey, type WrittenKey } from './read-key.ts';
import { NOTHING_OVER, openString, overNote, type OverNote } from './over-note.ts';
import { leftOutAt, type ReadHead, readHead, readNote, type Transposition } from './read-note.ts';

/** A reader of the measures of one part in their order; it is used for one reading. */
export class PartReader {
  private divisions = 1;
  private key: WrittenKey = { fifths: 0, mode: 'major' };
  private meter = '4/4';
  private readonly clefs: ClefReader;
  private by: Transposition;
  private ending: readonly number[] = [];
  private slurs = new Map<string, string>();

  /** The measure that is being read. */
  private time: Fraction = ZERO;
  private furthest: Fraction = ZERO;
  private events: ForeignEvent[] = [];
  private leftOut: { readonly what: LeftOut; readonly voice: string | null }[] = [];
  private tempo: number | null = null;
  private last: ForeignEvent | null = null;

  /** The position and the string in words, which wait for the note they stand over. */
  private over: OverNote = NOTHING_OVER;

  /** The open strings that are tuned differently from usual, by their numbers; sounding, documents' form. */
  readonly retuned = new Map<number, string>();

  constructor(kind: InstrumentKind) {
    this.by = octavesDown(WRITTEN_OCTAVES_ABOVE[kind]);
    this.clefs = new ClefReader(kind);
  }

  /** Reads the next measure; `order` counts from 0. */
  measure(element: ReadElement, order: number): ForeignMeasure {
    [this.time, this.furthest, this.events, this.leftOut, this.tempo, this.last] = [ZERO, ZERO, [], [], null, null];
    this.clefs.nextMeasure();
    for (const child of element.children) this.read(child, order);
    const repeat = this.repeat(childrenOf(element, 'barline'));
    const [beats = 4, beatValue = 4] = beatsOf(this.meter);
    return {
      label: element.attributes['number'] ?? String(order + 1),
      full: fraction(beats, beatValue),
      length: this.furthest,
      key: soundingKey(this.key, this.by),
      meter: this.meter,
      tempo: this.tempo,
      repeat,
      events: this.events,
      leftOut: this.leftOut,
    };
  }

  private read(element: ReadElement, order: number): void {
    switch (element.name) {
      case 'attributes':
        return this.attributes(element, order);
      case 'note':
        return this.note(element);
      case 'backup':
        return this.moveTo(subtractFractions(this.time, this.durationOf(element)));
      case 'forward':
        return this.moveTo(addFractions(this.time, this.durationOf(element)));
      case 'direction':
        return this.direction(element);
      case 'sound':
        return this.sound(element);
      case 'harmony':
      case 'figured-bass':
        return this.leave('chord-symbols');
    }
  }

  private leave(what: LeftOut, voice: string | null = null): void {
    this.leftOut.push({ what, voice });
  }

  /** Goes back in time, but not before the beginning of the measure. */
  private moveTo(time: Fraction): void {
    this.time = compareFractions(time, ZERO) < 0 ? ZERO : time;
    if (compareFractions(this.time, this.furthest) > 0) this.furthest = this.time;
  }

  private durationOf(element: ReadElement): Fraction {
    const length = numberOf(element, 'duration') ?? 0;
    // Some programs write lengths with a decimal point. An absurd length reads as none and is refused with the line.
    return length > 0 && length <= MOST_DIVISIONS
      ? fraction(Math.round(length * PRECISION), Math.round(this.divisions * 4 * PRECISION))
      : ZERO;
  }

  private attributes(element: ReadElement, order: number): void {
    this.divisions = divisionsIn(element) ?? this.divisions;
    const key = childOf(element, 'key');
    const written = key && writtenKey(key);
    if (written) this.key = written;
    if (written === null) this.leave('unusual-key');
    const time = childOf(element, 'time');
    const meter = time && meterNamed(time);
    if (meter) this.meter = meter;
    this.clefs.read(element, this.time);
    if (order === 0) this.octaveClef(element);
    const transpose = childOf(element, 'transpose');
    if (transpose) this.by = transpositionOf(transpose);
  }

  /** Reads a clef. One that shows the notes an octave away is the plain clef: the written pitches are those that sound. */
  private octaveClef(element: ReadElement): void {
    const [clef] = childrenOf(element, 'clef');
    if ((numberOf(clef, 'clef-octave-change') ?? 0) !== 0) this.by = octavesDown(0);
  }

  private direction(element: ReadElement): void {
    for (const sound of childrenOf(element, 'sound')) this.sound(sound);
    for (const child of childrenOf(element, 'direction-type').flatMap(({ children }) => children)) this.directionType(child);
    if (this.tempo === null && !element.children.some(({ name }) => name === 'sound'))
      this.metronome(at(element, 'direction-type', 'metronome'));
  }

  /** Reads one sign of a direction: words that name position or string wait for their note, and strings may be tuned otherwise. */
  private directionType(element: ReadElement): void {
    const read = element.name === 'words' ? overNote(element.text) : null;
    if (read) this.over = { position: read.position ?? this.over.position, string: read.string ?? this.over.string };
    else if (element.name === 'scordatura') for (const accord of childrenOf(element, 'accord')) this.accord(accord);
    else {
      const what = DIRECTIONS[element.name];
      if (what) this.leave(what);
    }
  }

  private accord(element: ReadElement): void {
    const open = openString(element);
    if (open) this.retuned.set(open.number, open.pitch);
  }

  private sound({ attributes }: ReadElement): void {
    this.setTempo(Number(attributes['tempo'] ?? NaN));
    if (JUMPS.some((jump) => attributes[jump] !== undefined)) this.leave('jumps');
  }

  private metronome(mark: ReadElement | undefined): void {
    const unit = BEAT_UNITS[textOf(mark, 'beat-unit') ?? ''];
    const dotted = childOf(mark, 'beat-unit-dot') ? 1.5 : 1;
    if (unit !== undefined) this.setTempo((numberOf(mark, 'per-minute') ?? NaN) * unit * dotted);
  }

  private setTempo(tempo: number): void {
    if (tempo >= 20 && tempo <= 400) this.tempo ??= Math.round(tempo);
  }

  private note(element: ReadElement): void {
    const voice = voiceOf(element);
    const duration = childOf(element, 'grace') ? ZERO : this.durationOf(element);
    const isChord = childOf(element, 'chord') !== undefined;
    const clef = this.clefs.at(element, this.time);
    const skipNote = { voice, duration, isChord, clef };
    if (childOf(element, 'cue')) return this.skip('cue-notes', skipNote);
    if (isInBrackets(element)) return this.skip('notes-in-brackets', skipNote);
    const head = readHead(element, this.by);
    const isRest = childOf(element, 'rest') !== undefined;
    if (head.pitch === null && !isRest) return this.skip('unpitched', skipNote);
    for (const what of leftOutAt(element)) this.leave(what, voice);
    if (isChord) return this.joins(element, head);
    this.add({
      voice,
      onset: this.time,
      duration,
      note: isRest ? null : this.withWords(this.withSlurs(element, readNote(element, head))),
      clef,
    });
    this.moveTo(addFractions(this.time, duration));
  }

  /** Puts a rest in place of what is not taken over, since it still takes time. */
  private skip(
    what: LeftOut,
    { voice, duration, isChord, clef }: Pick<ForeignEvent, 'voice' | 'duration' | 'clef'> & { readonly isChord: boolean },
  ): void {
    this.leave(what, voice);
    if (isChord || compareFractions(duration, ZERO) === 0) return;
    this.add({ voice, onset: this.time, duration, note: null, clef });
    this.moveTo(addFractions(this.time, duration));
  }

  private add(event: ForeignEvent): void {
    this.events.push(event);
    this.last = event;
  }

  /** Adds a head that sounds with the note before; in a stopped harmonic it is the finger that touches, or the sound. */
  private joins(element: ReadElement, head: ReadHead): void {
    const before = this.last?.note;
    const isHarmonic = at(element, 'notations', 'technical', 'harmonic') !== undefined && before?.harmonic === 'stopped';
    const read = readNote(element, head);
    if (!this.last || !before || isHarmonic || !read) return;
    const joined: ForeignEvent = { ...this.last, note: withHead(before, read) };
    this.events[this.events.lastIndexOf(this.last)] = joined;
    this.last = joined;
  }

  /** Reads the slurs. A slur that begins twice under one number, or ends without having begun, is ignored. */
  private withSlurs(element: ReadElement, note: ForeignNote | null): ForeignNote | null {
    if (!note) return null;
    const signs = childrenOf(element, 'notations').flatMap((element) => childrenOf(element, 'slur'));
    let [begin, end] = [0, 0];
    for (const { attributes } of signs) {
      const number = attributes['number'] ?? '1';
      if (attributes['type'] === 'stop' && this.slurs.delete(number)) end += 1;
      if (attributes['type'] === 'start' && !this.slurs.has(number)) {
        this.slurs.set(number, number);
        begin += 1;
      }
    }
    return { ...note, slursBegin: begin, slursEnd: end };
  }

  /** Adds to a note the position and the string that stand over it in words; a string by its number goes before. */
  private withWords(note: ForeignNote | null): ForeignNote | null {
    if (!note) return null;
    const { position, string } = this.over;
    this.over = NOTHING_OVER;
    return { ...note, position, string: note.string ?? string };
  }

  private repeat(barlines: readonly ReadElement[]): RepeatSigns {
    const signs = barlines.map((barline) => childOf(barline, 'repeat')?.attributes ?? {});
    const endings = barlines.flatMap((barline) => childrenOf(barline, 'ending'));
    const begun = endings.find(({ attributes }) => attributes['type'] === 'start');
    if (begun) this.ending = numbersIn(begun.attributes['number'] ?? '');
    const now = this.ending;
    if (endings.some(({ attributes }) => attributes['type'] === 'stop' || attributes['type'] === 'discontinue')) this.ending = [];
    const back = signs.find(({ direction }) => direction === 'backward');
    return {
      begins: signs.some(({ direction }) => direction === 'forward'),
      times: back ? Math.min(MOST_TIMES, Math.max(2, Number(back['times'] ?? 2) || 2)) : 0,
      endings: now,
    };
  }
}

/** Reads the number of divisions of a quarter from here on; undefined where nothing is said, or nothing that makes sense. */
function divisionsIn(element: ReadElement): number | undefined {
  const divisions = numberOf(element, 'divisions');
  return divisions !== undefined && divisions >= 1 / PRECISION && divisions <= MOST_DIVISIONS ? divisions : undefined;
}

/** The precision of lengths: a thousandth of a division. */
const PRECISION = 1000;

/** The largest number of divisions of a quarter, and of quarters in a note. */
const MOST_DIVISIONS = 10_000_000;

/** The largest number of times that a repeat is played. */
const MOST_TIMES = 16;

const BEAT_UNITS: Readonly<Record<string, number>> = { whole: 4, half: 2, quarter: 1, eighth: 0.5, '16th': 0.25 };

const JUMPS = ['dacapo', 'dalsegno', 'tocoda', 'fine'] as const;

const DIRECTIONS: Readonly<Record<string, LeftOut>> = {
  dynamics: 'dynamics',
  wedge: 'dynamics',
  words: 'words',
  rehearsal: 'words',
  dashes: 'words',
  pedal: 'other-signs',
  'string-mute': 'other-signs',
};

function octavesDown(octaves: number): Transposition {
  return { steps: -7 * octaves, semitones: -12 * octaves };
}

function transpositionOf(element: ReadElement): Transposition {
  const octaves = numberOf(element, 'octave-change') ?? 0;
  const semitones = numberOf(element, 'chromatic') ?? 0;
  // The letters are those of the usual interval of this number of semitones, where they are not given.
  const steps = numberOf(element, 'diatonic') ?? Math.round((semitones * 7) / 12);
  return { steps: steps + 7 * octaves, semitones: semitones + 12 * octaves };
}

/** Tells whether a small note with its head in brackets is for the reader and not played. */
function isInBrackets(note: ReadElement): boolean {
  return childOf(note, 'grace') !== undefined && childOf(note, 'notehead')?.attributes['parentheses'] === 'yes';
}

function beatsOf(meter: string): readonly number[] {
  const [beats, value] = meter.split('/');
  return [(beats ?? '').split('+').reduce((sum, part) => sum + Number(part), 0), Number(value)];
}

/** Reads a meter: "3/4"; several beats are added, and of several meters one after the other the first is taken. */
function meterNamed(time: ReadElement): string | null {
  const [beats, value] = [textOf(time, 'beats'), textOf(time, 'beat-type')];
  if (beats === undefined || value === undefined || !/^[1-9][0-9]?(\+[1-9][0-9]?)*$/.test(beats) || !/^(1|2|4|8|16|32)$/.test(value))
    return null;
  return `${beatsOf(`${beats}/${value}`)[0] ?? 4}/${value}`;
}

function numbersIn(text: string): readonly number[] {
  return [...text.matchAll(/[0-9]+/g)].map(([digits]) => Number(digits)).filter((number) => number >= 1 && number <= MOST_TIMES);
}

function voiceOf(element: ReadElement): string {
  const [staff, voice] = [textOf(element, 'staff') ?? '1', textOf(element, 'voice') ?? '1'];
  return staff === '1' ? voice : `${staff}/${voice}`;
}

/** Gives the lower of two strings by their numbers; where one is missing, or named by its letter, the first that is written. */
function lowerString(one: WrittenString | null, other: WrittenString | null): WrittenString | null {
  if (one === null || other === null || !('number' in one) || !('number' in other)) return one ?? other;
  return one.number >= other.number ? one : other;
}

/** Adds a head to those of a note, from the lowest, each with its finger; one that stands there already is not added. */
function withHead(note: ForeignNote, head: ForeignNote): ForeignNote {
  const [pitch] = head.pitches;
  if (!pitch || note.pitches.some((value) => samePitch(value, pitch))) return note;
  const below = note.pitches.filter((value) => semitonesOf(value) < semitonesOf(pitch)).length;
  const into = <Item>(items: readonly Item[], item: Item): readonly Item[] => [...items.slice(0, below), item, ...items.slice(below)];
  return {
    ...note,
    pitches: into(note.pitches, pitch),
    fingers: into(note.fingers, head.fingers[0] ?? null),
    string: lowerString(note.string, head.string),
    accent: note.accent ?? head.accent,
    articulation: note.articulation ?? head.articulation,
    tied: note.tied || head.tied,
  };
}
