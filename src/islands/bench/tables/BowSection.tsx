import { useMemo } from 'react';
import { bowPlan, type BowPlan, cures, endsWrong } from '#core/bow';
import type { Plan } from '#core/plan/describe';
import { changeBrief, unlockBowing } from '../../../state/edits/index.ts';
import { showUnderStaff, useUnderStaff } from '../../../state/under-staff.ts';
import { Button } from '../../../ui/Button.tsx';
import { CheckField } from '../../../ui/fields/index.ts';
import { Table } from '../../../ui/Table.tsx';
import {
  BOW_PARTS,
  bowChangeText,
  bowCountText,
  bowCureText,
  bowEndsText,
  bowMomentText,
  endsWrongText,
  quickBowsText,
} from '../../../words/line/bow.ts';
import { UNLOCK_BOWING } from '../../../words/line/prescribed.ts';
import { NoteButton } from './NoteButton.tsx';

/**
 * Shows the bow of the line: the bows and notes left over, what would make it come out, and the place of the bow at every shift and
 * crossing.
 */
export function BowSection({ plan }: { readonly plan: Plan }) {
  const bow = useMemo(() => bowPlan(plan), [plan]);
  const under = useUnderStaff();
  return (
    <div className="mt-1 text-[15px]">
      <p>
        {bowCountText(bow.count)}; {bowEndsText(bow)}. {quickBowsText(bow)}
      </p>
      <Cures plan={plan} bow={bow} />
      <p className="mt-2 flex flex-wrap items-center gap-3">
        <CheckField label="Show it on the staff" checked={under.bow} onChange={(on) => showUnderStaff({ bow: on })} />
        {plan.brief.rhythm?.lockedBows && <Button onClick={unlockBowing}>{UNLOCK_BOWING}</Button>}
      </p>
      <Moments plan={plan} bow={bow} />
    </div>
  );
}

interface BowProps {
  readonly plan: Plan;
  readonly bow: BowPlan;
}

function Cures({ plan, bow }: BowProps) {
  const found = useMemo(() => cures(plan.brief), [plan]);
  if (bow.count.asked === null || !endsWrong(bow.bows, bow.count) || found.length === 0) return null;
  return (
    <>
      <p className="mt-2">{endsWrongText(bow)}</p>
      <ul className="mt-1 grid gap-1">
        {found.map(({ steps, brief }) => (
          <li key={steps.join(' ')}>
            <Button onClick={() => changeBrief(() => brief)}>{bowCureText(steps)}</Button>
          </li>
        ))}
      </ul>
    </>
  );
}

function Moments({ plan, bow }: BowProps) {
  if (bow.moments.length === 0) return <p className="mt-2">No shift and no crossing: the bow stays on one string.</p>;
  return (
    <div className="mt-2 max-h-56 overflow-auto" tabIndex={0} role="group" aria-label="Bow at shifts and crossings">
      <Table>
        <thead>
          <tr>
            <th scope="col">Note</th>
            <th scope="col">Shift or crossing</th>
            <th scope="col">Bow</th>
            <th scope="col">Where it is</th>
          </tr>
        </thead>
        <tbody>
          {bow.moments.map((moment) => (
            <tr key={moment.note}>
              <td>
                <NoteButton plan={plan} index={moment.note} />
              </td>
              <td>{bowMomentText(moment)}</td>
              <td>
                {moment.direction}, {bowChangeText(moment)}
              </td>
              <td>{BOW_PARTS[moment.part]}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </div>
  );
}
