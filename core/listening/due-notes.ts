import { performanceOf } from '#core/sound';
import type { Plan, Shift, Stop } from '#core/plan/describe';

/** A note that a plan asks for, as a player owes it and a listener expects it. */
export interface DueNote {
  /** The line index. */
  readonly note: number;
  /** The time at which it begins at the plan’s tempo, seconds from the first. */
  readonly at: number;
  /** The time for which it sounds, seconds. */
  readonly seconds: number;
  /** The sounds at which it aims, Hz, in the tuning of the brief, the lower stop first. */
  readonly hz: readonly number[];
  /** Whether it is played in one bow with the note before. */
  readonly slurred: boolean;
  /** The stops, in the order of the sounds. */
  readonly stops: readonly Stop[];
  /** The shift that arrives on it; null for none. */
  readonly shift: Shift | null;
  /** The slide into it that a shift makes heard, Hz and seconds; null for none. */
  readonly slide: { readonly fromHz: number; readonly toHz: number; readonly seconds: number } | null;
}

/** Lists the notes that a plan asks for, at its tempo or a share of it. An ornamented note is one note. */
export function dueNotes(plan: Plan, pace = 1): readonly DueNote[] {
  const { notes } = performanceOf(plan, { from: 0, to: plan.notes.length - 1, pace, slides: true });
  const shifts = new Map(plan.shifts.map((shift) => [shift.to, shift]));
  const due: DueNote[] = [];
  for (const [order, { note, at, seconds, hz, slurred }] of notes.entries()) {
    const planned = plan.notes[note];
    const last = due.at(-1);
    if (planned?.kind !== 'note') continue;
    if (last?.note === note) due[due.length - 1] = { ...last, seconds: at + seconds - last.at };
    else
      due.push({
        note,
        at,
        seconds,
        hz,
        slurred,
        stops: planned.stops,
        shift: shifts.get(note) ?? null,
        slide: notes[order - 1]?.slide ?? null,
      });
  }
  return due;
}
