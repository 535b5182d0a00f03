import type { Plan } from '#core/plan/describe';
import { capsOf, strictest } from './caps.ts';
import { groupsOf, type NoteGroup, type PracticeItem, type PracticePart } from '#core/practice/item';
import type { Fading } from '#core/practice/fading';
import type { Prompt } from '#core/practice/log';
import type { RunItem } from './run.ts';

/** Finds the notes of a plan that a part means: line indexes, both inclusive; of a stage, all of its own line. */
export function notesOfPart(plan: Plan, part: PracticePart): NoteGroup {
  const last = plan.notes.length - 1;
  if (part.part !== 'passage') return { from: 0, to: last };
  const from = Math.min(part.from, last);
  return { from, to: Math.max(from, Math.min(part.to, last)) };
}

/** Lists the groups in which an item is played: those of its grouping and, where there are several, all of its notes after them. */
export function groupsOfItem(plan: Plan, { practised, grouping }: PracticeItem): readonly NoteGroup[] {
  const all = notesOfPart(plan, practised.part);
  const groups = groupsOf(plan, all, grouping);
  return groups.length > 1 ? [...groups, all] : [all];
}

/**
 * Prepares an item with its plan (of a stage, the plan of the stage) to be run through. Everything is heard and named before it is played,
 * the target of a shift is heard alone, and fingers that a set strains are set without a sound first.
 */
export function runItem(plan: Plan, item: PracticeItem, fading: Fading | null = null): RunItem {
  const notes = notesOfPart(plan, item.practised.part);
  const caps = capsOf(plan, notes);
  const { tries, restSeconds } = strictest(caps);
  const shifts = plan.shifts.some(({ from, to }) => from >= notes.from && to <= notes.to);
  const prompts: readonly Prompt[] = [
    'hear',
    'names',
    ...(shifts ? (['target'] as const) : []),
    ...(caps.length > 0 ? (['silent'] as const) : []),
  ];
  const { practised, set, ladder, minutes } = item;
  return { practised, prompts, set, ladder, cap: tries, restSeconds, groups: groupsOfItem(plan, item).length, minutes, fading };
}
