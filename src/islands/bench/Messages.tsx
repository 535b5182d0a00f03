import { X } from 'lucide-react';
import { dismissNotice } from '../../store/bench-actions.ts';
import { useBench } from '../../store/bench-store.ts';

/** What the teacher should know now: why the brief cannot be planned, a wish not granted, a write that failed. */
export function Messages() {
  const issues = useBench((bench) => bench.issues);
  const notice = useBench((bench) => bench.notice);
  const saving = useBench((bench) => bench.saving);
  const hasPlan = useBench((bench) => bench.planSet !== null);
  return (
    <div role="status" aria-label="Messages">
      {issues.length > 0 && (
        <ul className="mt-2 border-l-4 border-ochre bg-paper-deep px-4 py-2">
          {issues.slice(0, 5).map((issue, index) => (
            <li key={index}>
              <strong>{issue.message}</strong> {issue.hint}
            </li>
          ))}
          {hasPlan && <li className="text-dove-dark">Below is the last fingering that could be planned.</li>}
        </ul>
      )}
      {notice !== null && (
        <p className="mt-2 flex items-start gap-3 border-l-4 border-dove bg-paper-deep px-4 py-2">
          <span className="grow">{notice}</span>
          <button type="button" className="quiet-button" aria-label="Dismiss the message" onClick={dismissNotice}>
            <X size={14} aria-hidden="true" />
          </button>
        </p>
      )}
      {saving.state === 'failed' && <p className="mt-2 border-l-4 border-ochre bg-paper-deep px-4 py-2">{saving.message}</p>}
    </div>
  );
}
