import { positionWords } from './positions.ts';

/**
 * Every sentence the core says when something is wrong, in one place: what is wrong with its value, and what would help.
 * Pitches come as people read them ("E♭4").
 */
export interface Words {
  readonly message: string;
  readonly hint: string;
}

/** A text that is no pitch. */
export function notAPitch(text: string): Words {
  return {
    message: `“${text}” is not a note.`,
    hint: 'Write a letter A to G, an accidental if any (b, bb, #, ##) and the octave: Eb4, F#5.',
  };
}

/** A pitch without its octave. */
export function pitchNeedsOctave(text: string): Words {
  return { message: `“${text}” does not say in which octave.`, hint: `Add the octave, for example ${text}4.` };
}

/** A text that is no key. */
export function notAKey(text: string): Words {
  return {
    message: `“${text}” is not a key.`,
    hint: 'Write the tonic and major or minor, up to seven sharps or flats: Eb major, F# minor.',
  };
}

/** A scale or arpeggio whose key would need more than seven accidentals. */
export function keyTooFar(tonic: string, type: string, nearer: string | null): Words {
  const hint = nearer === null ? 'Choose another tonic.' : `Start on ${nearer} instead: it sounds the same.`;
  return { message: `${tonic} ${type.replace('-', ' ')} would need more than seven sharps or flats.`, hint };
}

/** A typed line with nothing in it. */
export function lineEmpty(): Words {
  return { message: 'The line has no notes yet.', hint: 'Type some pitches, for example Eb4 F4 G4 Ab4.' };
}

/** A typed line of rests only. */
export function lineOnlyRests(count: number): Words {
  return { message: `The line has ${count === 1 ? 'one rest' : `${count} rests`} and no note.`, hint: 'Add at least one pitch to finger.' };
}

/** A line over the limit. */
export function lineTooLong(count: number, most: number): Words {
  const shown = (value: number): string => value.toLocaleString('en');
  return {
    message: `The line has ${shown(count)} notes; at most ${shown(most)} can be planned at once.`,
    hint: 'Split it into several pieces.',
  };
}

/** A length that no tied plain or dotted notes make up. */
export function durationNotWritable(duration: string): Words {
  return { message: `A note of ${duration} of a whole note cannot be written.`, hint: 'Use multiples of a 64th: 1/4, 3/8, 1/16.' };
}

/** A word of a typed line that is neither note, rest, bracket nor bar line. */
export function notATokenOfALine(word: string): Words {
  return {
    message: `“${word}” is neither a note nor a rest.`,
    hint: 'Notes are written Eb4 or Eb4:1/8, rests r or r:1/4, one bow in ( ).',
  };
}

/** A bracket whose partner is missing. */
export function bracketWithout(bracket: string, partner: string): Words {
  return { message: `A bow mark “${bracket}” has no “${partner}” to go with it.`, hint: 'Put round brackets around the notes of one bow.' };
}

/** Three or more notes at once. */
export function tooManyNotes(chord: string): Words {
  return { message: `“${chord}” has more than two notes at once.`, hint: 'A double stop is two notes: G3+B3.' };
}

/** A tie that does not lead to the same pitch. */
export function tieToOtherPitch(from: string, to: string): Words {
  return { message: `The tie from ${from} leads to ${to}.`, hint: 'A tie joins two notes of the same pitch; for one bow use ( ).' };
}

/** A size not in the table. */
export function unknownSize(kind: string, size: string, known: readonly string[]): Words {
  return { message: `There is no ${kind} of size ${size}.`, hint: `Choose one of ${known.join(', ')}, or give the string length in mm.` };
}

/** A tuning that does not go down from string to string. */
export function stringsOutOfOrder(above: string, below: string): Words {
  return {
    message: `The string ${below} is not lower than the string ${above} before it.`,
    hint: 'List the open strings from the highest to the lowest.',
  };
}

