import { wouldLose } from './waiting.ts';

/** The fields whose text no place takes. */
const untaken = new Set<string>();

/** Notes whether a text that is typed and not kept yet stands where the next page finds it. */
export function noteTyped(field: string, isTaken: boolean): void {
  if (isTaken) untaken.delete(field);
  else untaken.add(field);
  if (!isTaken) warnOnce();
}

let warns = false;

/** Warns about leaving, from the first change on, while something would be lost. */
function warnOnce(): void {
  if (warns || typeof window === 'undefined') return;
  warns = true;
  window.addEventListener('beforeunload', (event) => {
    if (untaken.size > 0 || wouldLose()) event.preventDefault();
  });
}

let writes = false;

/** Writes everything that pauses when the page is left, from the first change on. */
export function writeOnLeaving(write: () => void): void {
  warnOnce();
  if (writes || typeof window === 'undefined') return;
  writes = true;
  window.addEventListener('pagehide', write);
  document.addEventListener('visibilitychange', write);
}
