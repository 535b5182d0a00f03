import { useEffect, useState } from 'react';
import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../records/record.ts';
import { type Version, versionNumbered, versionsOf } from '../storage/writing/versions.ts';
import { Button } from '../ui/Button.tsx';

interface EarlierVersionsProps<Name extends DocumentName> {
  readonly name: Name;
  readonly id: string;
  /** How a version differs from what is there now, in words. */
  readonly differs: (document: RecordOf<Name>) => string;
  readonly onBack: (record: RecordOf<Name>) => void;
}

const WHEN = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** What a record was before it was written over, on other days too: each can be looked at and brought back. */
export function EarlierVersions<Name extends DocumentName>({ name, id, differs, onBack }: EarlierVersionsProps<Name>) {
  const versions = useVersions(name, id);
  if (versions === null) return null;
  if (versions.length === 0) return <p className="text-sm text-dove-dark">None yet: they are kept as you change it.</p>;
  return (
    <ol className="grid max-w-xl gap-0.5">
      {versions.map((version) => (
        <VersionRow key={version.number} name={name} version={version} differs={differs} onBack={onBack} />
      ))}
    </ol>
  );
}

interface VersionRowProps<Name extends DocumentName> extends Pick<EarlierVersionsProps<Name>, 'name' | 'differs' | 'onBack'> {
  readonly version: Version;
}

function VersionRow<Name extends DocumentName>({ name, version: { number, at, fromElsewhere }, differs, onBack }: VersionRowProps<Name>) {
  const record = useVersion(name, number);
  return (
    <li className="flex items-start gap-2 py-1">
      <span className="grow">
        {WHEN.format(at)}
        {fromElsewhere && <span className="text-dove-dark"> · from another tab</span>}
        <span className="block text-sm text-dove-dark">
          {record === undefined ? '' : record === null ? 'does not read' : differs(record)}
        </span>
      </span>
      <Button disabled={!record} onClick={() => record && onBack(record)}>
        Bring back
      </Button>
    </li>
  );
}

function useVersions(name: DocumentName, id: string): readonly Version[] | null {
  const [versions, setVersions] = useState<readonly Version[] | null>(null);
  useEffect(() => {
    let gone = false;
    void versionsOf(name, id)
      .catch(() => [])
      .then((found) => gone || setVersions(found));
    return () => {
      gone = true;
    };
  }, [name, id]);
  return versions;
}

/** Undefined while it is read, null where it does not read. */
function useVersion<Name extends DocumentName>(name: Name, number: number): RecordOf<Name> | null | undefined {
  const [record, setRecord] = useState<RecordOf<Name> | null>();
  useEffect(() => {
    let gone = false;
    void versionNumbered(name, number)
      .catch(() => null)
      .then((found) => gone || setRecord(found));
    return () => {
      gone = true;
    };
  }, [name, number]);
  return record;
}
