import { useState } from 'react';
import { answerOf } from '../../engine/index.ts';
import { type BringBack, deleteOfNobody, makePlayerAgain, noteLeft, type OfNobody, wasLeft } from '../../state/deleting/index.ts';
import { OF_NOBODY, useStored } from '../../state/reading/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice, Question } from '../../ui/states/index.ts';
import { BROUGHT_BACK_UNDER, deletedText, madeAgainText, ofNobodyText } from '../../words/kept/deleted.ts';
import { STORAGE_TROUBLE } from '../../words/kept/storage.ts';

interface PracticeOfNobodyProps {
  /** Whether what a teacher has once left as it is stays away. */
  readonly once: boolean;
}

/** The action taken on the practice of somebody who is not there, with its undo. */
interface Done {
  readonly said: string;
  readonly bringBack: BringBack | null;
}

/** Tells of the practice of players who are not there any more, and asks what becomes of it. */
export function PracticeOfNobody({ once }: PracticeOfNobodyProps) {
  const found = answerOf(useStored(OF_NOBODY)) ?? [];
  const [left, setLeft] = useState<readonly string[]>([]);
  const [done, setDone] = useState<Done | null>(null);
  const [first] = found.filter((one) => !left.includes(one.playerId) && !(once && wasLeft(one)));
  const run = (work: () => Promise<Done>): void =>
    void work().then(setDone, (error: unknown) =>
      setDone({ said: error instanceof Error ? error.message : STORAGE_TROUBLE, bringBack: null }),
    );
  const leave = (one: OfNobody): void => {
    noteLeft(one);
    setLeft([...left, one.playerId]);
  };
  const makeAgain = async (one: OfNobody): Promise<Done> => {
    await makePlayerAgain(one);
    return { said: madeAgainText(one.name), bringBack: null };
  };
  const remove = async (one: OfNobody): Promise<Done> => {
    const bringBack = await deleteOfNobody(one);
    return { said: `${deletedText(one.name)} ${BROUGHT_BACK_UNDER}`, bringBack };
  };
  return (
    <>
      {done && (
        <Notice className="mb-3 flex items-center gap-3">
          {done.said}
          {done.bringBack && <Button onClick={() => void done.bringBack?.().then(() => setDone(null))}>Undo</Button>}
        </Notice>
      )}
      {first && (
        <Question
          key={first.playerId}
          className="mb-3"
          quiet
          leave="Leave it as it is"
          onLeave={() => leave(first)}
          answers={[
            { label: 'Make the player again', onGiven: () => run(async () => await makeAgain(first)) },
            { label: 'Delete it', onGiven: () => run(async () => await remove(first)) },
          ]}
        >
          {ofNobodyText(first.name, first)}
        </Question>
      )}
    </>
  );
}
