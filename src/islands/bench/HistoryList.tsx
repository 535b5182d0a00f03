import type { RefObject } from 'react';
import { useStore } from 'zustand';
import { benchStore, type Work } from '../../store/bench-store.ts';
import { refingeredBy } from '../../store/refingering.ts';
import { workChange } from '../../words/work-changes.ts';
import { SentencePopover } from './SentencePopover.tsx';

interface HistoryListProps {
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

/** What was done to the piece since it was opened, the newest first: what it fingered otherwise, and the way back to any of it. */
export function HistoryList({ anchor, onClose }: HistoryListProps) {
  const past = useStore(benchStore.temporal, (history) => history.pastStates);
  const future = useStore(benchStore.temporal, (history) => history.futureStates);
  const now = benchStore();
  const states = [...past, now, ...future.toReversed()].filter(isWork);
  const current = past.length;
  const goTo = (index: number): void => {
    const { undo, redo } = benchStore.temporal.getState();
    if (index < current) undo(current - index);
    else if (index > current) redo(index - current);
  };
  return (
    <SentencePopover label="What was done" anchor={anchor} width="w-[440px] max-w-[94vw]" onClose={onClose}>
      <h2 className="small-heading mb-2">What was done</h2>
      <ol className="grid gap-0.5" reversed>
        {states
          .map((state, index) => ({ state, index, before: states[index - 1] }))
          .toReversed()
          .map(({ state, index, before }) => (
            <li key={index}>
              <button
                type="button"
                aria-current={index === current ? 'step' : undefined}
                className={`w-full px-2 py-1 text-left hover:bg-paper-deep ${index === current ? 'border-l-[3px] border-ink font-semibold' : 'border-l-[3px] border-transparent'} ${index > current ? 'text-dove-dark' : ''}`}
                onClick={() => goTo(index)}
              >
                {before ? workChange(before, state) : 'as it was opened'}
                <span className="block text-sm font-normal text-dove-dark">{engineText(state)}</span>
              </button>
            </li>
          ))}
      </ol>
    </SentencePopover>
  );
}

/** Undo keeps whole states of what the teacher decides. */
function isWork(state: Partial<Work>): state is Work {
  return state.brief !== undefined && state.name !== undefined && state.lineText !== undefined;
}

function engineText({ brief }: Work): string {
  const notes = refingeredBy(brief);
  if (notes === null) return '';
  if (notes.length === 0) return 'no fingering changed';
  const named = notes.slice(0, 8).map((note) => note + 1);
  return `fingered otherwise: ${notes.length === 1 ? 'note' : 'notes'} ${named.join(', ')}${notes.length > named.length ? ' …' : ''}`;
}
