import { answerOf } from '../../engine/index.ts';
import { bringBackDeleted, deleteForGood, type DeletedThing } from '../../state/deleting/index.ts';
import { DELETED, useStored } from '../../state/reading/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { Table } from '../../ui/Table.tsx';
import { broughtBackText, DAYS_KEPT, KIND_WORDS, NOT_THERE_ANY_MORE } from '../../words/kept/deleted.ts';
import type { Run } from '../parts/index.ts';

const WHEN = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** Lists what was deleted in the last weeks: each comes back with all that went along, or is deleted for good. */
export function DeletedThings({ run }: { readonly run: Run }) {
  const all = answerOf(useStored(DELETED)) ?? [];
  if (all.length === 0) return null;
  const bringBack = ({ number, name, count }: DeletedThing): void =>
    run(async () => {
      if (!(await bringBackDeleted(number))) throw new Error(NOT_THERE_ANY_MORE);
      return broughtBackText(name, count);
    });
  return (
    <section aria-label="Deleted" className="mt-7">
      <Heading className="mb-2">Deleted in the last {DAYS_KEPT} days</Heading>
      <div className="max-h-80 overflow-auto" tabIndex={0} role="group" aria-label="Things that were deleted">
        <Table>
          <thead>
            <tr>
              <th scope="col">Name</th>
              <th scope="col">Kind</th>
              <th scope="col">Deleted</th>
              <th scope="col">With it</th>
              <th scope="col">
                <span className="sr-only">Actions</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {all.map((thing) => (
              <tr key={thing.number}>
                <td className="font-serif">{thing.name === '' ? (thing.kind === 'demo' ? 'Demo' : 'without a name') : thing.name}</td>
                <td>{KIND_WORDS[thing.kind]}</td>
                <td className="whitespace-nowrap">{WHEN.format(thing.at)}</td>
                <td className="tabular-nums">{thing.count > 1 ? `${thing.count - 1} more` : ''}</td>
                <td className="whitespace-nowrap">
                  <Button onClick={() => bringBack(thing)}>Bring back</Button>{' '}
                  <Button onClick={() => run(async () => await deleteForGood(thing.number))}>Delete for good</Button>
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      </div>
    </section>
  );
}
