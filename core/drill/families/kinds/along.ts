import { formatPitch, semitonesOf } from '#core/pitch';
import { drillIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import type { Plan, Shift } from '#core/plan/describe';
import { type DrillFor, type DrillNote, type Written, bestOf, drillNoteOf, type Ground, noteOfPlan } from '#core/drill';
import { checkAfter } from '#core/drill/hot-spots';
import { holdOn } from '#core/drill/position';
import { shiftStudy } from '#core/drill/shifts';
import { AN_OCTAVE, bestOn, inFours, lowestInKey, openPitch, soundsOf, upward } from '../from-the-key.ts';
import { plannedNotes } from '../planned-notes.ts';
import type { FamilyOf } from '../request.ts';
import { asAsked, stringsOf } from '../written.ts';

/** Writes the notes of the key on one string, from the open string or the lowest note above it, an octave up and down. */
export function oneString(ground: Ground, player: DrillFor, { strings }: FamilyOf<'one-string'>): Written {
  const { key } = ground;
  const measures = strings.flatMap((open) => {
    const lowest = lowestInKey(key, openPitch(ground.instrument, open));
    const up = upward(key, lowest, AN_OCTAVE).map(formatPitch);
    const pitches = [...up, ...up.slice(0, -1).toReversed()];
    return inFours(plannedNotes(player, { key, pitches, duration: '1/4', limits: { strings: [open] } }) ?? []);
  });
  return asAsked(measures);
}

/**
 * The heights above an open string at which a note can be checked without doubt with the string beside it: the fourth and the fifth,
 * semitones.
 */
const LANDMARKS = [5, 7] as const;

/** The octave of an open string, which is checked with that string: too many notes up to it mean that the semitones were too small. */
const OCTAVE_SEMITONES = 12;

/** Writes semitones from an open string up its octave; the fourth, the fifth and the octave are checked as they are reached. */
export function chromatic(player: DrillFor, { strings }: FamilyOf<'chromatic'>): Written {
  const measures = strings.flatMap((open) => {
    const material = { kind: 'scale', type: 'chromatic', tonic: open, octaves: 1, direction: 'up' } as const;
    const best = bestOn(player, material, { strings: [open] });
    const notes = soundsOf(best).flatMap((note): readonly DrillNote[] => {
      const here = noteOfPlan(note, '1/4');
      const { semitonesAboveOpen } = note.stops[0];
      if (semitonesAboveOpen === OCTAVE_SEMITONES)
        return [here, { pitches: [open], fingered: { string: open, finger: '0' }, duration: '1/4' }];
      const isLandmark = LANDMARKS.some((semitones) => semitones === semitonesAboveOpen);
      return best && isLandmark ? [here, ...checkAfter(best, note)] : [here];
    });
    return inFours(notes);
  });
  return asAsked(measures);
}

/**
 * Writes each note of a position on a string, then together with the open string beside it: with the higher one where that is higher than
 * the note, else with the lower.
 */
export function againstOpenString(ground: Ground, { position, strings }: FamilyOf<'open-string'>): Written {
  const held = holdOn(ground, position);
  const measures = stringsOf(ground, strings).flatMap((string) =>
    (held.strings[string] ?? []).map((note) => {
      const { finger } = note.placement;
      const [above, below] = [ground.instrument.strings[string - 1], ground.instrument.strings[string + 1]];
      const open = above && above.semitones > semitonesOf(note.pitch) ? above : below;
      if (!open) return [drillNoteOf(note, '1/2')];
      const pitch = formatPitch(note.pitch);
      const both: DrillNote =
        open === above
          ? { pitches: [pitch, open.name], fingered: { string: note.string, finger, upperFinger: '0' }, duration: '1/2' }
          : { pitches: [open.name, pitch], fingered: { string: open.name, finger: '0', upperFinger: finger }, duration: '1/2' };
      return [drillNoteOf(note, '1/2'), both];
    }),
  );
  return asAsked(measures);
}

/** Writes the study of a shift with the in-between note written out, in one bow. */
export function withGuide(player: DrillFor, key: string, { shift }: FamilyOf<'guide'>): Reading<Written> {
  const study = shiftStudy(player, { shift, letters: null, key, measures: 'all' });
  if (!study.ok) return study;
  const best = bestOf(study.value.brief);
  const there = (best?.shifts ?? []).filter(({ throughRest, handSemitones }) => !throughRest && handSemitones > 0 === (shift.way === 'up'));
  const measures = there.flatMap((shift) => (best ? notesOverGuide(best, shift) : []));
  return measures.length > 0 ? goodReading({ measures, altered: study.value.altered }) : badReading(drillIssue('no-guide', {}));
}

/** Goes from note to note over the notes that are passed; empty where a shift passes none but those at its ends. */
function notesOverGuide({ notes }: Plan, { from, to, guides }: Shift): Written['measures'] {
  const [left, reached] = [notes[from], notes[to]];
  const passed = guides.find(({ inBetween }) => inBetween !== null)?.inBetween;
  if (!passed || left?.kind !== 'note' || reached?.kind !== 'note') return [];
  const { pitch, open, finger } = passed;
  if ([left, reached].some(({ stops: [stop] }) => stop.pitch === pitch)) return [];
  const between: DrillNote = { pitches: [pitch], fingered: { string: open, finger }, duration: '1/4', slur: true };
  return [[{ ...noteOfPlan(left, '1/4'), slur: true }, between, noteOfPlan(reached, '1/4')]];
}
