import { type PlanSums, samePrices, sumsOf } from '#core/explain';
import type { Plan } from '#core/plan/describe';
import { Heading } from '../../ui/Heading.tsx';
import { Table } from '../../ui/Table.tsx';
import { pointsText } from '../../words/differences.ts';
import { mmText } from '../../words/plan-words.ts';

const ROWS: readonly { readonly name: string; readonly text: (sums: PlanSums) => string }[] = [
  { name: 'Shifts', text: ({ shifts }) => String(shifts) },
  { name: 'Way of the hand', text: ({ travelMm }) => mmText(travelMm) },
  { name: 'String crossings', text: ({ crossings }) => String(crossings) },
  { name: 'Open strings', text: ({ openStrings }) => String(openStrings) },
  { name: 'Extensions', text: ({ extensions }) => String(extensions) },
  { name: 'Widest reach', text: ({ widestReachMm }) => mmText(widestReachMm) },
  { name: 'Stretches for this hand', text: ({ stretches }) => (stretches === null ? 'hand not measured' : String(stretches)) },
];

/** Told only where both sides are priced alike. */
const COST = { name: 'Cost in all', text: ({ costThousandths }: PlanSums) => pointsText(costThousandths) };

/** What each plan comes to, side by side; what differs stands out. */
export function ComparedSums({ one, other }: { readonly one: Plan; readonly other: Plan }) {
  const sums = [sumsOf(one), sumsOf(other)] as const;
  const rows = samePrices(one.brief, other.brief) ? [...ROWS, COST] : ROWS;
  return (
    <section aria-label="What they come to">
      <Heading>What they come to</Heading>
      <Table className="mt-1">
        <thead>
          <tr>
            <td />
            <th scope="col">This</th>
            <th scope="col">Laid over it</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ name, text }) => {
            const [here, there] = [text(sums[0]), text(sums[1])];
            return (
              <tr key={name}>
                <th scope="row">{name}</th>
                <td>{here}</td>
                <td className={here === there ? '' : 'font-semibold'}>{there}</td>
              </tr>
            );
          })}
        </tbody>
      </Table>
    </section>
  );
}
