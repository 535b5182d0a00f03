import type { PieceRecord } from '../../records/record.ts';
import { carriedAlong, typedLine } from '../../records/piece-documents.ts';
import { say } from '../notices.ts';
import { planningStore, UNPLANNED } from '../planning.ts';
import { select } from '../selection.ts';
import { forgetDrafts } from './drafts.ts';
import { forgetHistory } from './work-history.ts';
import { workStore } from './work.ts';

/** Puts a piece on the bench and returns its id; `base` is how the database has it. */
export function setOnBench(record: PieceRecord, base: PieceRecord | null = null): string {
  const { document, id, createdAt, demo, instrumentId, playerId, schoolId, changed } = record;
  const { name, brief } = document;
  const work = { name, brief, lineText: typedLine(document), instrumentId, playerId, schoolId };
  planningStore.setState(UNPLANNED);
  select(null);
  say(null);
  forgetDrafts();
  workStore.setState({ ...work, pieceId: id, createdAt, base, demo, ...carriedAlong(document), changed, gone: false });
  forgetHistory();
  return id;
}
