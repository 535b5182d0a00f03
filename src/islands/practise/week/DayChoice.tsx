import { type PracticeItem, practisedKey } from '#core/practice/item';
import type { DaysPlanned, PlannedItem, WeekAsked } from '#core/week';
import { SelectField } from '../../../ui/fields/index.ts';
import { shortDayText } from '../../../words/practice/week.ts';

interface DayChoiceProps {
  readonly name: string;
  readonly placed: PlannedItem;
  readonly day: string;
  readonly planned: DaysPlanned;
  readonly asked: WeekAsked;
  readonly onChange: (fields: Pick<WeekAsked, 'items'>) => void;
}

/** Chooses the day of something in the week: where it fits, or one by hand. */
export function DayChoice({ name, placed, day, planned, asked, onChange }: DayChoiceProps) {
  return (
    <SelectField
      aria-label={`Day of ${name}`}
      className="no-print text-[14px]"
      value={placed.reason === 'moved' ? day : FREE}
      options={movesFrom(planned, day)}
      onChoose={(chosen) => onChange({ items: moveTo(asked, placed.key, chosen === FREE ? null : chosen) })}
    />
  );
}

const FREE = 'free';

/** The number of days ahead to which something can be moved by hand. */
const DAYS_AHEAD = 14;

function movesFrom({ days }: DaysPlanned, day: string) {
  const near = days.filter(({ day: known }, order) => order < DAYS_AHEAD || known === day);
  return [
    { value: FREE, name: 'where it fits' },
    ...near.map((plannedDay) => ({ value: plannedDay.day, name: shortDayText(plannedDay.day) })),
  ];
}

/** Gives the items with one of them, by its key, moved to a day; null where it fits. */
export function moveTo({ items }: WeekAsked, key: string, day: string | null): WeekAsked['items'] {
  return items.map((item) => (practisedKey(item.item.practised) === key ? { ...item, movedTo: day } : item));
}

/** Finds an item of a week by its key. */
export function itemOf({ items }: WeekAsked, key: string): PracticeItem | null {
  return items.find(({ item }) => practisedKey(item.practised) === key)?.item ?? null;
}
