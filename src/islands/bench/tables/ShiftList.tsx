import { positionWords } from '#core/messages';
import type { Plan, Shift } from '#core/plan/describe';
import { Heading } from '../../../ui/Heading.tsx';
import { Figure } from '../../../ui/Figure.tsx';
import { Table } from '../../../ui/Table.tsx';
import { speedDerivation, travelDerivation } from '../../../words/explain/derivations.ts';
import { mmText, movementText, shiftMoment, shiftSpeed } from '../../../words/plan-words.ts';
import { NoteButton } from './NoteButton.tsx';

/** Lists every shift of the plan in one row: the notes, the distance of the hand and that of the notes. */
export function ShiftList({ plan }: { readonly plan: Plan }) {
  return (
    <section aria-label="Shifts" className="mt-2">
      <Heading>{plan.shifts.length === 0 ? 'No shifts: the hand stays in one position.' : countWords(plan.shifts.length)}</Heading>
      {plan.shifts.length > 0 && (
        <div className="max-h-56 overflow-auto" tabIndex={0} role="group" aria-label="Table of shifts">
          <Table className="mt-1">
            <thead>
              <tr>
                <th scope="col">From</th>
                <th scope="col">To</th>
                <th scope="col">From finger, position</th>
                <th scope="col">To finger, position</th>
                <th scope="col">Hand</th>
                <th scope="col">Notes</th>
                <th scope="col">When</th>
              </tr>
            </thead>
            <tbody>
              {plan.shifts.map((shift) => (
                <ShiftRow key={shift.to} plan={plan} shift={shift} />
              ))}
            </tbody>
          </Table>
        </div>
      )}
    </section>
  );
}

function ShiftRow({ plan, shift }: { readonly plan: Plan; readonly shift: Shift }) {
  const speed = shiftSpeed(shift);
  return (
    <tr>
      <td>
        <NoteButton plan={plan} index={shift.before} />
      </td>
      <td>
        <NoteButton plan={plan} index={shift.to} />
      </td>
      <td>
        {shift.fromFinger} on {shift.fromString}, {positionWords(shift.fromPosition)}
      </td>
      <td>
        {shift.toFinger} on {shift.toString}, {positionWords(shift.toPosition)}
      </td>
      <td>
        {movementText(shift.handSemitones)}, <Figure how={travelDerivation(shift)}>{mmText(shift.handMm)}</Figure>
        {speed !== null && (
          <>
            , <Figure how={speedDerivation(shift)}>{Math.round(speed)} mm/s</Figure>
          </>
        )}
      </td>
      <td>{movementText(shift.noteSemitones)}</td>
      <td>{shiftMoment(shift)}</td>
    </tr>
  );
}

function countWords(count: number): string {
  return count === 1 ? 'One shift' : `${count} shifts`;
}
