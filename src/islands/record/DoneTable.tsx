import type { Done } from '#core/practice/log';
import { Table } from '../../ui/Table.tsx';
import { doneText } from '../../words/practice/record.ts';

/** The width and height of the longest bar, px. */
const BAR = { width: 120, height: 10 } as const;

/** Lists the work item by item, with bars as long as the tries: filled as far as they were good. */
export function DoneTable({ done }: { readonly done: readonly Done[] }) {
  if (done.length === 0) return null;
  const most = Math.max(...done.map(({ tries }) => tries));
  return (
    <Table>
      <thead className="sr-only">
        <tr>
          <th>Item</th>
          <th>Tries</th>
          <th>Good and missed</th>
        </tr>
      </thead>
      <tbody>
        {done.map((item) => (
          <tr key={`${item.piece} ${item.title}`}>
            <td className="w-[31%]">{item.title}</td>
            <td>{doneText(item)}</td>
            <td style={{ width: BAR.width + 14 }}>
              <DoneBar done={item} most={most} />
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

function DoneBar({ done: { tries, good }, most }: { readonly done: Done; readonly most: number }) {
  const px = (BAR.width - 1) / most;
  return (
    <svg width={BAR.width} height={BAR.height + 6} className="block" aria-hidden="true">
      <rect x={0.5} y={5.5} width={tries * px} height={BAR.height - 1} className="fill-paper stroke-ink" />
      <rect x={0.5} y={5.5} width={good * px} height={BAR.height - 1} className="fill-ink" />
    </svg>
  );
}
