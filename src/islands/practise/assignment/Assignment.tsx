import { useState } from 'react';
import { STUDIO, useStored } from '../../../state/reading/index.ts';
import { NOBODY, teachHere, useTaught } from '../../../state/taught.ts';
import type { Studio } from '../../../records/studio.ts';
import { Answered, guardIsland, Notice } from '../../../ui/states/index.ts';
import { NOT_ANSWERED } from '../../../words/notices.ts';
import { ASSIGNMENT_WORDS } from '../../../words/practice/assignment.ts';
import { Addressed, PageShell } from '../../frame/index.ts';
import type { Run } from '../../parts/index.ts';
import { Give } from './Give.tsx';
import { BringLog, SaveLog } from './LogBack.tsx';
import { TakeIn } from './TakeIn.tsx';
import { ThereAndBack } from './ThereAndBack.tsx';

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
    <PageShell current="Assignment" title="Assignment">
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
      <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-6 lg:grid-cols-[minmax(0,1fr)_9rem_minmax(0,1fr)]">
        <div className="min-w-0 border-t-2 border-ink pt-1">
          <h2 className="text-xl font-semibold">{ASSIGNMENT_WORDS.teacher}</h2>
          {player && <Give key={player.id} player={player} studio={studio} run={run} />}
          <BringLog players={studio.players} run={run} />
        </div>
        <ThereAndBack />
        <div className="min-w-0 border-t-2 border-ink pt-1">
          <h2 className="text-xl font-semibold">{ASSIGNMENT_WORDS.pupil}</h2>
          <TakeIn run={run} onTaken={teachHere} />
          <SaveLog key={`log ${player?.id ?? NOBODY}`} player={player} run={run} />
        </div>
      </div>
    </>
  );
}
