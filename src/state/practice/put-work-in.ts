import type { PracticePart } from '#core/practice/item';
import { NOT_PLAYABLE_YET, notPutInText, partText, putInText } from '../../words/practice/session.ts';
import { saveSoon } from '../bench/index.ts';
import { allKept } from '../keeping/index.ts';
import { tellerOf } from '../note-places.ts';
import { say } from '../notices.ts';
import { planningStore } from '../planning.ts';
import { passageOf, selectionStore } from '../selection.ts';
import { studioStore } from '../studio.ts';
import { taughtNow } from '../taught.ts';
import { addTo, type PracticePlace } from './put-in.ts';

/**
 * Puts a part of the piece on the bench, or else what is selected, or all of it, into today’s session or the week: of its player, or of the
 * one who is taught where it is for nobody. A message says where it went, and leads there. Where only a proposed change makes it playable,
 * nothing is put in: the session would leave it out.
 */
export async function putWorkIn(place: PracticePlace, part: PracticePart = selectedPart()): Promise<void> {
  if (planningStore.getState().relaxed !== null) {
    say(notPutInText(NOT_PLAYABLE_YET));
    return;
  }
  // A new piece is written before anything refers to it.
  saveSoon();
  await allKept();
  const { recordOfWork } = await import('../bench/record-of-work.ts');
  const record = recordOfWork();
  if (record === null) return;
  const playerId = record.playerId ?? taughtNow();
  const name = studioStore.getState().players.find(({ id }) => id === playerId)?.document.name ?? '';
  try {
    const { href, wasThere } = await addTo(place, record, part, { playerId, name });
    say(putInText({ what: partText({ piece: record.id, part }, tellerOf([record])), place, name, wasThere }), {
      href,
      name: place === 'session' ? 'Open the session' : 'Open the week',
    });
  } catch (error) {
    say(notPutInText(error instanceof Error ? error.message : ''));
  }
}

/** Gives the part that is selected; all of the piece where no passage is. */
function selectedPart(): PracticePart {
  const passage = passageOf(selectionStore.getState());
  return passage === null ? { part: 'whole' } : { part: 'passage', ...passage };
}
