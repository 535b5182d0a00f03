import type { Plan } from '#core/plan/describe';
import type { ClassPart } from './class-score.ts';

/** Groups the parts that are the same on the same instrument, note by note and finger by finger: they share a staff of the score. */
export function sharedStaffs(parts: readonly ClassPart[]): readonly (readonly ClassPart[])[] {
  const staffs = new Map<string, ClassPart[]>();
  for (const part of parts) {
    const key = keyOf(part.plan);
    const alike = staffs.get(key) ?? [];
    alike.push(part);
    staffs.set(key, alike);
  }
  return [...staffs.values()];
}

function keyOf({ brief, line, notes }: Plan): string {
  const each = notes.map((note, index) => {
    const onset = line.notes[index]?.onset;
    const stops = note.kind === 'rest' ? 'rest' : note.stops.map(({ pitch, string, finger }) => `${pitch} ${string} ${finger}`).join('+');
    return `${onset?.numerator}/${onset?.denominator} ${stops}`;
  });
  return [brief.instrument.kind, ...each].join(';');
}
