import { useState } from 'react';
import { MOST_MINUTES, WEEK_ORDERS, WEEK_SERVES, type WeekAsked } from '#core/week';
import { fieldsTypedBefore, useTyped } from '../../../state/typed.ts';
import { Button } from '../../../ui/Button.tsx';
import { LabelledChoice, TextField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { DAY_ORDER_WORDS, SERVES_WORDS, shortDayText, WEEKDAYS } from '../../../words/practice/week.ts';
import { NumberInput } from '../NumberInput.tsx';

interface WeekFormProps {
  readonly asked: WeekAsked;
  /** The id of the player; null for nobody of the studio. */
  readonly playerId: string | null;
  /** Today's date: "2026-03-09". */
  readonly today: string;
  readonly onChange: (fields: Partial<WeekAsked>) => void;
}

/** Edits the wishes from which days are planned: the minutes of each, days off, the date, and how they are filled. */
export function WeekForm({ asked, playerId, today, onChange }: WeekFormProps) {
  const { minutes, order, serves } = asked;
  return (
    <section aria-label="What is planned from" className="mt-3 grid gap-2">
      <fieldset className="flex flex-wrap items-end gap-x-2 gap-y-1">
        <Heading as="legend">Minutes a day</Heading>
        {WEEKDAYS.map((name, weekday) => (
          <NumberInput
            key={name}
            label={name}
            narrow
            value={minutes[weekday] ?? 0}
            least={0}
            most={MOST_MINUTES}
            onChange={(next) => onChange({ minutes: minutes.with(weekday, next) })}
          />
        ))}
      </fieldset>
      <DaysOff asked={asked} playerId={playerId} today={today} onChange={onChange} />
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <Goal asked={asked} playerId={playerId} today={today} onChange={onChange} />
        <LabelledChoice
          label="Plan"
          value={serves}
          among={WEEK_SERVES}
          nameOf={(value) => SERVES_WORDS[value]}
          onChoose={(next) => onChange({ serves: next })}
        />
        <LabelledChoice
          label="On each day"
          value={order}
          among={WEEK_ORDERS}
          nameOf={(value) => DAY_ORDER_WORDS[value]}
          onChoose={(next) => onChange({ order: next })}
        />
      </div>
    </section>
  );
}

/** Edits the days on which nothing is practised. */
function DaysOff({ asked: { daysOff }, playerId, today, onChange }: WeekFormProps) {
  const place = `day-off-${playerId ?? 'nobody'}`;
  const [day, setDay] = useState(() => fieldsTypedBefore(place, { day: '' }).day);
  useTyped(place, { day }, day === '');
  const coming = daysOff.filter((day) => day >= today).toSorted();
  return (
    <div className="flex flex-wrap items-end gap-x-2 gap-y-1">
      <label className="grid gap-0.5 text-[14px]">
        <span className="text-dove-dark">Day off</span>
        <TextField type="date" aria-label="Day off" min={today} value={day} onChange={({ target }) => setDay(target.value)} />
      </label>
      <Button
        disabled={day === '' || daysOff.includes(day)}
        onClick={() => {
          onChange({ daysOff: [...coming, day] });
          setDay('');
        }}
      >
        Add it
      </Button>
      {coming.map((day) => (
        <Button
          key={day}
          aria-label={`Practise on ${shortDayText(day)} after all`}
          onClick={() => onChange({ daysOff: coming.filter((other) => other !== day) })}
        >
          {shortDayText(day)} off ×
        </Button>
      ))}
    </div>
  );
}

/** Edits the date: an audition, a lesson, a recital, before which the things it asks for are covered. */
function Goal({ asked: { goal }, playerId, today, onChange }: WeekFormProps) {
  const place = `goal-${playerId ?? 'nobody'}`;
  const [name, setName] = useState(() => fieldsTypedBefore(place, { name: goal?.name ?? '' }).name);
  // Without its date a name has no place in the week yet.
  useTyped(place, { name }, name === (goal?.name ?? ''));
  const keep = (next: string, day: string): void => onChange({ goal: day === '' ? null : { name: next.slice(0, 80), day } });
  return (
    <>
      <label className="grid gap-0.5 text-[14px]">
        <span className="text-dove-dark">Until when</span>
        <TextField
          type="date"
          aria-label="Until when"
          min={today}
          value={goal?.day ?? ''}
          onChange={({ target }) => keep(name, target.value)}
        />
      </label>
      <label className="grid gap-0.5 text-[14px]">
        <span className="text-dove-dark">What is on that day</span>
        <TextField
          aria-label="What is on that day"
          placeholder="Audition"
          maxLength={80}
          value={name}
          onChange={({ target }) => {
            setName(target.value);
            if (goal) keep(target.value, goal.day);
          }}
        />
      </label>
    </>
  );
}
