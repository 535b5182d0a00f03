import { dequal } from 'dequal';
import type { DocumentOf, SessionDocument, StagesDocument } from '#core/documents';
import { listText } from '#core/messages';
import { type PracticeItem, practisedKey } from '#core/practice/item';
import { STAGES } from '#core/drill/apart';
import { goesBackText } from '../kept/versions.ts';
import { STAGE_WORDS, STATE_WORDS } from '../drills/stages.ts';
import { dayText } from './record.ts';
import { itemText } from './session.ts';
import { DAY_ORDER_WORDS, SERVES_WORDS, shortDayText, WEEKDAYS } from './week.ts';

type WeekDocument = DocumentOf<'week'>;

/** Writes the effect of bringing back an earlier plan of weeks. */
export function weekVersionText(now: WeekDocument, was: WeekDocument): string {
  return goesBackText(dequal(now, was), [
    ...itemChanges(
      now.items.map(({ item }) => item),
      was.items.map(({ item }) => item),
    ),
    ...was.minutes.flatMap((minutes, day) => (minutes === now.minutes[day] ? [] : [`${WEEKDAYS[day]} ${minutes} min`])),
    ...missing(was.daysOff, now.daysOff).map((day) => `${shortDayText(day)} off`),
    ...missing(now.daysOff, was.daysOff).map((day) => `${shortDayText(day)} not off`),
    ...(dequal(now.goal, was.goal) ? [] : [goalText(was.goal)]),
    ...(now.order === was.order ? [] : [DAY_ORDER_WORDS[was.order]]),
    ...(now.serves === was.serves ? [] : [SERVES_WORDS[was.serves]]),
  ]);
}

/** Writes the effect of bringing back an earlier version of a session. */
export function sessionVersionText(now: SessionDocument, was: SessionDocument): string {
  return goesBackText(dequal(now, was), [
    ...(now.name === was.name ? [] : [was.name === '' ? 'no aim' : `the aim “${was.name}”`]),
    ...(now.day === was.day ? [] : [dayText(was.day)]),
    ...itemChanges(now.items, was.items),
    ...(now.endCheck === was.endCheck ? [] : [was.endCheck === '' ? 'no check at the end' : `the check “${was.endCheck}”`]),
  ]);
}

/** Writes the effect of bringing back earlier stages on one of the shifts, by the name of its class. */
export function stagesVersionText(shift: string, now: StagesDocument, was: StagesDocument): string {
  const [isNow, wasThen] = [statesOf(now, shift), statesOf(was, shift)];
  const changes = STAGES.flatMap((stage) =>
    isNow.get(stage) === wasThen.get(stage) ? [] : [`${STAGE_WORDS[stage].name}: ${STATE_WORDS[wasThen.get(stage) ?? 'not-yet']}`],
  );
  return goesBackText(dequal(now.shifts, was.shifts), changes.length === 0 ? ['other shifts'] : changes);
}

function statesOf({ shifts }: StagesDocument, shift: string) {
  return new Map(shifts.find((known) => known.shift === shift)?.states.map(({ stage, state }) => [stage, state]));
}

/** Lists items that come back, those that go, and those that were different. */
function itemChanges(now: readonly PracticeItem[], was: readonly PracticeItem[]): readonly string[] {
  const there = new Map(now.map((item) => [practisedKey(item.practised), item]));
  const then = new Map(was.map((item) => [practisedKey(item.practised), item]));
  const back = was.filter(({ practised }) => !there.has(practisedKey(practised)));
  const gone = now.filter(({ practised }) => !then.has(practisedKey(practised)));
  const otherwise = was.filter((item) => {
    const here = there.get(practisedKey(item.practised));
    return here !== undefined && !dequal(here, item);
  });
  return [...nameItems('with', back), ...nameItems('without', gone), ...nameItems('otherwise:', otherwise)];
}

/** The number of items that are named. */
const MOST_NAMED = 3;

function nameItems(how: string, items: readonly PracticeItem[]): readonly string[] {
  if (items.length === 0) return [];
  const names = items.slice(0, MOST_NAMED).map(({ practised }) => `“${itemText(practised)}”`);
  const more = items.length - names.length;
  return [`${how} ${listText([...names, ...(more > 0 ? [`${more} more`] : [])])}`];
}

function goalText(goal: WeekDocument['goal']): string {
  return goal === null ? 'no date' : `until ${shortDayText(goal.day)}${goal.name === '' ? '' : `, “${goal.name}”`}`;
}

function missing(some: readonly string[], others: readonly string[]): readonly string[] {
  return some.filter((text) => !others.includes(text));
}
