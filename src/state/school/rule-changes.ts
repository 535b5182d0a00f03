import type { Brief } from '#core/brief';
import { withSchool } from '#core/brief/edits';
import { withAnswer } from '#core/brief/parts/school';
import type { Correction } from '#core/explain';
import { engine } from '../../engine/index.ts';
import { schoolOf } from '../../records/for-briefs.ts';
import { piecesUsing } from '../../storage/reading/index.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { workStore } from '../bench/index.ts';
import { schoolOfPiece } from './school-actions.ts';

/** The changes that a rule would make: the name of the school, and of every piece that would be fingered differently. */
export interface RuleChanges {
  readonly school: string;
  readonly pieces: readonly string[];
}

/** Plans every piece of the school under the rule, the piece on the bench first, and tells which change. */
export async function changedByRule({ question, side }: Correction, signal: AbortSignal): Promise<RuleChanges> {
  const record = await schoolOfPiece();
  const school = schoolOf(record.document);
  const ruled = { ...school, ways: withAnswer(school.ways ?? {}, question, side) };
  const pieces: string[] = [];
  for (const piece of await piecesOf(record.id)) {
    const what = await engine.ask(withSchool(piece.brief, ruled), { kind: 'what-changed', before: piece.brief }, { signal });
    if (what?.kind === 'planned' && what.otherwise.length > 0) pieces.push(pieceTitle(piece));
  }
  return { school: school.name || 'the school', pieces };
}

/** Lists the pieces of a school; the one on the bench as it stands there. */
async function piecesOf(schoolId: string): Promise<readonly { readonly name: string; readonly brief: Brief }[]> {
  const { pieceId, name, brief } = workStore.getState();
  const others = (await piecesUsing('schoolId', schoolId)).filter(({ id }) => id !== pieceId);
  return [{ name, brief }, ...others.map(({ document }) => ({ name: document.name, brief: document.brief }))];
}
