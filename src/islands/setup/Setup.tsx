import { EmptyState, guardIsland } from '../../ui/states/index.ts';
import { Plus } from '../../ui/icons.ts';
import { useRef } from 'react';
import { countText } from '#core/messages';
import type { InstrumentRecord, PlayerRecord, SchoolRecord } from '../../records/record.ts';
import type { Studio } from '../../records/studio.ts';
import { Button } from '../../ui/Button.tsx';
import { FormAgain } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { OpenFileButton } from '../../ui/OpenFileButton.tsx';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { fingerboardName, INSTRUMENT_LABELS } from '../../words/studio/instruments.ts';
import { Addressed, KeptNotices, PageShell } from '../frame/index.ts';
import { ListEntries, type ListEntry, NumberOrigins, PracticeOfNobody } from '../parts/index.ts';
import { DeletedNotice } from './DeletedNotice.tsx';
import { InstrumentForm } from './InstrumentForm.tsx';
import { PlayerForm } from './PlayerForm.tsx';
import { SchoolForm } from './school/SchoolForm.tsx';
import type { Chosen, InStudio } from './in-studio.ts';
import { type StudioActions, useStudio } from './use-studio.ts';
import { VersionsInStudio } from './VersionsInStudio.tsx';

/** Measures: the instruments, players and schools of the studio, kept for every piece that uses them. */
export const Setup = guardIsland(GuardedSetup);

function GuardedSetup() {
  return (
    <Addressed>
      <SetupPage />
    </Addressed>
  );
}

function SetupPage() {
  const { studio, chosen, choose, trouble, deleting, elsewhere, actions } = useStudio();
  const form = useRef<HTMLDivElement>(null);
  const now = studio && inStudio(studio, chosen);
  const open = (next: Chosen): void => {
    choose(next);
    // On a narrow page the form is below the lists.
    if (matchMedia('(width < 768px)').matches) requestAnimationFrame(() => form.current?.scrollIntoView());
  };
  return (
    <>
      <PageShell current="Players, instruments, schools" title="Players, instruments, schools" titled="hidden">
        <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 md:grid-cols-[232px_minmax(0,1fr)]">
          {(studio !== null || trouble !== null) && (
            <>
              <aside aria-label="Studio">
                <Shelves studio={studio} chosen={chosen} actions={actions} onChoose={open} />
                <OpenFileButton label="Instrument, player or school saved as JSON" onFile={actions.openFile} />
              </aside>
              <div>
                <div role="status" aria-label="Messages">
                  <KeptNotices trouble={trouble} elsewhere={elsewhere} />
                  <DeletedNotice {...deleting} />
                  <PracticeOfNobody once />
                </div>
                {studio && (
                  <FormAgain key={`form of ${chosen?.id}`} times={elsewhere.timesOf(chosen?.id)} value={now}>
                    {(shown) => <ChosenForm studio={studio} chosen={shown} actions={actions} />}
                  </FormAgain>
                )}
                {now && (
                  <OpenedSection key={now.record.id} title="Earlier versions">
                    {() => <VersionsInStudio now={now} onBack={actions.bringBack} />}
                  </OpenedSection>
                )}
                {now && <OpenedSection title="How this is calculated">{() => <NumberOrigins />}</OpenedSection>}
              </div>
            </>
          )}
        </div>
      </PageShell>
    </>
  );
}

/** Finds the record that is chosen among those of the studio. */
function inStudio({ instruments, players, schools }: Studio, chosen: Chosen | null): InStudio | null {
  const all: readonly InStudio[] = [
    ...instruments.map((record) => ({ kind: 'instrument' as const, record })),
    ...players.map((record) => ({ kind: 'player' as const, record })),
    ...schools.map((record) => ({ kind: 'school' as const, record })),
  ];
  return all.find(({ kind, record }) => kind === chosen?.kind && record.id === chosen.id) ?? null;
}

interface ShelvesProps {
  /** The studio; null where the storage does not open. */
  readonly studio: Studio | null;
  readonly chosen: Chosen | null;
  readonly actions: StudioActions;
  readonly onChoose: (chosen: Chosen) => void;
}

