import { useCallback } from 'react';
import type { Plan, PlanSums } from '#core/plan';
import { askedText, sumDifferences } from '../../words/effects.ts';
import { advisor } from '../../workers/client.ts';
import { useAnswer } from '../use-answer.ts';

/** What each limit, wish and fixed note of the brief does to the numbers: the line planned once without each. */
export function Effects({ plan }: { readonly plan: Plan }) {
  const effects = useAnswer(useCallback(() => advisor.effects(plan.brief), [plan]));
  if (effects === null) return <p className="mt-1 text-dove-dark">Planning without each part of the brief …</p>;
  if (effects.length === 0) return <p className="mt-1">The brief asks nothing that bends the fingering.</p>;
  return (
    <table className="plain-table mt-1">
      <thead>
        <tr>
          <th scope="col">Asked for</th>
          <th scope="col">With it</th>
          <th scope="col">Notes fingered otherwise</th>
        </tr>
      </thead>
      <tbody>
        {effects.map(({ asked, sums, priced, otherwise }) => (
          <tr key={'name' in asked ? asked.name : ''}>
            <th scope="row">{askedText(asked, plan.brief)}</th>
            <td>{differenceText(sums, priced)}</td>
            <td>{otherwise.length === 0 ? 'none' : otherwise.length}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function differenceText([withIt, without]: readonly [PlanSums, PlanSums], priced: boolean): string {
  const told = sumDifferences(without, withIt, priced);
  return told.length === 0 ? 'nothing changes' : told.join(', ');
}
