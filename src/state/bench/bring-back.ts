import type { PieceRecord } from '../../records/record.ts';
import { typedLine } from '../../records/piece-documents.ts';
import { workStore } from './work.ts';

/** Brings the piece back as it was in an earlier version, in a step that can be undone. */
export function bringPieceBack({ document, instrumentId, playerId, schoolId }: PieceRecord): void {
  const { name, brief } = document;
  workStore.setState({ name, brief, lineText: typedLine(document), instrumentId, playerId, schoolId });
}
