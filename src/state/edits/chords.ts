import { lineTextOf, withOnlyLine } from '#core/brief/lines';
import { readMaterial } from '#core/brief/parts/materials';
import { type FamilyOf, PLAIN_VARIANT } from '#core/drill/families';
import { issuesText } from '#core/messages';
import { formatKey } from '#core/key';
import { engine } from '../../engine/index.ts';
import { chordsText } from '../../words/line/chords.ts';
import { workStore } from '../bench/index.ts';
import { say } from '../notices.ts';

/**
 * Puts the three-note chords of the key in place of the line, as they lie in the first position that is allowed; says why there are none.
 */
export async function writeChords(played: FamilyOf<'chords'>['played']): Promise<void> {
  const { brief } = workStore.getState();
  const line = readMaterial(brief.material, brief.rhythm);
  if (!line.ok) return say(issuesText(line.issues));
  const key = formatKey(line.value.key);
  const position = brief.limits?.positions?.[0] ?? (brief.instrument.kind === 'bass' ? 'I' : '1');
  const asks = { family: 'chords', position, played } as const;
  const chords = await engine.ask(brief, { kind: 'drill', request: { key, asks, variant: PLAIN_VARIANT } });
  if (!chords.ok) return say(issuesText(chords.issues));
  // Changes made while they were looked for stay.
  const changed = withOnlyLine(workStore.getState().brief, chords.value.brief);
  workStore.setState({ brief: changed, lineText: lineTextOf(changed) ?? '' });
  say(chordsText(key, position));
}
