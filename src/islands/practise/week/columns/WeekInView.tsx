import { practisedKey, type PracticeItem } from '#core/practice/item';
import { DAYS_A_WEEK } from '#core/calendar';
import type { DaysPlanned, KnownOfItems, PlannedDay, PlannedItem, WeekAsked } from '#core/week';
import { useTellNote } from '../../../../state/note-places.ts';
import { Button } from '../../../../ui/Button.tsx';
import { itemText } from '../../../../words/practice/session.ts';
import { goalText, movedToDayText, plannedReasonText, WEEK_WORDS } from '../../../../words/practice/week.ts';
import { DayChoice, itemOf, moveTo } from '../DayChoice.tsx';
import { DaysToDate } from './DaysToDate.tsx';
import type { Why } from './WeekBlock.tsx';
import { WeekColumns } from './WeekColumns.tsx';

interface WeekInViewProps {
  readonly planned: DaysPlanned;
  readonly asked: WeekAsked;
  readonly known: KnownOfItems;
  /** The date of today: "2026-03-09". */
  readonly today: string;
  /** The number of the week shown, from 0. */
  readonly week: number;
  readonly weeks: number;
  readonly days: readonly PlannedDay[];
  readonly onWeek: (week: number) => void;
  /** Changes the items, with the words for it: it can be undone. */
  readonly onMove: (items: WeekAsked['items'], words: string) => void;
}

/** Shows a week as seven columns, above it all days to the date. */
export function WeekInView({ planned, asked, known, today, week, weeks, days, onWeek, onMove }: WeekInViewProps) {
  const tell = useTellNote();
  const goal = asked.goal && asked.goal.day >= today ? asked.goal : null;
  const nameOf = (item: PracticeItem | null): string => (item ? itemText(item.practised, tell) : '');
  const move = (key: string, day: string): void => onMove(moveTo(asked, key, day), movedToDayText(nameOf(itemOf(asked, key)), day));
  const why: Why = (placed, day) => {
    const item = itemOf(asked, placed.key);
    return (
      item && {
        practised: item.practised,
        minutes: item.minutes,
        said: <Said name={nameOf(item)} item={item} placed={placed} day={day} {...{ planned, asked, known, onMove }} />,
      }
    );
  };
  return (
    <section aria-label="The week in columns" className="no-print mt-2">
      <div className="flex flex-wrap items-end gap-x-3 gap-y-1">
        {weeks > 1 && (
          <div className="flex items-center gap-2">
            <Button disabled={week === 0} onClick={() => onWeek(week - 1)}>
              The week before
            </Button>
            <span className="text-[14px] text-dove-dark">
              Week {week + 1} of {weeks}
            </span>
            <Button disabled={week + 1 >= weeks} onClick={() => onWeek(week + 1)}>
              The week after
            </Button>
          </div>
        )}
        {weeks > 1 && (
          <DaysToDate days={planned.days} shown={[week * DAYS_A_WEEK, week * DAYS_A_WEEK + days.length - 1]} goal={goal?.day ?? null} />
        )}
        {goal && <p className="font-serif text-[17px]">{goalText(goal, today)}</p>}
      </div>
      <WeekColumns
        days={days}
        items={asked.items.map(({ item }) => item)}
        why={why}
        goal={goal?.day ?? null}
        nameOf={(key) => nameOf(itemOf(asked, key))}
        onMove={move}
      />
      <p className="mt-1 text-[14px] text-dove-dark">{WEEK_WORDS.legend}</p>
    </section>
  );
}

interface SaidProps extends Pick<WeekInViewProps, 'planned' | 'asked' | 'known' | 'onMove'> {
  readonly name: string;
  readonly item: PracticeItem;
  readonly placed: PlannedItem;
  readonly day: string;
}

/** Says why an item stands on its day, and moves it. */
function Said({ name, item, placed, day, planned, asked, known, onMove }: SaidProps) {
  const standing = known.standing.get(practisedKey(item.practised));
  return (
    <>
      <p className="font-semibold">{name}</p>
      <p className="mb-2">
        {item.minutes} min, {plannedReasonText(placed, standing, asked.goal?.name ?? '')}
      </p>
      {standing?.hurt === true && <p className="mb-2 text-ochre">{WEEK_WORDS.hurt}</p>}
      {placed.reason !== 'again' && (
        <DayChoice
          name={name}
          placed={placed}
          day={day}
          planned={planned}
          asked={asked}
          onChange={({ items }) => onMove(items, `${name} is moved.`)}
        />
      )}
    </>
  );
}
