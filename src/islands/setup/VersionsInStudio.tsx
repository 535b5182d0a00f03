import { FIRST_BRIEF } from '#core/brief/lines';
import { withInstrumentSpec, withProfile, withSchool } from '#core/brief/edits';
import type { Brief } from '#core/brief';
import type { RecordOf } from '../../storage/database.ts';
import { profileOf, schoolOf } from '../../storage/for-briefs.ts';
import type { StudioName } from '../../storage/studio.ts';
import { setupVersionText } from '../../words/setup.ts';
import { EarlierVersions } from '../EarlierVersions.tsx';
import type { InStudio } from './use-studio.ts';

interface VersionsInStudioProps {
  readonly now: InStudio;
  readonly onBack: (version: InStudio) => void;
}

/** An instrument, a player or a school as it was on other days, or in another tab. */
export function VersionsInStudio({ now, onBack }: VersionsInStudioProps) {
  const versions = <Name extends StudioName>(name: Name, asOne: (record: RecordOf<Name>) => InStudio) => (
    <EarlierVersions
      name={name}
      id={now.record.id}
      differs={(record) => setupVersionText(asTold(now), asTold(asOne(record)))}
      onBack={(record) => onBack(asOne(record))}
    />
  );
  const { kind } = now;
  switch (kind) {
    case 'instrument':
      return versions(kind, (record) => ({ kind, record }));
    case 'player':
      return versions(kind, (record) => ({ kind, record }));
    case 'school':
      return versions(kind, (record) => ({ kind, record }));
  }
}

/** What a piece would say of it; pieces say nothing of an instrument's name. */
function asTold(one: InStudio): { readonly name: string; readonly brief: Brief } {
  return { name: one.kind === 'instrument' ? one.record.document.name : '', brief: briefWith(one) };
}

function briefWith(one: InStudio): Brief {
  switch (one.kind) {
    case 'instrument':
      return withInstrumentSpec(FIRST_BRIEF, one.record.document.instrument);
    case 'player':
      return withProfile(FIRST_BRIEF, profileOf(one.record.document));
    case 'school':
      return withSchool(FIRST_BRIEF, schoolOf(one.record.document));
  }
}
