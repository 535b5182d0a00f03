import { acceptRelaxation } from '../../state/edits/index.ts';
import { stopPlanning } from '../../state/planning-actions.ts';
import { usePlanning } from '../../state/planning.ts';
import { useWork } from '../../state/bench/index.ts';
import { useSaving } from '../../state/keeping/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice, Progress } from '../../ui/states/index.ts';
import { SaidNotice } from '../frame/index.ts';
import { PIECE_GONE } from '../../words/kept/other-tabs.ts';
import { notOneHandText } from '../../words/plan-words.ts';

async function downloadPiece(): Promise<void> {
  (await import('./tools/downloads.ts')).downloadJson();
}

/** Shows what the teacher should know now: why the brief cannot be planned, a wish not granted, a write that failed. */
export function Messages() {
  const issues = usePlanning((planning) => planning.issues);
  const saving = useSaving();
  const gone = useWork((work) => work.gone);
  const unsaved = gone ? PIECE_GONE : saving.state === 'failed' ? saving.message : null;
  const relaxed = usePlanning((planning) => planning.relaxed);
  const progress = usePlanning((planning) => planning.progress);
  const notOneHand = usePlanning(({ planSet }) => planSet && notOneHandText(planSet.best));
  const hasPlan = usePlanning((planning) => planning.planSet !== null);
  return (
    <div role="status" aria-label="Messages">
      {issues.length > 0 && (
        <Notice className="mt-2" trouble>
          <ul>
            {issues.slice(0, 5).map((issue, index) => (
              <li key={index}>
                <strong>{issue.message}</strong> {relaxed === null && issue.hint}
              </li>
            ))}
            {relaxed ? (
              <li className="mt-1">
                It can be played {relaxed.relaxation}: that fingering is shown below.{' '}
                <Button onClick={() => acceptRelaxation()}>Make this change</Button>
              </li>
            ) : (
              hasPlan && <li className="text-dove-dark">Below is the last fingering that could be planned.</li>
            )}
          </ul>
        </Notice>
      )}
      {notOneHand !== null && (
        <Notice className="mt-2" trouble>
          {notOneHand}
        </Notice>
      )}
      <SaidNotice />
      {progress !== null && <Progress what="Planning" done="laid out" share={progress} onStop={stopPlanning} />}
      {unsaved !== null && (
        <Notice className="mt-2 flex items-start gap-3" trouble>
          <span className="grow">{unsaved}</span>
          <Button onClick={() => void downloadPiece()}>Save the piece as a file</Button>
        </Notice>
      )}
    </div>
  );
}
