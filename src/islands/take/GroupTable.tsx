import type { MissGroup } from '#core/listening/report';
import type { Plan } from '#core/plan/describe';
import { Table, TableHead } from '../../ui/Table.tsx';
import { centsText } from '../../words/intonation/intonation.ts';
import { GROUPS_TAKEN, sharedText } from '../../words/intonation/takes.ts';

interface GroupTableProps {
  readonly plan: Plan;
  readonly groups: readonly MissGroup[];
}

/** Sums a take up by finger, string, position and arriving shift. */
export function GroupTable({ plan, groups }: GroupTableProps) {
  return (
    <div className="grid gap-x-10 md:grid-cols-2">
      {(['finger', 'string', 'position', 'arrival'] as const).map((by) => (
        <Table key={by} className="mt-2">
          <caption className="text-left font-semibold">{GROUPS_TAKEN.by[by]}</caption>
          <TableHead columns={GROUPS_TAKEN.columns} />
          <tbody>
            {groups
              .filter(({ shared }) => shared.by === by)
              .map((group) => (
                <tr key={JSON.stringify(group.shared)}>
                  <td>{sharedText(group.shared, plan)}</td>
                  <td>{group.notes}</td>
                  <td>{group.flat}</td>
                  <td>{group.sharp}</td>
                  <td>{centsText(group.meanCents)}</td>
                  <td>{Math.round(group.spreadCents)} cents</td>
                </tr>
              ))}
          </tbody>
        </Table>
      ))}
    </div>
  );
}
