import { parseAsInteger, parseAsString, parseAsStringLiteral } from 'nuqs';
import { STAGES } from '#core/drill/apart';
import type { PracticeItem, PracticePart } from '#core/practice/item';
import type { PieceRecord } from '../../records/record.ts';
import { newItem } from './new-item.ts';

/**
 * The fields of the address with which another page sends something to practise: a piece (`add`), some notes of it or a stage of a shift;
 * `player` names the player.
 */
export const BROUGHT = {
  player: parseAsString,
  add: parseAsString,
  from: parseAsInteger,
  to: parseAsInteger,
  note: parseAsInteger,
  stage: parseAsStringLiteral(STAGES),
};

/** The fields once the sent item is added. */
export const NOTHING_BROUGHT = { add: null, from: null, to: null, note: null, stage: null } as const;

interface Brought {
  readonly from: number | null;
  readonly to: number | null;
  readonly note: number | null;
  readonly stage: (typeof STAGES)[number] | null;
}

/** Turns what was sent into an item. */
export function broughtItem(piece: PieceRecord, brought: Brought): PracticeItem {
  return newItem(piece, partOf(brought));
}

/** Reads the part of a piece from the address. */
function partOf({ from, to, note, stage }: Brought): PracticePart {
  if (note !== null && stage !== null) return { part: 'stage', note, stage };
  return from !== null && to !== null ? { part: 'passage', from, to } : { part: 'whole' };
}
