import { useEffect } from 'react';
import { FINGERS } from '#core/hand';
import { type Lock, lockOf, type Plan } from '#core/plan';
import { redo, select, undo } from '../../store/bench-work.ts';
import { benchStore } from '../../store/bench-store.ts';
import { act } from '../../store/change.ts';
import { advisor } from '../../workers/client.ts';

/** Keys of the bench, wherever the focus is but in a field that needs them itself. */
export function useBenchKeys(): void {
  useEffect(() => {
    const listen = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || needsKeys(event.target)) return;
      const { planSet } = benchStore.getState();
      if (planSet && pressed(event.key, event.shiftKey, planSet.best)) event.preventDefault();
    };
    document.addEventListener('keydown', listen);
    return () => document.removeEventListener('keydown', listen);
  }, []);
}

function needsKeys(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest('input, textarea, select, [role="dialog"], [role="tablist"]') !== null;
}

/** Does what a key stands for; false when it stands for nothing. */
function pressed(key: string, shift: boolean, plan: Plan): boolean {
  const { selected } = benchStore.getState();
  const finger = FINGERS.find((candidate) => candidate === key.toUpperCase());
  if (finger !== undefined && selected !== null) {
    wish({ note: selected, finger });
    return true;
  }
  switch (key.toLowerCase()) {
    case 'arrowright':
      return move(plan, selected, 1);
    case 'arrowleft':
      return move(plan, selected, -1);
    case 'arrowup':
      return changeString(plan, selected, -1);
    case 'arrowdown':
      return changeString(plan, selected, 1);
    case 'l':
      return toggleLock(plan, selected);
    case 's':
      return nextShift(plan, selected);
    case 'z':
      if (shift) redo();
      else undo();
      return true;
    default:
      return false;
  }
}

function wish(lock: Lock): void {
  act((actions) => actions.wishFor(lock));
}

function move(plan: Plan, selected: number | null, by: 1 | -1): boolean {
  const sounding = plan.notes.flatMap((note, index) => (note.kind === 'note' ? [index] : []));
  const place = selected === null ? -1 : sounding.indexOf(selected);
  const next = place === -1 ? sounding[0] : sounding[place + by];
  if (next !== undefined) select(next);
  return true;
}

/** Takes the note to the next string on which any finger of this hand plays it, within the limits. */
function changeString(plan: Plan, selected: number | null, by: 1 | -1): boolean {
  const note = selected === null ? undefined : plan.notes[selected];
  if (selected === null || note?.kind !== 'note') return false;
  void advisor.waysToPlay(plan.brief, selected).then((ways) => {
    if (!ways.ok) return;
    const strings = [...new Set(ways.value.filter((way) => way.allowed).map((way) => way.open))];
    const next = strings[strings.indexOf(note.stops[0].open) + by];
    if (next !== undefined) wish({ note: selected, string: next });
  });
  return true;
}

function toggleLock(plan: Plan, selected: number | null): boolean {
  const note = selected === null ? undefined : plan.notes[selected];
  if (selected === null || note?.kind !== 'note') return false;
  if (note.locked) act((actions) => actions.unlock(selected));
  else wish(lockOf(selected, note));
  return true;
}

function nextShift(plan: Plan, selected: number | null): boolean {
  const next = plan.shifts.find((shift) => shift.to > (selected ?? -1)) ?? plan.shifts[0];
  if (next) select(next.to);
  return true;
}
