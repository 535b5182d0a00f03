import { lineTextOf } from '#core/brief/lines';
import { issuesText } from '#core/messages';
import { briefFromText } from '../../files/index.ts';
import { BRIEF_OF_LINK } from '../../words/kept/links.ts';
import { say } from '../notices.ts';
import { forgetHistory } from './work-history.ts';
import { workStore } from './work.ts';

/** Shows the brief of a link on the bench; it becomes a piece when something is changed. A link that does not read is reported. */
export async function openLinkedBrief(text: string): Promise<void> {
  const reading = await briefFromText(text);
  if (!reading.ok) return say(issuesText(reading.issues));
  workStore.setState({ brief: reading.value, lineText: lineTextOf(reading.value) });
  forgetHistory();
  say(BRIEF_OF_LINK);
}

/** Resolves when a piece on the bench is in the database, unless another takes its place before. */
export function onceWritten(id: string, then: (id: string) => void): void {
  const stop = workStore.subscribe(({ pieceId, base }) => {
    if (pieceId === id && base === null) return;
    stop();
    if (pieceId === id) then(id);
  });
}
