import { settleChange } from '../../store/bench-actions.ts';
import { useBench } from '../../store/bench-store.ts';
import { ChangeWords } from '../ChangeWords.tsx';

/** The instrument or the player of this piece was changed under Set up: what, what it does here, and what to do about it. */
export function ChangedNotice() {
  const changed = useBench((bench) => bench.changed);
  const brief = useBench((bench) => bench.brief);
  if (!changed) return null;
  return (
    <section aria-label="Changed under Set up" className="mt-2 flex items-start gap-3 notice">
      <p className="grow">
        <strong>Changed under Set up.</strong> <ChangeWords before={changed.before} after={brief} />
      </p>
      <button type="button" className="quiet-button" onClick={() => settleChange('new')}>
        Good
      </button>
      <button type="button" className="quiet-button" onClick={() => settleChange('old')}>
        Keep this piece as it was
      </button>
    </section>
  );
}