/** A measure that no instrument of its kind has. */
export function measureBeyondSense(what: string, value: number, least: number, most: number, unit: string): Words {
  return { message: `${what} cannot be ${value} ${unit}.`, hint: `The sane range is ${least} to ${most} ${unit}.` };
}

/** A string tuned as none of its instrument is. */
export function stringBeyondSense(name: string, kind: string, usual: readonly string[]): Words {
  return {
    message: `A ${kind} has no string tuned to ${name}.`,
    hint: `Its usual strings are ${usual.join(' ')}; a string lies at most a sixth beyond them.`,
  };
}

/** A limit or lock that names a string the instrument does not have. */
export function unknownString(name: string, known: readonly string[]): Words {
  return { message: `This instrument has no string ${name}.`, hint: `Its strings are ${known.join(', ')}.` };
}

/** A position label the school does not use. */
export function unknownPosition(label: string, known: readonly string[]): Words {
  return { message: `This school has no position “${label}”.`, hint: `Its positions are ${known.join(', ')}.` };
}

/** A school of another instrument. */
export function schoolNotOfInstrument(school: string, kind: string, known: readonly string[]): Words {
  return { message: `The school “${school}” is not taught on the ${kind}.`, hint: `Schools for the ${kind}: ${known.join(', ')}.` };
}

/** A lock on a note that the line does not have. */
export function lockOutsideLine(note: number, count: number): Words {
  return { message: `A finger is fixed on note ${note + 1}, but the line has ${count}.`, hint: 'Remove that fixed finger.' };
}

/** A note below the lowest string. */
export function noteBelowStrings(pitch: string, count: number, lowest: string, kind: string, octavesUp: number): Words {
  const others = count > 1 ? ` (the lowest of ${count} such notes)` : '';
  return {
    message: `${pitch}${others} lies below the lowest string of this ${kind}, ${lowest}.`,
    hint: `${octavesUp === 1 ? 'An octave' : `${octavesUp} octaves`} higher it fits.`,
  };
}

/** A note that no finger of the school reaches. */
export function noteAboveSchool(pitch: string, highest: string, kind: string, octavesDown: number): Words {
  const hint = octavesDown > 0 ? `${octavesDown === 1 ? 'An octave' : `${octavesDown} octaves`} lower it fits.` : 'Choose fewer octaves.';
  return { message: `${pitch} is higher than this hand reaches on the ${kind}: it goes up to ${highest}.`, hint };
}

/** A note fixed to a string that is higher than the note. */
export function lockBelowString(pitch: string, string: string): Words {
  return { message: `${pitch} lies below the open ${string} string, so it cannot be played there.`, hint: 'Choose a lower string.' };
}

/** A note fixed to finger 0 that is no open string. */
export function lockNotOpen(pitch: string, strings: readonly string[]): Words {
  return { message: `${pitch} is not an open string here, so it needs a finger.`, hint: `The open strings are ${strings.join(', ')}.` };
}

/** A finger that would put the hand behind the nut. */
export function lockBehindNut(pitch: string, finger: string, string: string | null): Words {
  const where = string === null ? 'on any string' : `on the ${string} string`;
  return {
    message: `With finger ${finger} on ${pitch} ${where}, the first finger would stand behind the nut.`,
    hint: 'Choose a lower finger, or a lower string.',
  };
}

/** A finger this school does not put there. */
export function lockOutOfReach(pitch: string, finger: string | null, string: string | null): Words {
  const what = `${finger === null ? '' : ` with finger ${finger}`}${string === null ? '' : ` on the ${string} string`}`;
  return { message: `No hand of this school plays ${pitch}${what}.`, hint: 'Choose another finger or string for it.' };
}

/** A finger the school never uses. */
export function fingerNotInSchool(finger: string, pitch: string): Words {
  return { message: `This school does not use finger ${finger} for ${pitch}.`, hint: 'Choose another finger.' };
}

