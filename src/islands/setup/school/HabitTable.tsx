import type { Ways } from '#core/brief/parts/school';
import type { Habit } from '#core/habits';
import { Button } from '../../../ui/Button.tsx';
import { Table } from '../../../ui/Table.tsx';
import { evidenceText, HABITS, habitLabel, shownPlaces, sureText } from '../../../words/studio/habits.ts';

interface HabitTableProps {
  readonly habits: readonly Habit[];
  /** The titles of the pieces, by their ids. */
  readonly titles: ReadonlyMap<string, string>;
  readonly ways: Ways;
  readonly onAdopt: (habit: Habit) => void;
  readonly onTakeBack: (habit: Habit) => void;
}

/** The number of pieces that are named for a habit. */
const MOST_NAMED = 4;

/** Lists the habits that fingerings show: the evidence, where it stands, how sure it is, and whether the school has it. */
export function HabitTable({ habits, titles, ways, onAdopt, onTakeBack }: HabitTableProps) {
  return (
    <Table>
      <thead>
        <tr>
          {HABITS.columns.map((name) => (
            <th key={name} scope="col">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {habits.map((habit) => (
          <tr key={habit.question}>
            <th scope="row">{habitLabel(habit)}</th>
            <td>{evidenceText(habit)}</td>
            <td>
              <PlacesShown habit={habit} titles={titles} />
            </td>
            <td>{sureText(habit)}</td>
            <td>
              {ways[habit.question] === habit.side ? (
                <Button onClick={() => onTakeBack(habit)}>{HABITS.takeBack}</Button>
              ) : (
                <Button aria-label={`${HABITS.adopt}: ${habitLabel(habit)}`} onClick={() => onAdopt(habit)}>
                  {HABITS.adopt}
                </Button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

function PlacesShown({ habit, titles }: { readonly habit: Habit } & Pick<HabitTableProps, 'titles'>) {
  const places = shownPlaces(habit);
  const more = places.length - MOST_NAMED;
  return (
    <>
      {places.slice(0, MOST_NAMED).map(({ line, from }, order) => (
        <span key={line}>
          {order > 0 && ', '}
          <a className="underline" href={`/?piece=${line}`}>
            {titles.get(line) ?? ''}
          </a>
          , note {from + 1}
        </span>
      ))}
      {more > 0 && ` and ${more} more`}
    </>
  );
}
