import { type Issue, type IssuePlace, lineIssue } from '#core/messages';
import { formatPitch, parsePitch, type Pitch } from '#core/pitch';
import { goodReading, type Reading } from '#core/result';
import { addFractions, formatFraction, fraction, type Fraction, multiplyFractions, parseFraction } from '#core/fraction';
import {
  type Accent,
  ACCENT_KINDS,
  type Articulation,
  ARTICULATIONS,
  ORNAMENT_KINDS,
  ORNAMENT_SIGNS,
  type OrnamentKind,
  type OrnamentSign,
} from '#core/material/line';
import { accentOf, type LineNoteDocument, MOST_AT_ONCE, type TypedNote, writtenAccent } from './line-note.ts';

/**
 * Reads a line as a teacher types it: `Eb4 F4 (G4:1/8 Ab4) r:1/4`.
 *
 * A pitch may have a value after a colon, which holds until the next one given; a dot adds a half, a `t` makes it one of a
 * triplet. `r` is a rest, round brackets stand for one bow, `>` after a pitch for an accent, `st` for a staccato dot and `ten` for a tenuto
 * line, braces for grace notes (eighths where no value is given), `+` joins the two notes of a double stop, `*` after a pitch marks a
 * natural harmonic, `**` a stopped one, `tr`, `mord` and `upmord` an ornament (`trb` and `tr#` with a sign at it), `~` ties a note to the
 * next of the same pitch, bar lines are for the eye only.
 *
 * @param octavesAbove the octaves by which the typed pitch lies above the sounding one (the double bass: 1)
 */
export function parseLineText(text: string, noteValue: string, octavesAbove: number): Reading<readonly LineNoteDocument[]> {
  const reader = new LineReader(parseFraction(noteValue) ?? fraction(1, 4), octavesAbove);
  for (const { 0: word, index } of text.matchAll(WORDS)) reader.take(word, { from: index, to: index + word.length });
  reader.end();
  const [first, ...others] = reader.issues;
  return first ? { ok: false, issues: [first, ...others] } : goodReading(reader.notes);
}

/** Brackets stand by themselves; everything else is parted by blanks, commas and bar lines. */
const WORDS = /[(){}]|[^\s,|(){}]+/g;

/** Writes a line so that `parseLineText` reads the same notes again; a value is written where it changes. */
export function formatLineText(notes: readonly LineNoteDocument[], noteValue: string, octavesAbove: number): string {
  let lastValue = noteValue;
  let lastGraceValue: string = GRACE_VALUE;
  return notes
    .map((note, index) => {
      const [slurred, inBow] = [isSlurred(note), isSlurred(notes[index - 1])];
      const [grace, afterGrace, beforeGrace] = [isSmall(note), isSmall(notes[index - 1]), isSmall(notes[index + 1])];
      const value = note.duration === (grace ? lastGraceValue : lastValue) ? '' : `:${note.duration}`;
      if (grace) lastGraceValue = note.duration;
      else lastValue = note.duration;
      const inBraces = within(`${nameOf(note, octavesAbove)}${value}`, ['{', '}'], grace && !afterGrace, grace && !beforeGrace);
      return within(inBraces, ['(', ')'], slurred && !inBow, inBow && !slurred);
    })
    .join(' ');
}

function within(text: string, [opening, closing]: readonly [string, string], begins: boolean, ends: boolean): string {
  return `${begins ? opening : ''}${text}${ends ? closing : ''}`;
}

/** The value of a grace note where nothing else is said. */
const GRACE_VALUE = '1/8';

/** The words for ornaments in a typed line. */
const ORNAMENT_WORDS: Readonly<Record<OrnamentKind, string>> = { trill: 'tr', mordent: 'mord', 'upper-mordent': 'upmord' };

/** The words for articulation in a typed line. */
const ARTICULATION_WORDS: Readonly<Record<Articulation, string>> = {
  staccato: 'st',
  staccatissimo: 'stm',
  tenuto: 'ten',
  'detached-legato': 'tenst',
};

/** The signs for accents in a typed line. */
const ACCENT_MARKS: Readonly<Record<Accent, string>> = { accent: '>', marcato: '^' };

/** The accidentals at an ornament, as they are typed. */
const SIGN_WORDS: Readonly<Record<OrnamentSign, string>> = { flat: 'b', natural: 'n', sharp: '#' };

function nameOf(note: LineNoteDocument, octavesAbove: number): string {
  if ('rest' in note) return 'r';
  const { pitches, harmonic, ornament, articulation } = note;
  const accent = accentOf(note);
  const touched = harmonic === 'stopped' ? '**' : harmonic === true ? '*' : '';
  const played = ornament ? `${ORNAMENT_WORDS[ornament.kind]}${ornament.sign ? SIGN_WORDS[ornament.sign] : ''}` : '';
  return `${pitches.map((pitch) => moveOctaves(pitch, octavesAbove)).join('+')}${touched}${played}${articulation ? ARTICULATION_WORDS[articulation] : ''}${accent ? ACCENT_MARKS[accent] : ''}`;
}

