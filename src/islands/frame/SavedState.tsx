import { useSaving } from '../../state/keeping/index.ts';
import { SAVED_WORDS } from '../../words/kept/saved.ts';

interface SavedStateProps {
  /** Whether the piece that is changed here was deleted elsewhere. */
  readonly gone?: boolean;
  readonly className?: string;
}

/** Shows at the head of the page whether all that was changed on it is saved, and tells a screen reader once it is. */
export function SavedState({ gone = false, className = '' }: SavedStateProps) {
  const saving = useSaving();
  const state = gone ? 'failed' : saving.state;
  return (
    <span
      role="status"
      data-saving={state}
      className={`min-w-14 shrink-0 text-right whitespace-nowrap text-sm ${state === 'failed' ? 'font-semibold text-ochre' : 'text-dove-dark'} ${className}`}
    >
      <span aria-hidden={state === 'saving'}>{SAVED_WORDS[state]}</span>
    </span>
  );
}
