import { signatureAt } from '#core/material/measures';
import type { Plan } from '#core/plan/describe';
import { type Beat, type Performance, performanceOf, type PlayedNote, USUAL_TEMPO } from '#core/sound';
import type { NoteGroup } from './groups.ts';
import type { Rung } from '#core/practice/ladder';

const SECONDS_A_MINUTE = 60;

/** The number of quarters in a whole note. */
const QUARTERS = 4;

/**
 * Gives some notes of a plan as they are played on a rung of a ladder: at its tempo, each held for its beats, with its notes to a bow. The
 * fingering is the plan's, whatever the tempo. Shifts do not slide: the model is the sound that the player works towards.
 */
export function modelOf(plan: Plan, { from, to }: NoteGroup, rung: Rung): Performance {
  const pace = rung.tempo / (plan.brief.tempo ?? USUAL_TEMPO);
  const written = performanceOf(plan, { from, to, pace, slides: false });
  const held =
    rung.beatsPerNote === null
      ? written
      : { ...holdFor(written, rung.beatsPerNote * (SECONDS_A_MINUTE / rung.tempo)), countIn: countIn(plan, from, rung) };
  return { ...held, notes: bowBy(held.notes, rung.notesPerBow) };
}

/** Makes every note as long as the others, without rests. */
function holdFor(written: Performance, seconds: number): Performance {
  const whole = written.notes.filter(({ note }, order) => note !== written.notes[order - 1]?.note);
  const notes = whole.map((note, order): PlayedNote => ({ ...note, at: order * seconds, seconds, slurred: false, slursOn: false }));
  return { ...written, notes, beats: [], seconds: notes.length * seconds };
}

/** Puts a number of notes into each bow; as written where that is not asked for. */
function bowBy(notes: readonly PlayedNote[], notesPerBow: number | null): readonly PlayedNote[] {
  if (notesPerBow === null) return notes;
  return notes.map((note, order) => ({
    ...note,
    slurred: order % notesPerBow !== 0,
    slursOn: (order + 1) % notesPerBow !== 0 && order + 1 < notes.length,
  }));
}

/** Gives one measure of beats at the tempo of the rung: held notes are in no measure. */
function countIn({ line }: Plan, from: number, { tempo }: Rung): readonly Beat[] {
  const { meter } = signatureAt(line, from);
  const beat = (SECONDS_A_MINUTE / tempo) * (QUARTERS / meter.beatValue);
  return Array.from({ length: meter.beats }, (_, order) => ({ at: (order - meter.beats) * beat, strong: order === 0 }));
}

/** Gives a model whose double stops are heard string by string: the lower alone, the upper alone, both. A single line stays as it is. */
export function voicesApart(model: Performance): Performance {
  if (model.notes.every(({ hz }) => hz.length < 2)) return model;
  const voices: readonly ((hz: readonly number[]) => readonly number[])[] = [(hz) => hz.slice(0, 1), (hz) => hz.slice(-1), (hz) => hz];
  const notes = voices.flatMap((voice, order) =>
    model.notes.map((note): PlayedNote => ({ ...note, at: note.at + order * model.seconds, hz: voice(note.hz), slide: null })),
  );
  return { ...model, notes, beats: [], seconds: voices.length * model.seconds };
}
