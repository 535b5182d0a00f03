import { parseBowing, withBowing, withLockedBows } from '#core/brief/locks';
import { issuesText } from '#core/messages';
import { planShown } from '../planning.ts';
import { workStore } from '../bench/index.ts';
import { changeBrief } from './brief-actions.ts';

/** Locks a bowing typed as one row from a note on; else returns its fault. */
export function prescribeBowing(text: string, from: number): string | null {
  const plan = planShown();
  if (!plan) return null;
  const bows = parseBowing(text);
  const bowed = bows.ok ? withBowing(workStore.getState().brief, plan.line.notes, from, bows.value) : bows;
  if (!bowed.ok) return issuesText(bowed.issues);
  changeBrief(() => bowed.value);
  return null;
}

/** Lets the bowing of the sentence hold again; bow signs stay. */
export function unlockBowing(): void {
  changeBrief((brief) => withLockedBows(brief, []));
}
