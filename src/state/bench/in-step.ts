import { dequal } from 'dequal';
import { liveQuery } from 'dexie';
import type { Piece } from '#core/documents';
import { database } from '../../storage/database/index.ts';
import type { PieceRecord } from '../../records/record.ts';
import { carriedAlong, typedLine } from '../../records/piece-documents.ts';
import { THIS_TAB } from '../../records/this-tab.ts';
import { CHANGED_ELSEWHERE, CHANGED_IN_BOTH, OPEN_TWICE } from '../../words/kept/other-tabs.ts';
import { isWaiting } from '../keeping/index.ts';
import { noticeNow, say } from '../notices.ts';
import { recordOfWork } from './record-of-work.ts';
import { workStore } from './work.ts';

/**
 * Keeps the piece on the bench in step with changes that another tab writes into it, until the returned function is called. A change being
 * made here is joined with it when it is written.
 */
export function keepInStep(): () => void {
  let watching: { unsubscribe: () => void } | null = null;
  const watch = (id: string | null): void => {
    watching?.unsubscribe();
    watching =
      id === null
        ? null
        : liveQuery(() => database.pieces.get(id)).subscribe({ next: (record) => takeArrival(id, record), error: () => undefined });
  };
  const others = new BroadcastChannel('dove-path/open-pieces');
  const announce = (pieceId: string | null): void => others.postMessage({ pieceId, asks: true });
  others.onmessage = ({ data }: MessageEvent<Opened>) => {
    if (data.pieceId === null || data.pieceId !== workStore.getState().pieceId) return;
    // A change of the other tab already tells that it is open there.
    if (!TELLS_OF_THE_OTHER.includes(noticeNow() ?? '')) say(OPEN_TWICE);
    if (data.asks) others.postMessage({ pieceId: data.pieceId, asks: false });
  };
  const begin = (pieceId: string | null): void => {
    watch(pieceId);
    announce(pieceId);
  };
  begin(workStore.getState().pieceId);
  const stop = workStore.subscribe((now, before) => {
    if (now.pieceId !== before.pieceId) begin(now.pieceId);
    else if (now.base !== before.base) takeMissed(now.pieceId);
  });
  return () => {
    stop();
    others.close();
    watching?.unsubscribe();
  };
}

const TELLS_OF_THE_OTHER: readonly string[] = [CHANGED_ELSEWHERE, CHANGED_IN_BOTH];

/** The message of a tab that has this piece on its bench; it asks whether another has it as well. */
interface Opened {
  readonly pieceId: string | null;
  readonly asks: boolean;
}

/**
 * The arrival that came while a change made here was not written yet. Where that change was written before the other tab's, nothing is
 * joined, and nothing else would bring the arrival once more.
 */
let missed: PieceRecord | null = null;

/** Takes the arrival that was missed, once the change made here is written. */
function takeMissed(id: string | null): void {
  const arrival = missed;
  missed = null;
  if (arrival !== null && arrival.id === id) takeArrival(id, arrival);
}

function takeArrival(id: string, record: PieceRecord | undefined): void {
  const { pieceId, base } = workStore.getState();
  if (pieceId !== id) return;
  if (!record) return base ? noteGone() : undefined;
  // Changes written from here come back as well.
  if (record.writtenBy === THIS_TAB || record.revision <= (base?.revision ?? 0)) return;
  const here = recordOfWork();
  if (here && sameContent(record.document, here.document)) return workStore.setState({ base: record });
  if (isWaiting(id)) missed = record;
  else adoptFromOtherTab(record);
}

/** Notes that the piece was deleted in another tab, or the browser's storage was emptied. */
function noteGone(): void {
  workStore.setState({ base: null, gone: true });
}

function sameContent(one: Piece, other: Piece): boolean {
  return dequal({ ...one, lineText: one.lineText ?? '' }, { ...other, lineText: other.lineText ?? '' });
}

/** Takes over a change that another tab has written into this piece; undo goes back to the piece as it was here. */
export function adoptFromOtherTab(record: PieceRecord, said = CHANGED_ELSEWHERE): void {
  const { document, instrumentId, playerId, schoolId, changed } = record;
  const { name, brief } = document;
  const uses = { instrumentId, playerId, schoolId };
  workStore.setState({ name, brief, lineText: typedLine(document), ...uses, changed, ...carriedAlong(document), base: record });
  say(said);
}

/** Shows a piece that was joined with a change that another tab wrote while it was changed here. */
export function adoptJoined(record: PieceRecord): void {
  adoptFromOtherTab(record, CHANGED_IN_BOTH);
}
