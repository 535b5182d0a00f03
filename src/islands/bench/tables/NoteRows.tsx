import type { AboutPath } from '#core/explain';
import { positionWords } from '#core/messages';
import { noteLabel } from '#core/pitch';
import type { Plan, PlannedNote } from '#core/plan/describe';
import { select } from '../../../state/selection.ts';
import { PageButtons, usePager } from '../../../ui/Pager.tsx';
import { Table } from '../../../ui/Table.tsx';
import { mmText, placeText, reachText, soundText } from '../../../words/plan-words.ts';

interface NoteRowsProps {
  readonly plan: Plan;
  /** What rings with an open string. */
  readonly ringing: AboutPath['ringing'];
}

/** The same as staff and path in a table, a page at a time: for a screen reader, and for whoever prefers figures. */
export function NoteRows({ plan, ringing }: NoteRowsProps) {
  const pager = usePager(plan.notes.length);
  const { from, to } = pager;
  return (
    <>
      <Table className="mt-1">
        <caption className="sr-only">Notes of the line with string, finger, position and place</caption>
        <thead>
          <tr>
            <th scope="col">No.</th>
            <th scope="col">Note</th>
            <th scope="col">String</th>
            <th scope="col">Finger</th>
            <th scope="col">Position</th>
            <th scope="col">mm from the nut</th>
            <th scope="col">Semitones above open</th>
            <th scope="col">Reach</th>
            <th scope="col">Rings</th>
          </tr>
        </thead>
        <tbody>
          {plan.notes.slice(from, to).map((note, index) => (
            <NoteRow key={from + index} index={from + index} note={note} rings={ringing.has(from + index)} />
          ))}
        </tbody>
      </Table>
      <PageButtons pager={pager} />
    </>
  );
}

function NoteRow({ index, note, rings }: { readonly index: number; readonly note: PlannedNote; readonly rings: boolean }) {
  if (note.kind === 'rest') {
    return (
      <tr>
        <td>{index + 1}</td>
        <td colSpan={8}>rest</td>
      </tr>
    );
  }
  const place = placeText(note);
  return (
    <tr>
      <td>{index + 1}</td>
      <td>
        <button type="button" className="underline" onClick={() => select(index)}>
          {soundText(note)}
        </button>
      </td>
      <td>{note.stops.map((each) => `${each.string} (${noteLabel(each.open)})`).join(', ')}</td>
      <td>
        {note.stops.map((each) => each.finger).join(' and ')}
        {place === '' || place === 'open' ? '' : ` ${place}`}
        {note.locked ? ', locked' : ''}
      </td>
      <td>{positionWords(note.position)}</td>
      <td>{note.stops.map((each) => mmText(each.mmFromNut)).join(', ')}</td>
      <td>{note.stops.map((each) => each.semitonesAboveOpen).join(', ')}</td>
      <td>{note.reach && note.reach.needMm > 0 ? reachText(note.reach) : ''}</td>
      <td>{rings ? 'rings' : ''}</td>
    </tr>
  );
}
