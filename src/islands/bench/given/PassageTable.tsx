import type { PassageApart } from '#core/given';
import type { Plan } from '#core/plan/describe';
import { select } from '../../../state/selection.ts';
import { Figure } from '../../../ui/Figure.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { Table, TableHead } from '../../../ui/Table.tsx';
import { gainText, payText } from '../../../words/explain/differences.ts';
import { weighedHow, weighedText } from '../../../words/explain/weighed.ts';
import { GIVEN, rowOfFingers } from '../../../words/line/given.ts';
import { noteAtText, passageText, tellNotesOfPlan } from '../../../words/line/note-places.ts';

interface PassageTableProps {
  readonly plan: Plan;
  readonly ours: Plan;
  readonly passages: readonly PassageApart[];
}

/** Compares a given fingering with ours, passage by passage: both rows of fingers, what the one gains and costs, and how it weighs. */
export function PassageTable({ plan, ours, passages }: PassageTableProps) {
  const tell = tellNotesOfPlan(plan);
  return (
    <section aria-label={GIVEN.beside} className="mt-2">
      <Heading as="h3">{GIVEN.beside}</Heading>
      <div className="max-h-72 overflow-auto" tabIndex={0} role="group" aria-label={`Table: ${GIVEN.beside}`}>
        <Table className="mt-1">
          <TableHead columns={GIVEN.columns} />
          <tbody>
            {passages.map((passage) => (
              <tr key={passage.from}>
                <th scope="row">
                  <button type="button" className="text-left underline" onClick={() => select(passage.from)}>
                    {passage.from === passage.to ? noteAtText(tell(passage.from), passage.from) : passageText(passage, tell)}
                  </button>
                </th>
                <td>{rowOfFingers(plan, passage.notes)}</td>
                <td>{rowOfFingers(ours, passage.notes)}</td>
                <td>{gainText(passage.gains)}</td>
                <td>{payText(passage.pays)}</td>
                <td>
                  <Figure how={weighedHow(passage.deltaThousandths, [...passage.gains, ...passage.pays])}>
                    {weighedText(passage.deltaThousandths)}
                  </Figure>
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      </div>
    </section>
  );
}
