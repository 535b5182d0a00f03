import { ladderTo, USUAL_SET } from '#core/practice/ladder';
import { PLAIN_ALONG, type PracticeItem, type PracticePart } from '#core/practice/item';
import { USUAL_TEMPO } from '#core/sound';
import type { PieceRecord } from '../../records/record.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';

/** The minutes of an item: long enough to learn, short enough to listen. */
const USUAL_MINUTES = 5;

/** Makes an item of a piece as it is first put into a session. */
export function newItem({ id, document }: PieceRecord, part: PracticePart): PracticeItem {
  return {
    practised: { piece: id, title: pieceTitle(document).slice(0, 120), part },
    minutes: USUAL_MINUTES,
    ladder: ladderTo(document.brief.tempo ?? USUAL_TEMPO),
    set: USUAL_SET,
    along: PLAIN_ALONG,
    grouping: 'all',
  };
}
