import { lazy } from 'react';
import { EmptyState, Part } from '../../../ui/states/index.ts';
import type { HotSpot } from '#core/drill/hot-spots';
import type { Plan } from '#core/plan/describe';
import { passageOf, useSelection } from '../../../state/selection.ts';
import { practiseSlowly, togglePlaying } from '../../../state/sound/index.ts';
import { useWork } from '../../../state/bench/index.ts';
import { Button, ButtonLink } from '../../../ui/Button.tsx';
import { NextSteps } from '../../../ui/NextSteps.tsx';
import { PutInButtons } from './PutInButtons.tsx';
import { noteMoves } from './note-moves.ts';

/** The panel comes when a note is chosen; the bench is drawn without it. */
const SelectedNote = lazy(async () => ({ default: (await import('./SelectedNote.tsx')).SelectedNote }));

const PassagePanel = lazy(async () => ({ default: (await import('./PassagePanel.tsx')).PassagePanel }));

const HotSpots = lazy(async () => ({ default: (await import('./HotSpots.tsx')).HotSpots }));

interface NotePanelProps {
  readonly plan: Plan;
  /** The hot spots of the plan, once they are known. */
  readonly hotSpots: readonly HotSpot[];
}

/** Shows the selected note: its name, other ways to play it, and how the hand gets there. */
export function NotePanel({ plan, hotSpots }: NotePanelProps) {
  const selected = useSelection((selection) => selection.selected);
  const passageFrom = useSelection((selection) => selection.passageFrom);
  const note = selected === null ? undefined : plan.notes[selected];
  const passage = passageOf({ selected, passageFrom });
  return (
    <aside
      aria-label="Selected note"
      tabIndex={-1}
      className="no-print border-line pl-5 max-lg:mt-4 max-lg:pl-0 lg:sticky lg:top-2 lg:row-span-2 lg:max-h-[calc(100vh-9.4rem)] lg:self-start lg:overflow-y-auto lg:border-l [scrollbar-width:thin]"
    >
      {passage && passage.to < plan.notes.length && (
        <Part>
          <PassagePanel plan={plan} passage={passage} />
        </Part>
      )}
      {selected !== null && note?.kind === 'note' ? (
        <Part>
          <SelectedNote plan={plan} index={selected} note={note} />
        </Part>
      ) : (
        <Nothing plan={plan} hotSpots={hotSpots} />
      )}
    </aside>
  );
}

function Nothing({ plan, hotSpots }: NotePanelProps) {
  const pieceId = useWork((work) => work.pieceId);
  return (
    <>
      <EmptyState title="Choose a note">
        Click a note or a bead, or press → for the first. Then press 0 to 4 for another finger, ↑ ↓ for another string, or drag the bead:
        the rest is planned again around it. With Shift you select several.
      </EmptyState>
      <NextSteps>
        <Button onClick={togglePlaying}>Hear it</Button>
        <Button onClick={practiseSlowly}>Loop it slowly</Button>
        <PutInButtons part={{ part: 'whole' }} />
        <Button onClick={noteMoves.overlayNext}>See another fingering</Button>
        <ButtonLink href={`/sheet?piece=${pieceId ?? ''}`}>Print it</ButtonLink>
        <ButtonLink href={`/compare?piece=${pieceId ?? ''}`}>Compare it</ButtonLink>
      </NextSteps>
      {hotSpots.length > 0 && (
        <Part>
          <HotSpots plan={plan} hotSpots={hotSpots} />
        </Part>
      )}
    </>
  );
}
