import { useMemo } from 'react';
import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';
import { answerOf } from '../../engine/index.ts';
import { useStored, type Version, VERSIONS, versionsNumbered } from '../../state/reading/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Answered } from '../../ui/states/index.ts';

interface EarlierVersionsProps<Name extends DocumentName> {
  readonly name: Name;
  readonly id: string;
  /** Describes in words how a version differs from the present one. */
  readonly differs: (document: RecordOf<Name>) => string;
  readonly onBack: (record: RecordOf<Name>) => void;
}

const WHEN = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** Lists the versions of a record before it was written over, on other days too: each can be looked at and brought back. */
export function EarlierVersions<Name extends DocumentName>({ name, id, differs, onBack }: EarlierVersionsProps<Name>) {
  return (
    <Answered asked={useStored(VERSIONS, name, id)}>
      {(versions) =>
        versions.length === 0 ? (
          <p className="text-sm text-dove-dark">None yet: they are kept as you change it.</p>
        ) : (
          <ol className="grid max-w-xl gap-0.5">
            {versions.map((version) => (
              <VersionRow key={version.number} name={name} version={version} differs={differs} onBack={onBack} />
            ))}
          </ol>
        )
      }
    </Answered>
  );
}

interface VersionRowProps<Name extends DocumentName> extends Pick<EarlierVersionsProps<Name>, 'name' | 'differs' | 'onBack'> {
  readonly version: Version;
}

function VersionRow<Name extends DocumentName>({ name, version: { number, at, fromElsewhere }, differs, onBack }: VersionRowProps<Name>) {
  const asked = useStored(
    useMemo(() => versionsNumbered(name), [name]),
    number,
  );
  const record = answerOf(asked);
  return (
    <li className="flex items-start gap-2 py-1">
      <span className="grow">
        {WHEN.format(at)}
        {fromElsewhere && <span className="text-dove-dark"> · from another tab, or before a reload</span>}
        <span className="block text-sm text-dove-dark">
          {asked.state === 'waiting' ? '' : record === null ? 'does not read' : differs(record)}
        </span>
      </span>
      <Button disabled={!record} onClick={() => record && onBack(record)}>
        Bring back
      </Button>
    </li>
  );
}
