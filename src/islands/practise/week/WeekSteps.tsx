import { dequal } from 'dequal';
import { useState } from 'react';
import { MOST_IN_SESSION, practisedKey } from '#core/practice/item';
import type { PlannedDay } from '#core/week';
import { readStored, SESSIONS, SET_FOR_PLAYER } from '../../../state/reading/index.ts';
import { keep } from '../../../state/keeping/index.ts';
import type { SessionRecord, WeekRecord } from '../../../records/record.ts';
import { newSession } from '../../../records/new-practice-records.ts';
import { Button, ButtonLink } from '../../../ui/Button.tsx';
import { PageSteps } from '../../../ui/NextSteps.tsx';
import { SheetsLink } from '../../parts/index.ts';

interface WeekStepsProps {
  readonly week: WeekRecord;
  readonly today: PlannedDay | undefined;
}

/** Leads on from a week: today's session, the assignment, the record. */
export function WeekSteps({ week, today }: WeekStepsProps) {
  const [waits, setWaits] = useState(false);
  const ofPlayer = week.playerId === null ? '' : `?player=${week.playerId}`;
  const begin = async (day: PlannedDay): Promise<void> => {
    setWaits(true);
    const session = await sessionOf(week, day);
    const outcome = await keep('session', session, null);
    setWaits(false);
    // The reason is said at the head of the page.
    if (outcome?.ok === false) return;
    location.assign(`/practise${ofPlayer}${ofPlayer === '' ? '?' : '&'}session=${session.id}`);
  };
  return (
    <PageSteps>
      <Button disabled={waits || !today || today.items.length === 0} onClick={() => today && void begin(today)}>
        {'Today’s session'}
      </Button>
      <ButtonLink href={`/practise/assignment${ofPlayer}`}>Give it as an assignment</ButtonLink>
      <Button onClick={() => print()}>Print it</Button>
      <SheetsLink pieces={week.document.items.map(({ item }) => item.practised.piece)}>Print its pieces</SheetsLink>
      <ButtonLink href={`/record${ofPlayer}`}>What was done</ButtonLink>
    </PageSteps>
  );
}

/** Finds the session of a day: the one with just these items, else a new one. */
async function sessionOf({ document, playerId }: WeekRecord, { day, items }: PlannedDay): Promise<SessionRecord> {
  const wanted = items.flatMap(({ key }) => document.items.find(({ item }) => practisedKey(item.practised) === key)?.item ?? []);
  const practised = wanted.slice(0, MOST_IN_SESSION);
  const there = (await readStored(SESSIONS, playerId)).find(
    (session) => session.document.day === day && dequal(session.document.items, practised),
  );
  if (there) return there;
  const { aim } = await readStored(SET_FOR_PLAYER, playerId);
  return newSession({ name: aim ?? '', day, endCheck: '', items: practised }, playerId);
}
