import { FIRST_BRIEF } from '#core/brief/lines';
import { withInstrumentSpec, withProfile, withSchool } from '#core/brief/edits';
import type { Brief } from '#core/brief';
import { profileOf, schoolOf } from '../../storage/for-briefs.ts';
import { setupVersionText } from '../../words/setup.ts';
import { EarlierVersions } from '../EarlierVersions.tsx';
import type { InStudio } from './use-studio.ts';

interface VersionsInStudioProps {
  readonly now: InStudio;
  readonly onBack: (version: InStudio) => void;
}

/** An instrument, a player or a school as it was on other days, or in another tab. */
export function VersionsInStudio({ now, onBack }: VersionsInStudioProps) {
  const told = (version: InStudio): string => setupVersionText(asTold(now), asTold(version));
  const { kind, record } = now;
  switch (kind) {
    case 'instrument':
      return (
        <EarlierVersions
          name={kind}
          id={record.id}
          differs={(was) => told({ kind, record: was })}
          onBack={(was) => onBack({ kind, record: was })}
        />
      );
    case 'player':
      return (
        <EarlierVersions
          name={kind}
          id={record.id}
          differs={(was) => told({ kind, record: was })}
          onBack={(was) => onBack({ kind, record: was })}
        />
      );
    case 'school':
      return (
        <EarlierVersions
          name={kind}
          id={record.id}
          differs={(was) => told({ kind, record: was })}
          onBack={(was) => onBack({ kind, record: was })}
        />
      );
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
