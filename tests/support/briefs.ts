import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { OPEN_STRING_POLICIES } from '#core/brief/parts/limits';
import { PURPOSES } from '#core/brief/parts/rules';
import { PREFERENCES } from '#core/brief/parts/wishes';
import { type KeyedStrings, keyedStrings, schoolsOf } from '#core/hand';
import { HAND_PRESETS } from '#core/hand/reach';
import { type Instrument, INSTRUMENT_KINDS, type InstrumentKind, TUNINGS } from '#core/instrument';
import type { LineNoteDocument } from '#core/material/typed';
import { formatPitch, type LetterIndex, parsePitch, type Pitch, semitonesOf } from '#core/pitch';
import { parseKey } from '#core/key';
import { plan } from '#core/plan';
import type { Plan } from '#core/plan/describe';

/**
 * Plans a brief that can be planned, and gives its best plan.
 *
 * @throws with the words of the refusal otherwise
 */
export function planBest(brief: Brief): Plan {
  const outcome = plan(brief);
  if (!outcome.ok) throw new Error(outcome.issues.map((issue) => issue.message).join(' '));
  return outcome.value.best;
}

/** Gives the first issue of a brief that cannot be planned. */
export function refusalOf(brief: Brief): { readonly message: string; readonly hint: string; readonly note: number | undefined } {
  const outcome = plan(brief);
  const issue = outcome.ok ? undefined : outcome.issues[0];
  if (!issue) throw new Error('It was planned after all');
  return { message: issue.message, hint: issue.hint, note: issue.where.note };
}

/** Makes a line of sounding pitches in quarters; double stops are joined: "G3+G4". */
export function lineBrief(kind: InstrumentKind, pitches: readonly string[], more: Partial<Brief> = {}, key = 'C major'): Brief {
  return {
    instrument: { kind },
    material: { kind: 'line', key, notes: pitches.map((pitch) => ({ pitches: pitch.split('+'), duration: '1/4' })) },
    ...more,
  };
}

/** Writes the open string and finger of each note, as teachers say a fingering: "A1 A2 D0". */
export function fingering(result: Plan): string {
  return result.notes
    .flatMap((note) => (note.kind === 'note' ? [note.stops.map((stop) => `${stop.open.slice(0, -1)}${stop.finger}`).join('+')] : []))
    .join(' ');
}

/** Makes any pitch, double accidentals included, from an octave. */
export const anyPitch: fc.Arbitrary<Pitch> = fc.record(
  {
    letter: fc.constantFrom<LetterIndex>(0, 1, 2, 3, 4, 5, 6),
    alteration: fc.integer({ min: -2, max: 2 }),
    octave: fc.integer({ min: 0, max: 8 }),
  },
  { noNullPrototype: true },
);

/** Makes pitches that lie well on an instrument: from the lowest string to a sixth above the highest. */
export function pitchesOn(kind: InstrumentKind): fc.Arbitrary<string> {
  const strings = TUNINGS[kind].map(soundOf);
  const [lowest, highest] = [Math.min(...strings), Math.max(...strings) + 9];
  return anyPitch.filter((pitch) => semitonesOf(pitch) >= lowest && semitonesOf(pitch) <= highest).map(formatPitch);
}

/** Makes a short line on any of the four instruments. */
export function shortLines(most: number): fc.Arbitrary<Brief> {
  return fc
    .constantFrom(...INSTRUMENT_KINDS)
    .chain((kind) => fc.array(pitchesOn(kind), { minLength: 1, maxLength: most }).map((pitches) => lineBrief(kind, pitches)));
}

/** Makes a short line on any instrument, in any school, with any hand, wishes and purpose. */
export function anyBriefs(most: number): fc.Arbitrary<Brief> {
  const wishes = fc.dictionary(fc.constantFrom(...PREFERENCES), fc.constantFrom(0.35, 0.7, 1), { maxKeys: 3, noNullPrototype: true });
  const more = fc.record(
    {
      purpose: fc.constantFrom(...PURPOSES),
      preferences: wishes,
      tempo: fc.constantFrom(60, 120, 200),
      limits: fc.record({ openStrings: fc.constantFrom(...OPEN_STRING_POLICIES), harmonics: fc.boolean() }, { noNullPrototype: true }),
    },
    { requiredKeys: [], noNullPrototype: true },
  );
  const lines = shortLines(most).chain((brief) => {
    const school = fc.constantFrom(...schoolsOf(brief.instrument.kind));
    const hand = fc.option(fc.constantFrom(...HAND_PRESETS));
    return fc.tuple(fc.constant(brief), school, hand, fc.boolean());
  });
  return fc.tuple(lines, more).map(([[brief, school, preset, pivots], rest]) => ({
    ...brief,
    ...rest,
    player: { school, pivots, ...(preset === null ? {} : { hand: { preset } }) },
  }));
}

const durations = fc.constantFrom('1/16', '1/8', '3/16', '1/4', '3/8', '5/8', '1/2', '7/8', '1/1', '9/64');

/** Makes notes and rests of mixed values with slurs, at least one note. */
export function mixedNotes(kind: InstrumentKind): fc.Arbitrary<LineNoteDocument[]> {
  const note = fc
    .record({ pitch: pitchesOn(kind), duration: durations, slur: fc.boolean() }, { noNullPrototype: true })
    .map(({ pitch, duration, slur }): LineNoteDocument => (slur ? { pitches: [pitch], duration, slur } : { pitches: [pitch], duration }));
  const rest = durations.map((duration): LineNoteDocument => ({ rest: true, duration }));
  return fc
    .tuple(note, fc.array(fc.oneof({ weight: 4, arbitrary: note }, { weight: 1, arbitrary: rest }), { maxLength: 12 }), note)
    .map(([first, middle, last]) => slursEndingOnNotes([first, ...middle, last]));
}

/** Lets every slur lead to a note: not into a rest, and not beyond the end. */
function slursEndingOnNotes(notes: readonly LineNoteDocument[]): LineNoteDocument[] {
  return notes.map((note, index) => {
    const next = notes[index + 1];
    return 'rest' in note || (next && !('rest' in next)) ? note : { pitches: note.pitches, duration: note.duration };
  });
}

export function soundOf(text: string): number {
  const pitch = parsePitch(text);
  return pitch.ok ? semitonesOf(pitch.value) : 0;
}

/** Makes typed lines on every instrument: notes, rests and double stops in some keys and meters. */
export const anyLine = fc.constantFrom(...INSTRUMENT_KINDS).chain((kind) =>
  fc
    .record(
      {
        notes: mixedNotes(kind),
        meter: fc.constantFrom('4/4' as const, '3/4' as const, '6/8' as const),
        key: fc.constantFrom('C major', 'Eb major', 'F# minor'),
      },
      { noNullPrototype: true },
    )
    .map(({ notes, meter, key }): Brief => ({ instrument: { kind }, material: { kind: 'line', notes, key }, rhythm: { meter } })),
);

/** Gives the places at which a key puts the letters on an instrument. */
export function inKey(instrument: Instrument, key: string): KeyedStrings {
  const reading = parseKey(key);
  if (!reading.ok) throw new Error(`${key} is no key`);
  return keyedStrings(instrument, reading.value);
}
