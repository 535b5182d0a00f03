import type { Brief } from '#core/brief';
import { PLAIN_ALONG, type PracticeItem, type PracticePart, USUAL_SET } from '#core/practice';
import { USUAL_TEMPO } from '#core/sound';
import type { PieceRecord } from '../../storage/database.ts';
import { pieceTitle } from '../../words/labels.ts';

/** A ladder begins at this share of the goal. */
const FIRST_SHARE = 0.6;

/** Minutes of an item: long enough to learn, short enough to listen. */
const USUAL_MINUTES = 5;

/** An item of a piece as it is first put into a session. */
export function newItem({ id, document }: PieceRecord, part: PracticePart): PracticeItem {
  return {
    practised: { piece: id, title: pieceTitle(document).slice(0, 120), part },
    minutes: USUAL_MINUTES,
    ladder: usualLadder(document.brief),
    set: USUAL_SET,
    along: PLAIN_ALONG,
    grouping: 'all',
  };
}

function usualLadder({ tempo = USUAL_TEMPO }: Brief): PracticeItem['ladder'] {
  const to = Math.min(240, Math.max(20, Math.round(tempo)));
  const from = Math.max(20, Math.round((to * FIRST_SHARE) / 4) * 4);
  return { from, to, step: 8, heldFirst: false, bows: [], rule: 'up-and-down' };
}
