import { parseBowing, withBowing, withLockedBows } from '#core/brief/locks';
import { issuesText } from '#core/messages';
import { say } from '../notices.ts';
import { planShown } from '../planning.ts';
import { workStore } from '../bench/index.ts';
import { changeBrief } from './brief-actions.ts';

/** Locks a bowing typed as one row from a note on; else reports its fault. */
export function prescribeBowing(text: string, from: number): void {
  const plan = planShown();
  if (!plan) return;
  const bows = parseBowing(text);
  const bowed = bows.ok ? withBowing(workStore.getState().brief, plan.line.notes, from, bows.value) : bows;
  if (bowed.ok) return changeBrief(() => bowed.value);
  say(issuesText(bowed.issues));
}

/** Lets the bowing of the sentence hold again; bow signs stay. */
export function unlockBowing(): void {
  changeBrief((brief) => withLockedBows(brief, []));
}
