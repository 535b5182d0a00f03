import { useState } from 'react';
import { type BringBack, countWithPlayer, type TheirPieces } from '../../state/deleting/index.ts';
import { withPlayerText } from '../../words/kept/deleted.ts';
import type { Chosen, InStudio } from './in-studio.ts';

/** A player who is to be deleted, and with whom more goes: the teacher is asked first. */
interface Asked {
  readonly gone: InStudio;
  readonly words: string;
  /** Whether there are pieces for the player, which may go too. */
  readonly hasPieces: boolean;
}

/** Something deleted a moment ago. */
interface Deleted {
  readonly gone: InStudio;
  readonly bringBack: BringBack;
}

/** The question and the actions of deleting something of the studio. */
export interface Deleting {
  /** The question that waits for an answer; null for none. */
  readonly asked: Asked | null;
  /** The thing deleted last; null for none. */
  readonly deleted: Deleted | null;
  /** Deletes something, after asking where more goes with it. */
  readonly remove: (gone: InStudio) => void;
  readonly answer: (theirPieces: TheirPieces) => void;
  readonly leave: () => void;
  readonly undelete: () => void;
}

/** The parts of the page that deleting changes. */
interface OnPage {
  /** Deletes a record, as the page shows it; null where it could not be deleted. */
  readonly removeShown: (gone: InStudio, theirPieces?: TheirPieces) => Promise<BringBack | null>;
  readonly choose: (chosen: Chosen | null) => void;
}

/** Deletes instruments, players and schools; with a player goes the practice, and everything comes back together. */
export function useDeleting({ removeShown, choose }: OnPage): Deleting {
  const [asked, setAsked] = useState<Asked | null>(null);
  const [deleted, setDeleted] = useState<Deleted | null>(null);
  const deleteNow = async (gone: InStudio, theirPieces?: TheirPieces): Promise<void> => {
    setAsked(null);
    choose(null);
    const bringBack = await removeShown(gone, theirPieces);
    setDeleted(bringBack && { gone, bringBack });
  };
  const askFirst = async (gone: InStudio): Promise<void> => {
    const counts = gone.kind === 'player' ? await countWithPlayer(gone.record.id) : null;
    const words = counts && withPlayerText(gone.record.document.name, counts);
    if (words === null) await deleteNow(gone);
    else setAsked({ gone, words, hasPieces: (counts?.pieces ?? 0) > 0 });
  };
  return {
    asked,
    deleted,
    remove: (gone) => {
      setDeleted(null);
      void askFirst(gone);
    },
    answer: (theirPieces) => {
      if (asked) void deleteNow(asked.gone, theirPieces);
    },
    leave: () => setAsked(null),
    undelete: () => {
      if (!deleted) return;
      const { gone, bringBack } = deleted;
      setDeleted(null);
      void bringBack().then(() => choose({ kind: gone.kind, id: gone.record.id }));
    },
  };
}
