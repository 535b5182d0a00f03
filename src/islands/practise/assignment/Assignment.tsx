import { useState } from 'react';
import { STUDIO, useStored } from '../../../state/reading/index.ts';
import { NOBODY, teachHere, useTaught } from '../../../state/taught.ts';
import type { Studio } from '../../../records/studio.ts';
import { Answered, guardIsland, Notice } from '../../../ui/states/index.ts';
import { NOT_ANSWERED } from '../../../words/notices.ts';
import { Addressed, PageShell } from '../../frame/index.ts';
import type { Run } from '../../parts/index.ts';
import { Give } from './Give.tsx';
import { LogBack } from './LogBack.tsx';
import { TakeIn } from './TakeIn.tsx';

/** Handles the exchange between teacher and pupil, each in a browser of their own: an assignment out and in, the log out and in. */
export const Assignment = guardIsland(GuardedAssignment);

function GuardedAssignment() {
  return (
    <Addressed>
      <AssignmentPage />
    </Addressed>
  );
}

function AssignmentPage() {
  return (
    <PageShell current="Assignment" title="Assignment" width="narrow">
      <Answered asked={useStored(STUDIO)} waiting="Opening the studio …">
        {(studio) => <OfStudio studio={studio} />}
      </Answered>
    </PageShell>
  );
}

/** The result of an action, or the reason why it was not done. */
interface Said {
  readonly text: string;
  readonly isTrouble: boolean;
}

function OfStudio({ studio }: { readonly studio: Studio }) {
  const [said, setSaid] = useState<Said | null>(null);
  const player = useTaught(studio.players);
  const run: Run = (work) => {
    setSaid(null);
    void work().then(
      (text) => setSaid(typeof text === 'string' ? { text, isTrouble: false } : null),
      (error: unknown) => setSaid({ text: error instanceof Error ? error.message : NOT_ANSWERED, isTrouble: true }),
    );
  };
  return (
    <>
      <div role="status" aria-label="Messages">
        {said && (
          <Notice className="mt-2" trouble={said.isTrouble}>
            {said.text}
          </Notice>
        )}
      </div>
      {player && <Give key={player.id} player={player} studio={studio} run={run} />}
      <TakeIn run={run} onTaken={teachHere} />
      <LogBack key={`log ${player?.id ?? NOBODY}`} player={player} players={studio.players} run={run} />
    </>
  );
}
