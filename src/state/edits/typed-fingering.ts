import { parseFingering, withFingering } from '#core/brief/locks';
import { issuesText } from '#core/messages';
import { say } from '../notices.ts';
import { adoptFirstPlayable } from '../planning-actions.ts';
import { planShown } from '../planning.ts';
import { workStore } from '../bench/index.ts';

/** Locks a fingering typed as digits from a note on, if the hand can play it; else reports the obstacle. */
export async function prescribe(text: string, from: number): Promise<void> {
  const plan = planShown();
  if (!plan) return;
  const fingers = parseFingering(text);
  const prescribed = fingers.ok ? withFingering(workStore.getState().brief, plan.line.notes, from, fingers.value) : fingers;
  if (prescribed.ok) return adoptFirstPlayable([prescribed.value]);
  say(issuesText(prescribed.issues));
}
