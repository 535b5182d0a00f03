import { X } from 'lucide-react';
import { dismissNotice, stopPlanning } from '../../store/bench-work.ts';
import { useBench } from '../../store/bench-store.ts';
import { act } from '../../store/change.ts';

/** What the teacher should know now: why the brief cannot be planned, a wish not granted, a write that failed. */
export function Messages() {
  const issues = useBench((bench) => bench.issues);
  const notice = useBench((bench) => bench.notice);
  const saving = useBench((bench) => bench.saving);
  const relaxed = useBench((bench) => bench.relaxed);
  const progress = useBench((bench) => bench.progress);
  const hasPlan = useBench((bench) => bench.planSet !== null);
  return (
    <div role="status" aria-label="Messages">
      {issues.length > 0 && (
        <ul className="mt-2 notice notice-trouble">
          {issues.slice(0, 5).map((issue, index) => (
            <li key={index}>
              <strong>{issue.message}</strong> {relaxed === null && issue.hint}
            </li>
          ))}
          {relaxed ? (
            <li className="mt-1">
              It can be played {relaxed.relaxation}: that fingering is shown below.{' '}
              <button type="button" className="quiet-button" onClick={() => act((actions) => actions.acceptRelaxation())}>
                Change the brief so
              </button>
            </li>
          ) : (
            hasPlan && <li className="text-dove-dark">Below is the last fingering that could be planned.</li>
          )}
        </ul>
      )}
      {notice !== null && (
        <p className="mt-2 flex items-start gap-3 notice">
          <span className="grow">{notice}</span>
          <button type="button" className="quiet-button" aria-label="Dismiss the message" onClick={dismissNotice}>
            <X size={14} aria-hidden="true" />
          </button>
        </p>
      )}
      {progress !== null && (
        <p className="mt-2 flex items-center gap-3 notice">
          <span className="grow">Planning a long line: {Math.round(progress * 100)} % laid out.</span>
          <button type="button" className="quiet-button" onClick={stopPlanning}>
            Stop
          </button>
        </p>
      )}
      {saving.state === 'failed' && <p className="mt-2 notice notice-trouble">{saving.message}</p>}
    </div>
  );
}
