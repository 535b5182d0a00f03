import { lineTextOf, withOnlyLine } from '#core/brief/lines';
import { fits, foreignPiece, rangeOf } from '#core/format/foreign';
import { issuesText } from '#core/messages';
import { firstChoice, pastedFile } from '../../../../files/foreign/index.ts';
import { workStore } from '../../../../state/bench/index.ts';
import { say } from '../../../../state/notices.ts';
import { PASTED, pastedText } from '../../../../words/line/brought-in.ts';
import { openFiles } from '../../../pieces/bring-in/opened-files.ts';

/** Puts a pasted score in place of the line: all of its first part that sounds, in the octave that lies on the instrument. */
export async function takePastedScore(text: string): Promise<void> {
  const { scores, pieces } = await openFiles([pastedFile(text, PASTED)]);
  const reading = scores[0]?.reading ?? pieces[0]?.reading;
  if (reading?.ok === false) return say(issuesText(reading.issues));
  const score = scores[0]?.reading.ok ? scores[0].reading.value.score : null;
  if (!score) return;
  const { brief } = workStore.getState();
  const { kind } = brief.instrument;
  const choice = { ...firstChoice(score), kind };
  const range = rangeOf(score, choice);
  const octaves = range ? (fits(range, [kind])[0]?.octaves ?? 0) : 0;
  const pasted = foreignPiece(score, { ...choice, octaves });
  if (!pasted.ok) return say(issuesText(pasted.issues));
  const changed = withOnlyLine(brief, pasted.value.brief);
  workStore.setState({ brief: changed, lineText: lineTextOf(changed) ?? '' });
  say(pastedText(pasted.value.leftOut, octaves));
}
