import { type PlanSums, type PlanTraits, samePrices, sumsOf, traitsOf } from '#core/explain';
import { costDifferences, type Plan } from '#core/plan/describe';
import { Heading } from '../../ui/Heading.tsx';
import { Table } from '../../ui/Table.tsx';
import { Figure } from '../../ui/Figure.tsx';
import { carriersText, crossingsText } from '../../words/explain/traits.ts';
import { weighedHow, weighedText } from '../../words/explain/weighed.ts';
import { mmText } from '../../words/plan-words.ts';

const ROWS: readonly { readonly name: string; readonly text: (sums: PlanSums & PlanTraits) => string }[] = [
  { name: 'Shifts', text: ({ shifts }) => String(shifts) },
  { name: 'Fingers that shift', text: ({ carriers }) => carriersText(carriers) },
  { name: 'Hand travel', text: ({ travelMm }) => mmText(travelMm) },
  { name: 'Finger on the top note', text: ({ top }) => top ?? 'none' },
  { name: 'String crossings', text: ({ crossingKinds }) => crossingsText(crossingKinds) },
  { name: 'Open strings', text: ({ openStrings }) => String(openStrings) },
  { name: 'Extensions', text: ({ extensions }) => String(extensions) },
  { name: 'Widest reach', text: ({ widestReachMm }) => mmText(widestReachMm) },
  { name: 'Stretches for this hand', text: ({ stretches }) => (stretches === null ? 'hand not measured' : String(stretches)) },
];

/** Shows the totals of each plan, side by side; differences stand out. */
export function ComparedSums({ one, other }: { readonly one: Plan; readonly other: Plan }) {
  const sums = [
    { ...sumsOf(one), ...traitsOf(one) },
    { ...sumsOf(other), ...traitsOf(other) },
  ] as const;
  const delta = other.cost.totalThousandths - one.cost.totalThousandths;
  return (
    <section aria-label="Totals">
      <Heading>Totals</Heading>
      <Table className="mt-1">
        <thead>
          <tr>
            <td />
            <th scope="col">This</th>
            <th scope="col">Compared with</th>
          </tr>
        </thead>
        <tbody>
          {ROWS.map(({ name, text }) => {
            const [here, there] = [text(sums[0]), text(sums[1])];
            return (
              <tr key={name}>
                <th scope="row">{name}</th>
                <td>{here}</td>
                <td className={here === there ? '' : 'font-semibold'}>{there}</td>
              </tr>
            );
          })}
          {samePrices(one.brief, other.brief) && (
            <tr>
              <th scope="row">Total</th>
              <td />
              <td className="font-semibold">
                <Figure how={weighedHow(delta, costDifferences(one.cost, other.cost))}>{weighedText(delta)}</Figure>
              </td>
            </tr>
          )}
        </tbody>
      </Table>
    </section>
  );
}
