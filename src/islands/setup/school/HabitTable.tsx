import type { Piece } from '#core/documents';
import { type Habit, type Leaning, subjectOf } from '#core/habits';
import { Button } from '../../../ui/Button.tsx';
import { Table, TableHead } from '../../../ui/Table.tsx';
import { evidenceText, HABITS, leaningText, habitPlaceText, shownPlaces, sureText } from '../../../words/studio/habits.ts';

interface HabitTableProps {
  readonly habits: readonly Habit[];
  /** The pieces that were read, by their ids. */
  readonly pieces: ReadonlyMap<string, Piece>;
  /** Tells whether the school does so already. */
  readonly isTaught: (leaning: Leaning) => boolean;
  readonly onAdopt: (leaning: Leaning) => void;
  readonly onTakeBack: (leaning: Leaning) => void;
}

/** The number of pieces that are named for a habit. */
const MOST_NAMED = 4;

/** Lists the habits that fingerings show: the evidence, where it stands, how sure it is, and whether the school has it. */
export function HabitTable({ habits, pieces, isTaught, onAdopt, onTakeBack }: HabitTableProps) {
  return (
    <Table>
      <TableHead columns={HABITS.columns} />
      <tbody>
        {habits.map((habit) => (
          <tr key={subjectOf(habit.leaning)}>
            <th scope="row">{leaningText(habit.leaning)}</th>
            <td>{evidenceText(habit)}</td>
            <td>
              <PlacesShown habit={habit} pieces={pieces} />
            </td>
            <td>{sureText(habit)}</td>
            <td>
              {isTaught(habit.leaning) ? (
                <Button onClick={() => onTakeBack(habit.leaning)}>{HABITS.takeBack}</Button>
              ) : (
                <Button aria-label={`${HABITS.adopt}: ${leaningText(habit.leaning)}`} onClick={() => onAdopt(habit.leaning)}>
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

function PlacesShown({ habit, pieces }: { readonly habit: Habit } & Pick<HabitTableProps, 'pieces'>) {
  const places = shownPlaces(habit);
  const more = places.length - MOST_NAMED;
  return (
    <>
      {places.slice(0, MOST_NAMED).map(({ line, from }, order) => (
        <span key={line}>
          {order > 0 && '; '}
          <a className="underline" href={`/?piece=${line}`}>
            {habitPlaceText(pieces.get(line), from)}
          </a>
        </span>
      ))}
      {more > 0 && ` and ${more} more`}
    </>
  );
}
