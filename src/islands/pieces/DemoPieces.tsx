import { useState } from 'react';
import { changedInDemo, clearDemo, restoreDemo } from '../../state/of-demo/index.ts';
import type { BringBack } from '../../state/deleting/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice, Question } from '../../ui/states/index.ts';
import { BROUGHT_BACK_UNDER, withDemoText } from '../../words/kept/deleted.ts';
import type { Run } from '../parts/index.ts';

/**
 * Handles the demo as a whole: it is brought back or removed, after a question where something of the teacher's goes with it, and either is
 * undone with all that had been changed in it.
 */
export function DemoPieces({ run }: { readonly run: Run }) {
  const [done, setDone] = useState<{ readonly said: string; readonly bringBack: BringBack } | null>(null);
  const [asked, setAsked] = useState<string | null>(null);
  const change = (said: string, replace: () => Promise<BringBack>): void =>
    run(async () => {
      setAsked(null);
      const bringBack = await replace();
      setDone({ said, bringBack });
    });
  const clear = (): void => change(`The demo is removed. ${BROUGHT_BACK_UNDER}`, clearDemo);
  const askFirst = (): void =>
    run(async () => {
      const words = withDemoText(await changedInDemo());
      if (words === null) clear();
      else setAsked(words);
    });
  const undo = (bringBack: BringBack): void =>
    run(async () => {
      await bringBack();
      setDone(null);
    });
  const restored =
    'The demo is back as it came; your own pieces and whatever you have logged stay as they are. What you had changed in it is under Backup.';
  return (
    <section aria-label="Demo pieces" className="mt-8 text-dove-dark">
      <p className="flex flex-wrap items-center gap-3">
        Demo pieces of a made-up studio:
        <Button onClick={() => change(restored, restoreDemo)}>Restore the demo</Button>
        <Button onClick={askFirst}>Remove the demo</Button>
      </p>
      {asked !== null && (
        <Question
          className="mt-3"
          leave="Keep the demo"
          onLeave={() => setAsked(null)}
          answers={[{ label: 'Remove it all', onGiven: clear }]}
        >
          {asked}
        </Question>
      )}
      <div role="status" aria-label="What was done to the demo">
        {done && (
          <Notice className="mt-3 flex items-center gap-3">
            {done.said}
            <Button onClick={() => undo(done.bringBack)}>Undo</Button>
          </Notice>
        )}
      </div>
    </section>
  );
}
