import { Fragment } from 'react';
import type { AboutPath } from '#core/drill/hot-spots';
import { listText, positionWords } from '#core/messages';
import { noteLabel } from '#core/pitch';
import type { Plan, PlannedNote, Stop } from '#core/plan/describe';
import { select } from '../../../state/selection.ts';
import { Figure } from '../../../ui/Figure.tsx';
import { PageButtons, usePager } from '../../../ui/Pager.tsx';
import { Table } from '../../../ui/Table.tsx';
import { placeDerivation, reachDerivation, semitonesDerivation } from '../../../words/explain/derivations.ts';
import { mmText, fingerPlaceText, reachText, soundText } from '../../../words/plan-words.ts';

interface NoteRowsProps {
  readonly plan: Plan;
  /** The stops that ring with an open string. */
  readonly ringing: AboutPath['ringing'];
}

/** Shows staff and path as a table, a page at a time: for a screen reader, and for readers who prefer figures. */
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
            <NoteRow key={from + index} index={from + index} note={note} rings={ringing.has(from + index)} lengthMm={plan.stringLengthMm} />
          ))}
        </tbody>
      </Table>
      <PageButtons pager={pager} />
    </>
  );
}

interface NoteRowProps {
  readonly index: number;
  readonly note: PlannedNote;
  readonly rings: boolean;
  /** The string length from nut to bridge, mm. */
  readonly lengthMm: number;
}

function NoteRow({ index, note, rings, lengthMm }: NoteRowProps) {
  if (note.kind === 'rest') {
    return (
      <tr>
        <td>{index + 1}</td>
        <td colSpan={8}>rest</td>
      </tr>
    );
  }
  const place = fingerPlaceText(note);
  return (
    <tr>
      <td>{index + 1}</td>
      <td>
        <button type="button" className="underline" onClick={() => select(index)}>
          {soundText(note)}
        </button>
      </td>
      <td>{note.stops.map((stop) => `${stop.string} (${noteLabel(stop.open)})`).join(', ')}</td>
      <td>
        {listText(note.stops.map((stop) => stop.finger))}
        {place === '' || place === 'open' ? '' : ` ${place}`}
        {note.locked ? ', locked' : ''}
      </td>
      <td>{positionWords(note.position)}</td>
      <td>
        <EachStop
          stops={note.stops}
          told={(stop) => mmText(stop.mmFromNut)}
          how={(stop) => placeDerivation(stop.semitonesAboveOpen, lengthMm)}
        />
      </td>
      <td>
        <EachStop stops={note.stops} told={(stop) => String(stop.semitonesAboveOpen)} how={semitonesDerivation} />
      </td>
      <td>{note.reach && note.reach.needMm > 0 && <Figure how={reachDerivation(note.reach, lengthMm)}>{reachText(note.reach)}</Figure>}</td>
      <td>{rings ? 'rings' : ''}</td>
    </tr>
  );
}

interface EachStopProps {
  readonly stops: readonly Stop[];
  readonly told: (stop: Stop) => string;
  readonly how: (stop: Stop) => string;
}

/** Shows a number of each note of a double stop, each explained on asking. */
function EachStop({ stops, told, how }: EachStopProps) {
  return stops.map((stop, index) => (
    <Fragment key={stop.string}>
      {index > 0 && ', '}
      <Figure how={how(stop)}>{told(stop)}</Figure>
    </Fragment>
  ));
}
