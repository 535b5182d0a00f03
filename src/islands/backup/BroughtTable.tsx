import { useState } from 'react';
import { countText } from '#core/messages';
import type { Brought, Standing, StudioBrought } from '../../state/backup/index.ts';
import { Button } from '../../ui/Button.tsx';
import { CheckField } from '../../ui/fields/index.ts';
import { Table } from '../../ui/Table.tsx';
import { damagedText, STANDING_WORDS } from '../../words/kept/backup.ts';

interface BroughtTableProps {
  readonly file: StudioBrought;
  readonly onBring: (wanted: readonly Brought[]) => void;
  readonly onLeave: () => void;
}

const WHEN = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** The order of the rows: new records first, then changed ones; equal ones need no row. */
const SHOWN: readonly Standing[] = ['new', 'changed', 'older'];

/** Shows what a file would bring, before anything is written. */
export function BroughtTable({ file: { brought, damaged }, onBring, onLeave }: BroughtTableProps) {
  const [withOlder, setWithOlder] = useState(false);
  const countOf = (standing: Standing): number => brought.filter((brought) => brought.standing === standing).length;
  const wanted = brought.filter(({ standing }) => standing === 'new' || standing === 'changed' || (standing === 'older' && withOlder));
  const rows = SHOWN.flatMap((standing) => brought.filter((brought) => brought.standing === standing));
  return (
    <div className="mt-3">
      <p>
        {countText(brought.length, 'entry reads', 'entries read')}: {countOf('new')} new, {countOf('changed')} changed in the file,{' '}
        {countOf('older')} changed here since, {countOf('same')} the same here.
      </p>
      {damaged.length > 0 && <p className="mt-1 text-ochre">{damagedText(damaged)}</p>}
      {countOf('older') > 0 && (
        <CheckField
          label="Also bring in older copies of what was changed here since"
          hint="What is here now stays among the earlier versions."
          checked={withOlder}
          onChange={setWithOlder}
        />
      )}
      {rows.length > 0 && (
        <div className="mt-2 max-h-80 overflow-auto" tabIndex={0} role="group" aria-label="What the file would bring">
          <Table>
            <thead>
              <tr>
                <th scope="col">Name</th>
                <th scope="col">Kind</th>
                <th scope="col">Changed last, in the file</th>
                <th scope="col">Here</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ ids: [id], kind, name, updatedAt, standing }) => (
                <tr key={`${kind} ${id}`}>
                  <td className="font-serif">{name === '' ? 'without a name' : name}</td>
                  <td>{kind}</td>
                  <td className="whitespace-nowrap">{WHEN.format(updatedAt)}</td>
                  <td>{STANDING_WORDS[standing]}</td>
                </tr>
              ))}
            </tbody>
          </Table>
        </div>
      )}
      <p className="mt-3 flex gap-3">
        <Button disabled={wanted.length === 0} onClick={() => onBring(wanted)}>
          Bring in {countText(wanted.length, 'entry', 'entries')}
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
      </p>
    </div>
  );
}
