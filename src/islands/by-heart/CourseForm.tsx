import { ArrowDown, ArrowUp } from '../../ui/icons.ts';
import { dequal } from 'dequal';
import { useState } from 'react';
import { type FadingCourse, type Help, HELPS } from '#core/practice/fading';
import { fieldsTypedBefore, useTyped } from '../../state/typed.ts';
import { Button } from '../../ui/Button.tsx';
import { SelectField } from '../../ui/fields/index.ts';
import { FADING_WORDS, HELP_WORDS } from '../../words/practice/fading.ts';

interface CourseFormProps {
  readonly course: FadingCourse;
  /** The id of the player; null for nobody of the studio. */
  readonly playerId: string | null;
  readonly onSet: (course: FadingCourse) => void;
}

const COUNTS = [1, 2, 3, 4, 5].map((count) => ({ value: count, name: String(count) }));

/** Edits the course of a player: the helps, the order in which they go, and the numbers of sets. */
export function CourseForm({ course, playerId, onSet }: CourseFormProps) {
  const place = `course-${playerId ?? 'nobody'}`;
  const [next, setNext] = useState(() => fieldsTypedBefore(place, course));
  // The course while it is changed: a page that is closed before it is set has it still when it is opened again.
  useTyped(place, next, dequal(next, course));
  return (
    <div className="mt-1 text-[15px]">
      <p>They go one after the other, from the top:</p>
      <Order course={next} onChange={setNext} />
      <p className="mt-2 flex flex-wrap items-center gap-2">
        One goes after
        <SelectField
          aria-label="Clean sets in a row"
          value={next.clean}
          options={COUNTS}
          onChoose={(clean) => setNext({ ...next, clean })}
        />
        clean sets in a row, and comes back after
        <SelectField
          aria-label="Failed sets in a row"
          value={next.failed}
          options={COUNTS}
          onChoose={(failed) => setNext({ ...next, failed })}
        />
        failed ones.
      </p>
      <Button className="mt-2" onClick={() => onSet(next)}>
        {FADING_WORDS.set}
      </Button>
    </div>
  );
}

interface OrderProps {
  readonly course: FadingCourse;
  readonly onChange: (course: FadingCourse) => void;
}

/** Orders the helps as they go; those that are left out come after them. */
function Order({ course, onChange }: OrderProps) {
  const rows = [...course.helps, ...HELPS.filter((help) => !course.helps.includes(help))];
  const move = (help: Help, by: -1 | 1): void => {
    const at = course.helps.indexOf(help);
    const helps = course.helps.filter((other) => other !== help);
    onChange({ ...course, helps: [...helps.slice(0, at + by), help, ...helps.slice(at + by)] });
  };
  const take = (help: Help, taken: boolean): void => {
    onChange({ ...course, helps: taken ? [...course.helps, help] : course.helps.filter((other) => other !== help) });
  };
  return (
    <ol className="mt-1 w-fit">
      {rows.map((help) => {
        const at = course.helps.indexOf(help);
        return (
          <li key={help} className="flex items-center gap-2 border-b border-line py-1">
            <label className="flex w-64 items-center gap-2">
              <input
                type="checkbox"
                className="size-4 accent-ink"
                checked={at >= 0}
                onChange={(event) => take(help, event.target.checked)}
              />
              {HELP_WORDS[help]}
            </label>
            <Button aria-label={`${HELP_WORDS[help]}: goes earlier`} disabled={at <= 0} onClick={() => move(help, -1)}>
              <ArrowUp size={15} aria-hidden="true" />
            </Button>
            <Button
              aria-label={`${HELP_WORDS[help]}: goes later`}
              disabled={at < 0 || at === course.helps.length - 1}
              onClick={() => move(help, 1)}
            >
              <ArrowDown size={15} aria-hidden="true" />
            </Button>
          </li>
        );
      })}
    </ol>
  );
}
