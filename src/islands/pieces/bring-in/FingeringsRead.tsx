import { foreignPiece } from '#core/format/foreign';
import type { GivenFingering } from '#core/given';
import type { Brief } from '#core/brief';
import { issuesText } from '#core/messages';
import { useEngine } from '../../../engine/index.ts';
import { Table, TableHead } from '../../../ui/Table.tsx';
import { figuresOf, GIVEN_TABLE } from '../../../words/line/given-table.ts';
import type { ChosenScore } from './chosen-score.ts';

/** Reads the fingerings of several scores, and tells of each in a row how much is fingered, what is doubtful, and how it compares with ours. */
export function FingeringsRead({ scores }: { readonly scores: readonly ChosenScore[] }) {
  return (
    <Table className="mt-1">
      <TableHead columns={GIVEN_TABLE.columns} />
      <tbody>
        {scores.map(({ opened, choice, name }) => {
          const piece =
            opened.reading.ok && choice ? foreignPiece(opened.reading.value.score, { ...choice, fingerings: 'compared' }) : null;
          return piece?.ok ? <Row key={opened.name} name={name} brief={piece.value.brief} /> : null;
        })}
      </tbody>
    </Table>
  );
}

function Row({ name, brief }: { readonly name: string; readonly brief: Brief }) {
  const asked = useEngine(brief, { kind: 'given' });
  const cells =
    asked.state === 'answered'
      ? asked.value?.ok === true
        ? figuresOf(asked.value.value)
        : [reasonAgainst(asked.value)]
      : [GIVEN_TABLE.waiting];
  const left = GIVEN_TABLE.columns.length - 1 - cells.length;
  return (
    <tr>
      <th scope="row">{name}</th>
      {cells.map((cell, order) => (
        <td key={GIVEN_TABLE.columns[order + 1]} colSpan={order === cells.length - 1 ? left + 1 : 1}>
          {cell}
        </td>
      ))}
    </tr>
  );
}

/** Says why a fingering is not told: there is none, or the line cannot be played. */
function reasonAgainst(
  reading:
    | { readonly ok: true; readonly value: GivenFingering }
    | { readonly ok: false; readonly issues: Parameters<typeof issuesText>[0] }
    | null,
): string {
  return reading === null || reading.ok ? GIVEN_TABLE.none : issuesText(reading.issues);
}
