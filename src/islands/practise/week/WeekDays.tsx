import type { DaysPlanned, KnownOfItems, PlannedDay, PlannedItem, WeekAsked } from '#core/week';
import { Heading } from '../../../ui/Heading.tsx';
import { dayInWeekText, laterText, minutesText, plannedReasonText, roomText, WEEK_WORDS } from '../../../words/practice/week.ts';
import { useTellNote } from '../../../state/note-places.ts';
import { itemText } from '../../../words/practice/session.ts';
import { DayChoice, itemOf } from './DayChoice.tsx';

interface WeekDaysProps {
  readonly planned: DaysPlanned;
  /** The days that are shown. */
  readonly days: readonly PlannedDay[];
  readonly asked: WeekAsked;
  readonly known: KnownOfItems;
  /** The name of the date. */
  readonly goal: string;
  readonly onChange: (fields: Partial<WeekAsked>) => void;
}

/** Shows the days one after the other; the things that do not fit, and those that come later. */
export function WeekDays(props: WeekDaysProps) {
  const { asked, days } = props;
  if (asked.items.length === 0) return <p className="mt-4">{WEEK_WORDS.nothing}</p>;
  return (
    <section aria-label="The days" className="mt-3 min-w-0">
      {days.map((day) => (
        <Day key={day.day} day={day} {...props} />
      ))}
      <Left {...props} />
      <p className="no-print mt-2 max-w-[75ch] text-[14px] text-dove-dark">{WEEK_WORDS.rule}</p>
    </section>
  );
}

function Day({ day: { day, minutes, taken, items }, ...props }: WeekDaysProps & { readonly day: PlannedDay }) {
  const isGoal = props.asked.goal?.day === day;
  return (
    <article aria-label={dayInWeekText(day)} className="grid gap-x-4 border-b border-line py-1.5 sm:grid-cols-[9.5rem_1fr]">
      <div>
        <Heading as="h2">{dayInWeekText(day)}</Heading>
        <p className={`text-[14px] ${taken > minutes ? 'text-ochre' : 'text-dove-dark'}`}>{minutesText(taken, minutes)}</p>
        {isGoal && <p className="text-[14px] font-semibold">{props.goal || 'The date'}</p>}
      </div>
      <ul>
        {items.map((item) => (
          <Item key={item.key} placed={item} day={day} {...props} />
        ))}
      </ul>
    </article>
  );
}

interface ItemProps extends WeekDaysProps {
  readonly placed: PlannedItem;
  readonly day: string;
}

/** Shows an item in its day: its part, its time, the reason, and the way to another day. */
function Item({ placed, day, planned, asked, known, goal, onChange }: ItemProps) {
  const item = itemOf(asked, placed.key);
  const standing = known.standing.get(placed.key);
  const tell = useTellNote();
  if (!item) return null;
  return (
    <li className="grid items-baseline gap-x-3 py-0.5 sm:grid-cols-[minmax(0,1fr)_auto]">
      <span>
        <strong>{itemText(item.practised, tell)}</strong>, {item.minutes} min{' '}
        <span className="text-[14px] text-dove-dark">{plannedReasonText(placed, standing, goal)}</span>
        {standing?.hurt === true && <span className="block text-[14px] text-ochre">{WEEK_WORDS.hurt}</span>}
      </span>
      {placed.reason !== 'again' && (
        <DayChoice name={itemText(item.practised, tell)} placed={placed} day={day} planned={planned} asked={asked} onChange={onChange} />
      )}
    </li>
  );
}

/** Lists the things that have no place in these days, and what would help. */
function Left({ planned: { left, later }, asked }: WeekDaysProps) {
  const tell = useTellNote();
  const nameOf = (key: string | null): string | null => {
    const item = key === null ? null : itemOf(asked, key);
    return item ? itemText(item.practised, tell) : null;
  };
  return (
    <>
      {left.length > 0 && (
        <section aria-label="Does not fit" className="mt-3">
          <Heading as="h2">Does not fit</Heading>
          <ul>
            {left.map((item) => (
              <li key={item.id}>
                <strong>{nameOf(item.id)}</strong>: {roomText(item, nameOf(item.instead))}.
              </li>
            ))}
          </ul>
        </section>
      )}
      {later.length > 0 && (
        <section aria-label="Later" className="mt-3">
          <Heading as="h2">Later</Heading>
          <ul>
            {later.map(({ key, day }) => (
              <li key={key}>
                {nameOf(key)} <span className="text-[14px] text-dove-dark">{laterText(day)}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