/** Tells whether a note is in one bow with the next. */
function isSlurred(note: LineNoteDocument | undefined): boolean {
  return note !== undefined && !('rest' in note) && note.slur === true;
}

/** Tells whether a note is a grace note. */
function isSmall(note: LineNoteDocument | undefined): boolean {
  return note !== undefined && !('rest' in note) && note.grace === true;
}

/** Collects notes and issues while the words go by; lives for one reading only. */
class LineReader {
  readonly notes: LineNoteDocument[] = [];
  readonly issues: Issue[] = [];
  /** The number of notes and rests so far, readable or not. */
  private place = 0;
  private where = { from: 0, to: 0 };
  private inBow = false;
  private inGrace = false;
  private tied = false;
  private graceValue = parseFraction(GRACE_VALUE) ?? fraction(1, 8);

  constructor(
    private value: Fraction,
    private readonly octavesAbove: number,
  ) {}

  take(word: string, text: { readonly from: number; readonly to: number }): void {
    this.where = text;
    if (word === '(') this.openBow();
    else if (word === ')') this.closeBow();
    else if (word === '{' || word === '}') this.turnGrace(word === '{');
    else {
      this.readNote(word);
      this.place += 1;
    }
  }

  end(): void {
    if (this.inBow) this.complain(lineIssue('bracket-alone', { bracket: '(', partner: ')' }));
    if (this.inGrace) this.complain(lineIssue('bracket-alone', { bracket: '{', partner: '}' }));
    if (this.tied) this.complain(lineIssue('tie-to-other-pitch', { from: this.lastName(), to: 'nothing' }));
  }

  private openBow(): void {
    if (this.inBow) this.complain(lineIssue('bracket-alone', { bracket: '(', partner: ')' }));
    this.inBow = true;
  }

  private closeBow(): void {
    if (!this.inBow) this.complain(lineIssue('bracket-alone', { bracket: ')', partner: '(' }));
    this.inBow = false;
    const last = this.notes.pop();
    if (last) this.notes.push(withoutSlur(last));
  }

  private turnGrace(opens: boolean): void {
    if (opens === this.inGrace) {
      const [bracket, partner] = opens ? (['{', '}'] as const) : (['}', '{'] as const);
      this.complain(lineIssue('bracket-alone', { bracket, partner }));
    }
    this.inGrace = opens;
  }

  private readNote(word: string): void {
    const read = readWord(word, this.inGrace ? this.graceValue : this.value);
    if (read === null) return this.complain(lineIssue('not-a-note', { word }));
    const { name, value, tie } = read;
    if (this.inGrace) this.graceValue = value;
    else this.value = value;
    if (/^(r|-|rest)$/i.test(name)) return this.addRest(value);
    const { chord, signs } = readSigns(name);
    const names = chord.split('+');
    if (names.length > MOST_AT_ONCE) return this.complain(lineIssue('too-many-at-once', { chord }));
    const pitches = this.soundingPitches(names);
    if (pitches === null) return;
    this.addNote({ pitches, duration: formatFraction(value), ...signs, ...(this.inGrace ? { grace: true as const } : {}) }, value, tie);
  }

  /** Reads the sounding pitches; null, with what is wrong reported, where one does not read. */
  private soundingPitches(names: readonly string[]): string[] | null {
    const pitches = names.map(parsePitch);
    const issues = pitches.flatMap((pitch) => (pitch.ok ? [] : pitch.issues));
    this.issues.push(...issues.map((issue) => ({ ...issue, where: this.here() })));
    if (issues.length > 0) return null;
    return pitches.flatMap((pitch) => (pitch.ok ? [formatPitch({ ...pitch.value, octave: pitch.value.octave - this.octavesAbove })] : []));
  }

  private addRest(duration: Fraction): void {
    const last = this.notes.pop();
    if (last) this.notes.push(withoutSlur(last));
    this.notes.push({ rest: true, duration: formatFraction(duration) });
  }

  private addNote(note: TypedNote, duration: Fraction, tie: boolean): void {
    const last = this.notes[this.notes.length - 1];
    const name = note.pitches.join('+');
    if (this.tied && last && !('rest' in last) && !note.grace && last.pitches.join('+') === name) {
      const whole = addFractions(parseFraction(last.duration) ?? duration, duration);
      this.notes[this.notes.length - 1] = { ...last, duration: formatFraction(whole) };
    } else {
      if (this.tied) this.complain(lineIssue('tie-to-other-pitch', { from: this.lastName(), to: name }));
      this.notes.push(this.inBow ? { ...note, slur: true } : note);
    }
    this.tied = tie;
  }

  private lastName(): string {
    const last = this.notes[this.notes.length - 1];
    return last && !('rest' in last) ? last.pitches.join('+') : 'a rest';
  }

