import type { PieceTempos } from '#core/trends';
import { Table } from '../../../ui/Table.tsx';
import { weekStartText } from '../../../words/practice/record-drawn.ts';
import { tempoText } from '../../../words/practice/session.ts';

/** Lists the tempos at which each piece was tried, day by day. */
export function TempoTable({ pieces }: { readonly pieces: readonly PieceTempos[] }) {
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">Piece</th>
          <th scope="col">Day</th>
          <th scope="col">Tempo</th>
          <th scope="col">Good</th>
        </tr>
      </thead>
      <tbody>
        {pieces.flatMap(({ piece, title, tries }) =>
          tries.toReversed().map(({ day, tempo, good, missed }) => (
            <tr key={`${piece} ${day} ${tempo}`}>
              <td>{title}</td>
              <td>{weekStartText(day)}</td>
              <td>{tempoText(tempo)}</td>
              <td>
                {good} of {good + missed}
              </td>
            </tr>
          )),
        )}
      </tbody>
    </Table>
  );
}
