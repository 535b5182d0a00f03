import { askedText } from '#core/brief';
import type { Effect, PlanSums } from '#core/explain';
import type { Plan } from '#core/plan/describe';
import { useEngine } from '../../../engine/index.ts';
import { Answered } from '../../../ui/states/index.ts';
import { Table } from '../../../ui/Table.tsx';
import { sumDifferences } from '../../../words/explain/effects.ts';

/** Shows what each limit, wish and locked note of the brief does to the numbers: the line planned once without each. */
export function Effects({ plan }: { readonly plan: Plan }) {
  const effects = useEngine(plan.brief, { kind: 'effects' });
  return (
    <Answered asked={effects} waiting="Planning without each request …">
      {(all) => <EffectTable plan={plan} effects={all} />}
    </Answered>
  );
}

function EffectTable({ plan, effects }: { readonly plan: Plan; readonly effects: readonly Effect[] }) {
  if (effects.length === 0) return <p className="mt-1">Nothing in the brief changes the fingering.</p>;
  return (
    <Table className="mt-1">
      <thead>
        <tr>
          <th scope="col">Asked for</th>
          <th scope="col">With it</th>
          <th scope="col">Notes fingered differently</th>
        </tr>
      </thead>
      <tbody>
        {effects.map(({ asked, sums, priced, otherwise }) => (
          <tr key={asked.name}>
            <th scope="row">{askedText(asked, plan.brief)}</th>
            <td>{differenceText(sums, priced)}</td>
            <td>{otherwise.length === 0 ? 'none' : otherwise.length}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

function differenceText([withIt, without]: readonly [PlanSums, PlanSums], priced: boolean): string {
  const told = sumDifferences(without, withIt, priced);
  return told.length === 0 ? 'nothing changes' : told.join(', ');
}