  private complain(issue: Issue): void {
    this.issues.push({ ...issue, where: this.here() });
  }

  private here(): IssuePlace {
    return { note: this.place, text: this.where };
  }
}

/** Splits a word of a line into its parts: the name of what sounds, its value, and whether it is tied on. Null for a word that is none. */
function readWord(word: string, lastValue: Fraction): { readonly name: string; readonly value: Fraction; readonly tie: boolean } | null {
  const match = /^([^:~]+)(?::([0-9]+\/[0-9]+)([.t]?))?(~?)$/u.exec(word);
  const name = match?.[1];
  const value = match?.[2] === undefined ? lastValue : withSign(parseFraction(match[2]), match[3] ?? '');
  return name === undefined || value === null ? null : { name, value, tie: match?.[4] === '~' };
}

/** Reads the pitches of a word and the signs at it: `A5*` a harmonic, `A5**` a stopped one, `A4tr#` a trill with a sharp. */
function readSigns(name: string): {
  readonly chord: string;
  readonly signs: Pick<TypedNote, 'harmonic' | 'ornament' | 'accent' | 'articulation'>;
} {
  const match = /^(.+?)(\*{0,2})(?:(tr|mord|upmord)(b|n|#)?)?(stm|st|tenst|ten)?([>^]?)$/u.exec(name);
  const [, chord = name, stars = '', played, accidental, touch, accent = ''] = match ?? [];
  return { chord, signs: { ...harmonicOf(stars), ...ornamentOf(played, accidental), ...touchOf(touch, accent) } };
}

function harmonicOf(stars: string): Pick<TypedNote, 'harmonic'> {
  return stars === '' ? {} : { harmonic: stars === '*' ? true : 'stopped' };
}

function ornamentOf(played: string | undefined, accidental: string | undefined): Pick<TypedNote, 'ornament'> {
  const kind = ORNAMENT_KINDS.find((kind) => ORNAMENT_WORDS[kind] === played);
  const sign = ORNAMENT_SIGNS.find((sign) => SIGN_WORDS[sign] === accidental);
  return kind ? { ornament: { kind, ...(sign ? { sign } : {}) } } : {};
}

function touchOf(touch: string | undefined, accent: string): Pick<TypedNote, 'accent' | 'articulation'> {
  const articulation = ARTICULATIONS.find((articulation) => ARTICULATION_WORDS[articulation] === touch);
  const accented = ACCENT_KINDS.find((kind) => ACCENT_MARKS[kind] === accent);
  return { ...writtenAccent(accented), ...(articulation ? { articulation } : {}) };
}

/**
 * Suggests the meaning of a word that does not read: German names (H, Fis, Es), an octave that is missing, a value without its colon or its
 * 1, a stop at the end; null where nothing of the kind helps.
 *
 * @param octave of the note before, for one that is missing
 */
export function suggestedWord(word: string, octave: number): string | null {
  let tried = word;
  for (const [wrong, right] of MISTAKES) {
    tried = tried.replace(wrong, right.replace('OCTAVE', String(octave)));
    if (tried !== word && reads(tried)) return tried;
  }
  return null;
}

/** The usual mistakes and their corrections, tried one after the other. */
const MISTAKES: readonly (readonly [RegExp, string])[] = [
  [/[;!?]+$/, ''],
  [/^h(?![a-z])/i, 'B'],
  [/^his/i, 'B#'],
  [/^([a-g])is/i, '$1#'],
  [/^([ea])s(?=\d|$|:|\/)/i, '$1b'],
  [/^([cdgfb])es/i, '$1b'],
  [/^([a-g](?:#|b){0,2})(?=$|:|\/)/i, '$1OCTAVE'],
  [/^([^:/]+)\/(\d+)([.t]?~?)$/, '$1:1/$2$3'],
  [/:(\d+)([.t]?~?)$/, ':1/$1$2'],
  [/\.+$/, ''],
];

function reads(word: string): boolean {
  const read = readWord(word, fraction(1, 4));
  return (
    read !== null &&
    readSigns(read.name)
      .chord.split('+')
      .every((name) => parsePitch(name).ok)
  );
}

function withoutSlur(note: LineNoteDocument): LineNoteDocument {
  if ('rest' in note) return note;
  const { slur: _, ...plain } = note;
  return plain;
}

/** The effects of the signs after a value: a dot adds a half, three of a triplet take the time of two. */
const VALUE_SIGNS: Readonly<Record<string, Fraction>> = { '.': fraction(3, 2), t: fraction(2, 3) };

function withSign(value: Fraction | null, sign: string): Fraction | null {
  const share = VALUE_SIGNS[sign];
  return value && share ? multiplyFractions(value, share) : value;
}

function moveOctaves(pitchText: string, octaves: number): string {
  const parsed = parsePitch(pitchText);
  const pitch: Pitch | null = parsed.ok ? parsed.value : null;
  return pitch ? formatPitch({ ...pitch, octave: pitch.octave + octaves }) : pitchText;
}