/** A note that one limit alone excludes: `need` is what playing it would take ("third position on the D string"). */
export function excludedByOneLimit(pitch: string, wish: string | null, limit: string, need: string): Words {
  const subject = wish === null ? pitch : `${pitch} with ${wish}`;
  return { message: `${subject} needs ${need}, which this brief leaves out (${limit}).`, hint: `Allow ${need}, and it can be played.` };
}

/** A note that several limits together exclude. */
export function excludedByLimits(pitch: string, wish: string | null, limits: readonly string[]): Words {
  const subject = wish === null ? pitch : `${pitch} with ${wish}`;
  return {
    message: `${subject} cannot be played within these limits together: ${limits.join('; ')}.`,
    hint: 'Lift more than one of them.',
  };
}

/** A text that is not JSON. */
export function notJson(detail: string): Words {
  return { message: `This is not readable as JSON: ${detail}.`, hint: 'The file may be cut off or damaged; choose another copy.' };
}

/** A document that is something else. */
export function damagedDocument(kind: string, what: string): Words {
  return { message: `This file is not a Dove Path ${kind}: ${what}.`, hint: 'Choose a file that was saved here as JSON.' };
}

/** A document that breaks its schema at one place. */
export function documentNotMatching(pointer: string, expected: string): Words {
  return {
    message: `${pointer === '' ? 'The document' : `The value at ${pointer}`} ${expected}.`,
    hint: 'Correct that value and try again.',
  };
}

/** A document written by a newer version of the application. */
export function fileOfNewerVersion(version: number, known: number): Words {
  return {
    message: `This file is of version ${version}; this Dove Path reads up to version ${known}.`,
    hint: 'Open it with a newer Dove Path; nothing here was changed.',
  };
}

/** A request body over the limit. */
export function bodyTooLarge(limitBytes: number): Words {
  return { message: `The request is larger than ${Math.round(limitBytes / 1_000_000)} MB.`, hint: 'Send at most 10,000 notes at once.' };
}

/** A span of which one measure is missing. */
export function spanIncomplete(): Words {
  return {
    message: 'This span needs two measures in mm.',
    hint: 'Give what is at ease and what is the most there is, or leave both empty.',
  };
}

/** A hand that spans nothing. */
export function handSpansNothing(mm: number): Words {
  return {
    message: `A hand that spans ${mm} mm can hold no finger down.`,
    hint: 'Measure from first to fourth finger at the instrument, in millimetres.',
  };
}

/** A hand outside what hands are. */
export function handBeyondSense(mm: number, hint: string): Words {
  return { message: `${mm} mm is no measure of a hand.`, hint };
}

/** One pattern for every octave asked of material that has no octaves. */
export function patternNeedsScale(): Words {
  return {
    message: 'The same pattern in every octave can be asked of scales and arpeggios only.',
    hint: 'Leave it out for this material.',
  };
}

/** A weight outside its range. */
export function weightOutOfRange(name: string, value: number, least: number, most: number): Words {
  return { message: `The weight “${name}” cannot be ${value}.`, hint: `It lies between ${least} and ${most}.` };
}

/** A weight with too many or too few values. */
export function weightOfOtherShape(name: string, values: number): Words {
  return {
    message: `The weight “${name}” has ${values} ${values === 1 ? 'value' : 'values'}.`,
    hint: 'Give as many as the table of weights has.',
  };
}

/** A highest note below the open string it is to limit. */
export function highestBelowString(pitch: string, string: string): Words {
  return {
    message: `${pitch} lies below the open ${string} string, so it cannot be its highest note.`,
    hint: 'Name a note on that string.',
  };
}

/** A lock on a rest. */
export function lockOnRest(note: number): Words {
  return { message: `A finger is fixed on note ${note + 1}, which is a rest.`, hint: 'Remove that fixed finger.' };
}

/** Two locks on one note that cannot both hold. */
export function locksContradict(note: number): Words {
  return { message: `Note ${note + 1} is fixed twice, in ways that contradict each other.`, hint: 'Keep one of the two.' };
}

/** A pitch that is no natural harmonic of any string. */
export function noHarmonic(pitch: string): Words {
  return { message: `${pitch} is no natural harmonic on this instrument.`, hint: 'Stop the note, or write a harmonic of an open string.' };
}

