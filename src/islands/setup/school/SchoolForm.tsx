import { useState } from 'react';
import { LABELS, type School } from '#core/brief/parts/school';
import type { SchoolRecord } from '../../../records/record.ts';
import { schoolDocument } from '../../../records/studio.ts';
import { ButtonLink } from '../../../ui/Button.tsx';
import { FieldRow, SelectField, TextField } from '../../../ui/fields/index.ts';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';
import { HABITS } from '../../../words/studio/habits.ts';
import { LABEL_WORDS } from '../../../words/studio/school.ts';
import { UsedBy } from '../UsedBy.tsx';
import { FormHead } from '../fields.tsx';
import { useKeptAsTyped } from '../use-kept-as-typed.ts';
import type { StudioActions } from '../use-studio.ts';
import { ContactTable } from './ContactTable.tsx';
import { LearntSchool } from './LearntSchool.tsx';
import { PatternNames } from './PatternNames.tsx';
import { Questions } from './Questions.tsx';
import { StyleTable } from './StyleTable.tsx';

interface SchoolFormProps {
  readonly record: SchoolRecord;
  readonly actions: StudioActions;
}

/** Edits how a teacher teaches: each question on which teachers differ, with the advantage of either side. */
export function SchoolForm({ record, actions }: SchoolFormProps) {
  const [name, setName] = useState(record.document.name);
  const [school, setSchool] = useState<School>(record.document.school);
  const change = (changed: Partial<School>): void => setSchool((now) => ({ ...now, ...changed }));
  const untouched = schoolDocument(record.document.name, record.document.school);
  useKeptAsTyped({ stored: record.document, untouched, typed: schoolDocument(name.trim(), school) }, (document) =>
    // The form knows nothing of the sheets that the school keeps.
    actions.keepSchool({ ...record, document: { ...record.document, ...document } }, record),
  );
  return (
    <section aria-label="School">
      <FormHead what="school" document={record.document} onDelete={() => actions.remove({ kind: 'school', record })}>
        <ButtonLink href={`/costs?school=${record.id}`}>See its costs</ButtonLink>
      </FormHead>
      <p className="mt-1 max-w-[70ch] text-dove-dark">
        Players follow a school and may differ in any answer; a piece may differ again. Where you have not answered, each place of a line is
        decided for itself.
      </p>
      <div className="mt-3 grid gap-x-10 xl:grid-cols-[minmax(0,1fr)_360px]">
        <form className="grid content-start gap-y-2" onSubmit={(event) => event.preventDefault()}>
          <FieldRow label="Name" htmlFor="school-name">
            <TextField
              id="school-name"
              className="w-64"
              maxLength={80}
              placeholder="Our studio"
              value={name}
              onChange={(event) => setName(event.target.value)}
            />
          </FieldRow>
          <FieldRow label="With the notes" htmlFor="school-labels">
            <SelectField
              id="school-labels"
              value={school.labels ?? 'numbers'}
              options={LABELS.map((value) => ({ value, name: LABEL_WORDS[value] }))}
              onChoose={(labels) => change({ labels })}
            />
          </FieldRow>
          <OpenedSection title={HABITS.title}>{() => <LearntSchool school={school} onChange={change} />}</OpenedSection>
          <Questions ways={school.ways ?? {}} onChange={(ways) => change({ ways })} />
          <OpenedSection title="What each style prefers">
            {() => <StyleTable styles={school.styles ?? {}} onChange={(styles) => change({ styles })} />}
          </OpenedSection>
          <OpenedSection title="Where the bow meets the string">
            {() => <ContactTable contactMm={school.contactMm ?? {}} onChange={(contactMm) => change({ contactMm })} />}
          </OpenedSection>
          <OpenedSection title="Your names for finger patterns">
            {() => <PatternNames names={school.patternNames ?? {}} onChange={(patternNames) => change({ patternNames })} />}
          </OpenedSection>
        </form>
        <div className="mt-4 xl:mt-0">
          <UsedBy field="schoolId" id={record.id} />
        </div>
      </div>
    </section>
  );
}
