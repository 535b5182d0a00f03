import { FieldsAgain, SelectField } from '../../ui/fields/index.ts';
import { guardIsland } from '../../ui/states/index.ts';
import { parseAsString, useQueryStates } from 'nuqs';
import { useState } from 'react';
import { type Brief } from '#core/brief';
import { withSchool } from '#core/brief/edits';
import { INSTRUMENT_KINDS, type InstrumentKind } from '#core/instrument';
import type { SchoolRecord } from '../../records/record.ts';
import { schoolOf } from '../../records/for-briefs.ts';
import { answerOf } from '../../engine/index.ts';
import { PIECES_USING, useRecords, useStored } from '../../state/reading/index.ts';
import { ButtonLink } from '../../ui/Button.tsx';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { PageSteps } from '../../ui/NextSteps.tsx';
import { INSTRUMENT_LABELS } from '../../words/studio/instruments.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { Addressed, KeptNotices, PageShell } from '../frame/index.ts';
import { EarlierVersions } from '../opened-piece/index.ts';
import { ChangeWords } from '../parts/index.ts';
import { studioVersionText } from '../setup/VersionsInStudio.tsx';
import { CostTable } from './CostTable.tsx';

/** Lists every cost of a fingering; a school may set each otherwise, and sees the effect on a piece. */
export const Costs = guardIsland(GuardedCosts);

function GuardedCosts() {
  return (
    <Addressed>
      <CostsPage />
    </Addressed>
  );
}

const NO_SCHOOL = '';

function CostsPage() {
  const [{ school: schoolId }, setAddress] = useQueryStates({ school: parseAsString });
  const { records, trouble, elsewhere, keep, bringBack } = useRecords({ name: 'school', of: '', belongs: () => true });
  const schools = (records ?? []).toSorted((one, other) => one.document.name.localeCompare(other.document.name));
  const [kind, setKind] = useState<InstrumentKind>('violin');
  const school = schools.find(({ id }) => id === schoolId);
  return (
    <PageShell current="Costs" title="What a fingering costs">
      <WhatCostsAre />
      <KeptNotices trouble={trouble} elsewhere={elsewhere} />
      <WhoseCosts schools={schools} school={school} kind={kind} onSchool={(id) => void setAddress({ school: id })} onKind={setKind} />
      {school && <EffectOnPiece key={kind} school={school} kind={kind} />}
      {school && (
        <PageSteps>
          <ButtonLink href={`/setup?school=${school.id}`}>Change what the school teaches</ButtonLink>
        </PageSteps>
      )}
      <FieldsAgain key={`${schoolId} ${kind}`} times={elsewhere.timesOf(school?.id)}>
        <CostTable school={school ?? null} kind={kind} onChange={(changed) => keep(changed, school ?? null)} />
      </FieldsAgain>
      {school && (
        <OpenedSection key={school.id} title="Earlier versions">
          {() => (
            <EarlierVersions
              name="school"
              id={school.id}
              differs={(record) => studioVersionText({ kind: 'school', record: school }, { kind: 'school', record })}
              onBack={bringBack}
            />
          )}
        </OpenedSection>
      )}
    </PageShell>
  );
}

interface WhoseCostsProps {
  readonly schools: readonly SchoolRecord[];
  readonly school: SchoolRecord | undefined;
  readonly kind: InstrumentKind;
  readonly onSchool: (id: string | null) => void;
  readonly onKind: (kind: InstrumentKind) => void;
}

/** Chooses whose costs are shown: a school's, on one instrument, or those with which all begin. */
function WhoseCosts({ schools, school, kind, onSchool, onKind }: WhoseCostsProps) {
  return (
    <p className="mt-3 flex flex-wrap items-baseline gap-x-5 gap-y-2">
      <label>
        Costs of{' '}
        <SelectField
          value={school?.id ?? NO_SCHOOL}
          options={[
            { value: NO_SCHOOL, name: 'no school' },
            ...schools.map(({ id, document }) => ({ value: id, name: document.name || 'Unnamed school' })),
          ]}
          onChoose={(id) => onSchool(id === NO_SCHOOL ? null : id)}
        />
      </label>
      {school && (
        <label>
          on the{' '}
          <SelectField
            value={kind}
            options={INSTRUMENT_KINDS.map((value) => ({ value, name: INSTRUMENT_LABELS[value] }))}
            onChoose={onKind}
          />
        </label>
      )}
    </p>
  );
}

function WhatCostsAre() {
  return (
    <p className="mt-2 max-w-[70ch]">
      The best fingering is the one whose costs, added over the whole line, are least. A crossing of about 0.25 and a shift of one to two
      set the scale; what counts is how the costs compare. A school, preferences and the purpose of a brief move these weights; limits and
      locked notes never give way to them.
    </p>
  );
}

/** Shows the effect of the school's costs on one of its pieces. */
function EffectOnPiece({ school, kind }: { readonly school: SchoolRecord; readonly kind: InstrumentKind }) {
  const found = answerOf(useStored(PIECES_USING, 'schoolId', school.id)) ?? [];
  const pieces = found.filter(({ document }) => document.brief.instrument.kind === kind);
  const [chosen, setChosen] = useState<string | null>(null);
  const piece = pieces.find(({ id }) => id === chosen) ?? pieces[0];
  if (!piece) return <p className="mt-2 text-dove-dark">No piece for the {INSTRUMENT_LABELS[kind]} follows this school yet.</p>;
  const { brief } = piece.document;
  const usual: Brief = withSchool(brief, { ...schoolOf(school.document), weights: {} });
  return (
    <section aria-label="What it does" className="mt-2">
      <label>
        What it does to{' '}
        <SelectField
          value={piece.id}
          options={pieces.map(({ id, document }) => ({ value: id, name: pieceTitle(document) }))}
          onChoose={setChosen}
        />
      </label>
      <p role="status" className="mt-1 text-dove-dark">
        <ChangeWords before={usual} after={withSchool(brief, schoolOf(school.document))} />
      </p>
    </section>
  );
}