/** Lists players, instruments and schools, each to be chosen. */
function Shelves({ studio, chosen, actions, onChoose }: ShelvesProps) {
  const shelf = { chosen, onChoose };
  return (
    <>
      <Shelf title="Players" what="player" entries={(studio?.players ?? []).map(playerEntry)} onNew={actions.addPlayer} {...shelf} />
      <Shelf
        title="Instruments"
        what="instrument"
        entries={(studio?.instruments ?? []).map(instrumentEntry)}
        onNew={actions.addInstrument}
        {...shelf}
      />
      <Shelf title="Schools" what="school" entries={(studio?.schools ?? []).map(schoolEntry)} onNew={actions.addSchool} {...shelf} />
    </>
  );
}

interface ChosenFormProps {
  readonly studio: Studio;
  readonly chosen: InStudio | null;
  readonly actions: StudioActions;
}

function ChosenForm({ studio, chosen, actions }: ChosenFormProps) {
  switch (chosen?.kind) {
    case 'instrument':
      return <InstrumentForm key={chosen.record.id} record={chosen.record} actions={actions} />;
    case 'player':
      return (
        <PlayerForm
          key={chosen.record.id}
          record={chosen.record}
          instruments={studio.instruments}
          schools={studio.schools}
          actions={actions}
        />
      );
    case 'school':
      return <SchoolForm key={chosen.record.id} record={chosen.record} actions={actions} />;
    case undefined:
      return <NothingChosen actions={actions} />;
  }
}

function NothingChosen({ actions }: { readonly actions: StudioActions }) {
  return (
    <>
      <EmptyState title="Who plays, on what, and how you teach">
        Keep here who plays and on what: the string measured from nut to bridge, the hand measured at the instrument; and how you teach.
        Every piece that uses a player, an instrument or a school follows when you change one, and tells what changed.
      </EmptyState>
      <NextSteps>
        <Button onClick={actions.addPlayer}>Add a player</Button>
        <Button onClick={actions.addInstrument}>Add an instrument</Button>
        <Button onClick={actions.addSchool}>Add a school</Button>
      </NextSteps>
    </>
  );
}

function playerEntry({ id, document }: PlayerRecord): ListEntry {
  return { id, name: document.name || 'Unnamed player', what: INSTRUMENT_LABELS[document.profile.kind] };
}

function instrumentEntry({ id, document }: InstrumentRecord): ListEntry {
  const { kind, size, stringLengthMm } = document.instrument;
  const what =
    stringLengthMm === undefined ? (size ? fingerboardName(kind, size) : INSTRUMENT_LABELS[kind]) : `${stringLengthMm} mm, measured`;
  return { id, name: document.name || 'Unnamed instrument', what };
}

function schoolEntry({ id, document }: SchoolRecord): ListEntry {
  const answered = Object.keys(document.school.ways ?? {}).length;
  return { id, name: document.name || 'Unnamed school', what: `${countText(answered, 'question', 'questions')} answered` };
}

interface ShelfProps {
  readonly title: string;
  readonly what: Chosen['kind'];
  readonly entries: readonly ListEntry[];
  readonly chosen: Chosen | null;
  readonly onChoose: (chosen: Chosen) => void;
  readonly onNew: () => void;
}

function Shelf({ title, what, entries, chosen, onChoose, onNew }: ShelfProps) {
  return (
    <section aria-label={title} className="mb-5">
      <div className="flex items-baseline justify-between">
        <Heading>{title}</Heading>
        <Button onClick={onNew} aria-label={`New ${what}`}>
          <Plus size={14} aria-hidden="true" /> New
        </Button>
      </div>
      <ListEntries entries={entries} chosen={chosen?.kind === what ? chosen.id : null} onChoose={(id) => onChoose({ kind: what, id })} />
      {entries.length === 0 && <p className="text-sm text-dove-dark">None yet.</p>}
    </section>
  );
}
