import type { Done } from '#core/practice/log';
import { Table } from '../../ui/Table.tsx';
import { doneText } from '../../words/practice/record.ts';

/** Lists the work item by item. */
export function DoneTable({ done }: { readonly done: readonly Done[] }) {
  if (done.length === 0) return null;
  return (
    <Table>
      <thead className="sr-only">
        <tr>
          <th>Item</th>
          <th>Tries</th>
        </tr>
      </thead>
      <tbody>
        {done.map((item) => (
          <tr key={`${item.piece} ${item.title}`}>
            <td className="w-1/2">{item.title}</td>
            <td>{doneText(item)}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
