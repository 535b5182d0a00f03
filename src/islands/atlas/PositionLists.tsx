import { type MappedString, type PositionMap, stepsToTonic } from '#core/atlas';
import type { School } from '#core/brief/parts/school';
import { parseKey } from '#core/key';
import { displayPitchClass, noteLabel, parsePitch, semitonesOf } from '#core/pitch';
import { Table } from '../../ui/Table.tsx';
import { acrossText, fingersText, isTritone, mappedPatternText, stepsText, toTonicText, wayInText } from '../../words/names/atlas.ts';

interface StringsTableProps {
  readonly map: PositionMap;
  /** The key, documents' form. */
  readonly musicKey: string;
  readonly school: School;
}

/** Writes the steps from an open string to the tonic. */
function toTonicOf({ open }: MappedString, musicKey: string): string {
  const [key, pitch] = [parseKey(musicKey), parsePitch(open)];
  return key.ok && pitch.ok ? toTonicText(stepsToTonic(semitonesOf(pitch.value), key.value), displayPitchClass(key.value.tonic)) : '';
}

/** Lists the notes under the hand, from the lowest string up: fingers and notes, fingers that touch, the way to the tonic, and the way in. */
export function StringsTable({ map, musicKey, school }: StringsTableProps) {
  return (
    <Table className="mt-1">
      <caption className="sr-only">What lies under the hand</caption>
      <thead>
        <tr>
          <th scope="col">String</th>
          <th scope="col">Fingers and notes</th>
          <th scope="col">From finger to finger</th>
          <th scope="col">What touches</th>
          <th scope="col">From the open string to the tonic</th>
          <th scope="col">The way in</th>
        </tr>
      </thead>
      <tbody>
        {map.strings.toReversed().map((string) => {
          const way = map.waysIn.find(({ stringIndex }) => stringIndex === string.stringIndex);
          return (
            <tr key={string.stringIndex}>
              <th scope="row">
                {noteLabel(string.open)} {string.openInKey ? '' : '(not in the key)'}
              </th>
              <td>{fingersText(string)}</td>
              <td>{stepsText(string)}</td>
              <td>{mappedPatternText(string, school)}</td>
              <td>{toTonicOf(string, musicKey)}</td>
              <td>{way && wayInText(way, string.open)}</td>
            </tr>
          );
        })}
      </tbody>
    </Table>
  );
}

/** Lists each finger from string to string; the tritone under one finger stands out. */
export function AcrossList({ map: { across, strings } }: { readonly map: PositionMap }) {
  return (
    <ul className="mt-1 columns-2 text-[14px] leading-[1.7]">
      {across.map((finger) => (
        <li key={`${finger.finger} ${finger.fromString}`} className={isTritone(finger) ? 'font-semibold text-madder' : ''}>
          {acrossText(finger, strings)}
        </li>
      ))}
    </ul>
  );
}
