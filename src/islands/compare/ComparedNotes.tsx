import { useState } from 'react';
import type { ComparedNote, ComparedPlans } from '#core/explain';
import { listText, positionWords } from '#core/messages';
import { noteLabel } from '#core/pitch';
import type { PlannedNote } from '#core/plan/describe';
import { Heading } from '../../ui/Heading.tsx';
import { PageButtons, usePager } from '../../ui/Pager.tsx';
import { Table } from '../../ui/Table.tsx';
import { soundText } from '../../words/plan-words.ts';

/** Shows both plans note by note, differences marked and counted. */
export function ComparedNotes({ compared }: { readonly compared: ComparedPlans }) {
  const [onlyDifferent, setOnlyDifferent] = useState(true);
  const differs = ({ differs: { string, finger, position } }: ComparedNote): boolean => string || finger || position;
  const rows = compared.notes.filter((note) => !onlyDifferent || differs(note));
  const pager = usePager(rows.length);
  const count = (what: keyof ComparedNote['differs'], told: string): string[] => {
    const differing = compared.notes.filter((note) => note.differs[what]).length;
    return differing === 0 ? [] : [`${differing} ${told}`];
  };
  const counts = [
    ...count('string', 'on another string'),
    ...count('finger', 'with another finger'),
    ...count('position', 'in another position'),
  ];
  return (
    <section aria-label="Note by note">
      <Heading>Note by note</Heading>
      <p className="mt-1" role="status">
        {compared.differsAt.length === 0
          ? 'Both are fingered alike.'
          : `${compared.differsAt.length} of ${compared.notes.length} notes are fingered differently: ${counts.join(', ')}.`}
      </p>
      <label className="no-print mt-1 flex items-center gap-2 text-sm">
        <input
          type="checkbox"
          className="size-4 accent-ink"
          checked={onlyDifferent}
          onChange={(event) => setOnlyDifferent(event.target.checked)}
        />
        only where they differ
      </label>
      {rows.length > 0 && (
        <Table className="mt-1">
          <thead>
            <tr>
              <th scope="col">No.</th>
              <th scope="col">Note</th>
              <th scope="col">This</th>
              <th scope="col">Compared with</th>
              <th scope="col">Differs in</th>
            </tr>
          </thead>
          <tbody>
            {rows.slice(pager.from, pager.to).map((row) => (
              <tr key={row.note}>
                <td>{row.note + 1}</td>
                <td>{row.one.kind === 'note' ? soundText(row.one) : 'rest'}</td>
                <td>{fingeringText(row.one)}</td>
                <td className={differs(row) ? 'font-semibold' : ''}>{fingeringText(row.other)}</td>
                <td>{differenceWords(row)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
      <PageButtons pager={pager} />
    </section>
  );
}

function fingeringText(note: PlannedNote): string {
  if (note.kind === 'rest') return '';
  const fingers = listText(note.stops.map((stop) => `${stop.finger} on ${noteLabel(stop.open)}`));
  return note.stops[0].finger === '0' ? `open ${noteLabel(note.stops[0].open)}` : `${fingers}, ${positionWords(note.position)}`;
}

function differenceWords({ differs: { string, finger, position } }: ComparedNote): string {
  return [string ? 'string' : '', finger ? 'finger' : '', position ? 'position' : ''].filter((word) => word !== '').join(', ');
}
