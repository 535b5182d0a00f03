import { type Instrument, stringOf } from '#core/instrument';
import { type Intonation, targetOn } from '#core/intonation';
import type { KeyPlace } from '#core/intonation/checks';
import { displayPitch, noteLabel } from '#core/pitch';
import { Heading } from '../../ui/Heading.tsx';
import { Table } from '../../ui/Table.tsx';
import { centsText, exactMmText, hzText, signedMmText } from '../../words/intonation/intonation.ts';

interface KeyTableProps {
  readonly instrument: Instrument;
  readonly places: readonly KeyPlace[];
  /** The system with which they are compared; null for none. */
  readonly against: Intonation | null;
}

/** Lists the notes of a key in figures, string by string: the same as the drawing, for a screen reader and for the ruler. */
export function KeyTable({ instrument, places, against }: KeyTableProps) {
  return (
    <details className="mt-3">
      <Heading as="summary">Table of the notes of the key</Heading>
      <Table className="mt-1 max-w-4xl">
        <caption className="sr-only">Notes of the key on every string</caption>
        <thead>
          <tr>
            <th scope="col">String</th>
            <th scope="col">Note (sounding)</th>
            <th scope="col">From the nut</th>
            <th scope="col">From equal</th>
            <th scope="col">Sounds</th>
            {against && <th scope="col">The other system</th>}
            <th scope="col">Rings</th>
          </tr>
        </thead>
        <tbody>
          {places.map((place) => (
            <tr key={`${place.stringIndex} ${place.semitonesAboveOpen}`}>
              <td>{noteLabel(stringOf(instrument, place.stringIndex).name)}</td>
              <td>{displayPitch(place.pitch)}</td>
              <td>{exactMmText(place.target.mmFromNut)}</td>
              <td>{centsText(place.target.cents)}</td>
              <td>{hzText(place.target.hz)}</td>
              {against && <td>{place.semitonesAboveOpen === 0 ? 'as it is tuned' : otherText(instrument, place, against)}</td>}
              <td>{place.rings ? 'rings' : ''}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </details>
  );
}

function otherText(instrument: Instrument, place: KeyPlace, against: Intonation): string {
  const there = targetOn(instrument, place.stringIndex, place.pitch, against);
  return `${signedMmText(there.mmFromNut - place.target.mmFromNut)}, ${centsText(there.cents - place.target.cents)}`;
}