/** A double stop for which neighbouring strings would have to be skipped. */
export function noDoubleStopSkips(low: string, high: string): Words {
  return {
    message: `${low} and ${high} together would skip a string: neighbouring strings lie a fourth apart here.`,
    hint: 'Play them one after the other, or a smaller interval.',
  };
}

/** A double stop no two neighbouring strings hold. */
export function noDoubleStopThere(low: string, high: string): Words {
  return {
    message: `No two neighbouring strings hold ${low} and ${high} together in one hand.`,
    hint: 'Move one of the notes by an octave, or play them one after the other.',
  };
}

/** A line in which every note can be played, and no whole keeps what is asked. */
export function noWayAtAll(): Words {
  return {
    message: 'No fingering of the whole line keeps all that is asked.',
    hint: 'Let the way down be its own, or the octaves differ.',
  };
}

/** A count of shifts that cannot be had. */
export function noWayWithShifts(shifts: number, counts: readonly number[]): Words {
  const shown = (count: number): string => `${count} ${count === 1 ? 'shift' : 'shifts'}`;
  const nearest = [...counts].sort((one, other) => Math.abs(one - shifts) - Math.abs(other - shifts))[0];
  const hint = nearest === undefined ? 'Leave the number of shifts open.' : `The nearest that can be had is ${shown(nearest)}.`;
  return { message: `There is no fingering with exactly ${shown(shifts)} within these limits.`, hint };
}

/** What was let go so that a line can be planned. */
export function relaxationWords(
  kind: 'positions' | 'strings' | 'fingers' | 'lock' | 'shifts' | 'openStrings' | 'without',
  value: string,
): string {
  switch (kind) {
    case 'positions':
      return `with ${positionWords({ label: value, alteration: null })} allowed too`;
    case 'strings':
      return `with the ${value.replace(/\d/, '')} string allowed too`;
    case 'fingers':
      return value === 'T' ? 'with the thumb allowed too' : `with finger ${value} allowed too`;
    case 'lock':
      return `without the finger fixed on note ${value}`;
    case 'shifts':
      return `with ${value} ${value === '1' ? 'shift' : 'shifts'} instead`;
    case 'openStrings':
      return 'with open strings left free';
    case 'without':
      return `without ${WHOLE_LIMITS[value] ?? value}`;
  }
}

const WHOLE_LIMITS: Readonly<Record<string, string>> = {
  positions: 'the limit on positions',
  strings: 'the limit on strings',
  fingers: 'the limit on fingers',
  highestPerString: 'the highest note on a string',
  openStrings: 'the rule for open strings',
  shifts: 'the number of shifts',
  locks: 'any fixed finger',
  pattern: 'the same pattern in every octave',
  'as-up': 'the way down as the way up',
  all: 'any limit, which no single one explains',
};

/** A note or double stop beyond this hand's reach. */
export function beyondReach(pitch: string, needMm: number, maxMm: number, assumed: boolean): Words {
  const whose = assumed ? 'a large hand' : 'this hand';
  return {
    message: `${pitch} asks for a reach of ${Math.ceil(needMm)} mm; ${whose} spans ${Math.floor(maxMm)} mm at most.`,
    hint: 'Higher on the string or on a smaller instrument the same is within reach; never force it.',
  };
}

/** A word of a typed fingering that is no finger. */
export function notAFinger(word: string): Words {
  return {
    message: `“${word}” is not a finger.`,
    hint: 'Write 0 to 4 or T, one a note with blanks between; 1+3 for a double stop, a full stop to leave a note free.',
  };
}

/** A typed fingering that is longer than the line. */
export function tooManyFingers(fingers: number, notes: number): Words {
  return {
    message: `${fingers} fingers are written, but from here on the line has ${notes} ${notes === 1 ? 'note' : 'notes'}.`,
    hint: 'Begin at an earlier note, or leave some out.',
  };
}
