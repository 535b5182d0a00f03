import type { RefObject } from 'react';
import { bringPieceBack, goToState, notesRefingered, useWork, useWorkHistory } from '../../../state/bench/index.ts';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { Popover } from '../../../ui/Popover.tsx';
import { tellNotesOfBrief } from '../../../words/line/note-places.ts';
import { refingeredText, versionText, workChange } from '../../../words/piece/work-changes.ts';
import { EarlierVersions } from '../../opened-piece/index.ts';

interface HistoryListProps {
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

/** Lists the changes to the piece since it was opened, the newest first: what each fingered differently, and the way back to it. */
export function HistoryList({ anchor, onClose }: HistoryListProps) {
  const { states, current } = useWorkHistory();
  return (
    <Popover label="History" anchor={anchor} width="w-[440px] max-w-[94vw]" onClose={onClose}>
      <Heading className="mb-2">History</Heading>
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
                onClick={() => goToState(index)}
              >
                {before ? workChange(before, state) : 'as it was opened'}
                <span className="block text-sm font-normal text-dove-dark">
                  {refingeredText(notesRefingered(state.brief), tellNotesOfBrief(state.brief))}
                </span>
              </button>
            </li>
          ))}
      </ol>
      <OpenedSection title="Earlier versions">{() => <VersionsOfPiece onClose={onClose} />}</OpenedSection>
    </Popover>
  );
}

/** Lists the piece as it was on other days, or in another tab. Bringing one back is a step that can be undone. */
function VersionsOfPiece({ onClose }: { readonly onClose: () => void }) {
  const id = useWork((work) => work.pieceId);
  const { states, current } = useWorkHistory();
  const now = states[current];
  if (id === null || !now) return null;
  return (
    <EarlierVersions
      name="piece"
      id={id}
      differs={({ document }) => versionText(now, { ...document, lineText: document.lineText ?? '' })}
      onBack={(record) => {
        bringPieceBack(record);
        onClose();
      }}
    />
  );
}
