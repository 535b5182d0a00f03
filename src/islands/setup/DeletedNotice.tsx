import { Button } from '../../ui/Button.tsx';
import { Notice, Question } from '../../ui/states/index.ts';
import { BROUGHT_BACK_UNDER, deletedText } from '../../words/kept/deleted.ts';
import type { Deleting } from './use-deleting.ts';

/** Asks before more goes than one thing, and tells what was deleted, with its undo. */
export function DeletedNotice({ asked, deleted, answer, leave, undelete }: Deleting) {
  return (
    <>
      {asked && (
        <Question
          className="mb-3"
          leave="Keep the player"
          onLeave={leave}
          answers={
            asked.hasPieces
              ? [
                  { label: 'Delete the player, keep the pieces', onGiven: () => answer('kept') },
                  { label: 'Delete the player and the pieces', onGiven: () => answer('deleted') },
                ]
              : [{ label: 'Delete the player', onGiven: () => answer('kept') }]
          }
        >
          {asked.words}
        </Question>
      )}
      {deleted !== null && (
        <Notice className="mb-3 flex items-center gap-3">
          <span>
            {deletedText(deleted.gone.record.document.name)} {BROUGHT_BACK_UNDER}
          </span>
          <Button onClick={undelete}>Undo</Button>
        </Notice>
      )}
    </>
  );
}
