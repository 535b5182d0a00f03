import { parseFingering, withFingering } from '#core/brief/locks';
import { issuesText } from '#core/messages';
import { adoptFirstPlayable } from '../planning-actions.ts';
import { planShown } from '../planning.ts';
import { workStore } from '../bench/index.ts';

/** Locks a fingering typed as digits from a note on, if the hand can play it; else resolves to the obstacle. */
export async function prescribe(text: string, from: number): Promise<string | null> {
  const plan = planShown();
  if (!plan) return null;
  const fingers = parseFingering(text);
  const prescribed = fingers.ok ? withFingering(workStore.getState().brief, plan.line.notes, from, fingers.value) : fingers;
  return prescribed.ok ? await adoptFirstPlayable([prescribed.value]) : issuesText(prescribed.issues);
}
