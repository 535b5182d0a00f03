import { benchStore } from './bench-store.ts';
import { workChanged } from './bench-work.ts';
import { briefFromText } from './brief-link.ts';
import { lineTextOf } from './brief-edits.ts';

/** Puts the brief of a link on the bench, as a new piece; a link that does not read is said. */
export async function openLinkedBrief(text: string): Promise<void> {
  const reading = await briefFromText(text);
  if (!reading.ok) return benchStore.setState({ notice: reading.issues.map((issue) => `${issue.message} ${issue.hint}`).join(' ') });
  benchStore.setState({ brief: reading.value, lineText: lineTextOf(reading.value) });
  benchStore.temporal.getState().clear();
  workChanged();
}
