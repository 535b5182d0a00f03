import type { PositionMap } from '#core/atlas';
import type { School } from '#core/brief/parts/school';
import { noteLabel } from '#core/pitch';
import { Table } from '../../ui/Table.tsx';
import { acrossText, fingersText, isTritone, mappedPatternText, stepsText, wayInText } from '../../words/names/atlas.ts';

/** Lists the notes under the hand, from the lowest string up: fingers and notes, fingers that touch, and the way in. */
export function StringsTable({ map, school }: { readonly map: PositionMap; readonly school: School }) {
  return (
    <Table className="mt-1">
      <caption className="sr-only">What lies under the hand</caption>
      <thead>
        <tr>
          <th scope="col">String</th>
          <th scope="col">Fingers and notes</th>
          <th scope="col">From finger to finger</th>
          <th scope="col">What touches</th>
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
