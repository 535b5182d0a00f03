import { bookIndex, type PieceOfBook } from '#core/books';
import type { PieceRecord } from '../../records/record.ts';
import { Table, TableHead } from '../../ui/Table.tsx';
import { needName } from '../../words/drills/in-books.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { BOOKS_PAGE, timesText } from '../../words/studio/books.ts';

interface IndexOfBookProps {
  readonly facts: readonly PieceOfBook[];
  readonly pieces: readonly PieceRecord[];
}

/** Lists what is in a book, each with the numbers of the pieces that have it: kinds of shifts, positions, finger patterns, keys. */
export function IndexOfBook({ facts, pieces }: IndexOfBookProps) {
  const shortNames = new Map(pieces.map(({ id, document }) => [id, document.inBook?.number ?? pieceTitle(document)]));
  return (
    <Table>
      <TableHead columns={BOOKS_PAGE.indexColumns} />
      <tbody>
        {bookIndex(facts).map((entry) => (
          <tr key={JSON.stringify(entry.need)}>
            <th scope="row">{needName(entry.need)}</th>
            <td>
              {entry.pieces.map((id, order) => (
                <span key={id}>
                  {order > 0 && ', '}
                  <a className="text-ink underline underline-offset-3" href={`/?piece=${id}`}>
                    {shortNames.get(id)}
                  </a>
                </span>
              ))}
            </td>
            <td className="whitespace-nowrap tabular-nums">{timesText(entry)}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
