import { useState } from 'react';
import type { Plan, PlannedNote } from '#core/plan';
import { positionWords } from '#core/words';
import { select } from '../../store/bench-actions.ts';
import { noteLabel } from '../../words/labels.ts';
import { mmText, placeText, soundText } from '../../words/plan-words.ts';

/** Rows shown at once: enough for any scale, few enough for a long line. */
const PAGE = 200;

/** Every note in a row, a page at a time. */
export function NoteRows({ plan }: { readonly plan: Plan }) {
  const [page, setPage] = useState(0);
  const pages = Math.ceil(plan.notes.length / PAGE);
  const from = Math.min(page, pages - 1) * PAGE;
  return (
    <>
      <table className="plain-table mt-1">
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
          </tr>
        </thead>
        <tbody>
          {plan.notes.slice(from, from + PAGE).map((note, index) => (
            <NoteRow key={from + index} index={from + index} note={note} />
          ))}
        </tbody>
      </table>
      {pages > 1 && (
        <p className="mt-2 flex items-center gap-3">
          <button type="button" className="quiet-button" disabled={from === 0} onClick={() => setPage(page - 1)}>
            Earlier notes
          </button>
          {from + 1} to {Math.min(plan.notes.length, from + PAGE)} of {plan.notes.length}
          <button type="button" className="quiet-button" disabled={from + PAGE >= plan.notes.length} onClick={() => setPage(page + 1)}>
            Later notes
          </button>
        </p>
      )}
    </>
  );
}

function NoteRow({ index, note }: { readonly index: number; readonly note: PlannedNote }) {
  if (note.kind === 'rest') {
    return (
      <tr>
        <td>{index + 1}</td>
        <td colSpan={6}>rest</td>
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
        {note.locked ? ', fixed' : ''}
      </td>
      <td>{positionWords(note.position)}</td>
      <td>{note.stops.map((each) => mmText(each.mmFromNut)).join(', ')}</td>
      <td>{note.stops.map((each) => each.semitonesAboveOpen).join(', ')}</td>
    </tr>
  );
}
