import { wouldLose } from './waiting.ts';

/** Fields whose text no place takes. */
const untaken = new Set<string>();

/** A text that is typed and not kept yet stands where the next page finds it, or does not. */
export function noteTyped(field: string, isTaken: boolean): void {
  if (isTaken) untaken.delete(field);
  else untaken.add(field);
  if (!isTaken) warnOnce();
}

let warns = false;

/** From the first change on, leaving is warned about while something would be lost. */
function warnOnce(): void {
  if (warns || typeof window === 'undefined') return;
  warns = true;
  window.addEventListener('beforeunload', (event) => {
    if (untaken.size > 0 || wouldLose()) event.preventDefault();
  });
}

let writes = false;

/** From the first change on, what pauses is written when the page is left. */
export function writeOnLeaving(write: () => void): void {
  warnOnce();
  if (writes || typeof window === 'undefined') return;
  writes = true;
  window.addEventListener('pagehide', write);
  document.addEventListener('visibilitychange', write);
}
