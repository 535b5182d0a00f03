import { FIRST_BRIEF } from '#core/brief/lines';
import { withInstrument, withInstrumentSpec, withProfile, withSchool } from '#core/brief/edits';
import type { Brief } from '#core/brief';
import { INSTRUMENT_KINDS } from '#core/instrument';
import type { RecordOf } from '../../records/record.ts';
import type { StudioName } from '../../records/studio.ts';
import { setupVersionText, type ToldByBriefs } from '../../words/studio/setup.ts';
import { EarlierVersions } from '../opened-piece/index.ts';
import type { InStudio } from './in-studio.ts';

interface VersionsInStudioProps {
  readonly now: InStudio;
  readonly onBack: (version: InStudio) => void;
}

/** Lists an instrument, a player or a school as it was on other days, or in another tab. */
export function VersionsInStudio({ now, onBack }: VersionsInStudioProps) {
  const versions = <Name extends StudioName>(name: Name, asOne: (record: RecordOf<Name>) => InStudio) => (
    <EarlierVersions
      name={name}
      id={now.record.id}
      differs={(record) => studioVersionText(now, asOne(record))}
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

/** Writes how a version differs from the present one. */
export function studioVersionText(now: InStudio, version: InStudio): string {
  return setupVersionText(asTold(now), asTold(version));
}

/** Writes it as pieces would; a school is described for every instrument, since each has questions of its own. */
function asTold(one: InStudio): ToldByBriefs {
  const { document } = one.record;
  const kinds = one.kind === 'school' ? INSTRUMENT_KINDS : [FIRST_BRIEF.instrument.kind];
  return { document, briefs: kinds.map((kind) => briefWith(one, withInstrument(FIRST_BRIEF, kind))) };
}

function briefWith(one: InStudio, brief: Brief): Brief {
  switch (one.kind) {
    case 'instrument':
      return withInstrumentSpec(brief, one.record.document.instrument);
    case 'player':
      return withProfile(brief, one.record.document.profile);
    case 'school':
      return withSchool(brief, one.record.document.school);
  }
}
