import type { ArrivalMiss } from '#core/listening/report';
import type { Plan } from '#core/plan/describe';
import { Table, TableHead } from '../../ui/Table.tsx';
import { guideHeardText, landingText, SHIFTS_TAKEN, shiftWayText, slideText } from '../../words/intonation/takes.ts';
import { noteAtText, tellNotesOfPlan } from '../../words/line/note-places.ts';

interface ShiftTableProps {
  readonly plan: Plan;
  readonly arrivals: readonly ArrivalMiss[];
}

/** Lists the shifts within one bow: where each landed first, how it was corrected, and what was heard on the way. */
export function ShiftTable({ plan, arrivals }: ShiftTableProps) {
  const tell = tellNotesOfPlan(plan);
  return (
    <>
      <Table>
        <TableHead columns={SHIFTS_TAKEN.columns} />
        <tbody>
          {arrivals.map((arrival) => (
            <tr key={`${arrival.note} ${arrival.heard.firstCents}`}>
              <td>{noteAtText(tell(arrival.note), arrival.note)}</td>
              <td>{shiftWayText(arrival.shift)}</td>
              <td>{landingText(arrival)}</td>
              <td>{slideText(arrival)}</td>
              <td>{guideHeardText(arrival)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      <p className="mt-1 text-sm text-dove-dark">{SHIFTS_TAKEN.note}</p>
    </>
  );
}
