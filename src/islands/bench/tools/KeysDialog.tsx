import { Button } from '../../../ui/Button.tsx';
import { Dialog } from '../../../ui/Dialog.tsx';
import { Table } from '../../../ui/Table.tsx';
import { KEY_LINES } from './key-lines.ts';

/** Lists the keyboard shortcuts of the bench. */
export function KeysDialog({ onClose }: { readonly onClose: () => void }) {
  return (
    <Dialog title="Keyboard shortcuts" className="top-[4vh] max-h-[92vh] w-[34rem] p-6" onClose={onClose}>
      <Table>
        <tbody>
          {KEY_LINES.map(({ keys, does }) => (
            <tr key={keys}>
              <th scope="row" className="whitespace-nowrap">
                {keys}
              </th>
              <td>{does}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      <Button className="mt-4" onClick={onClose}>
        Close
      </Button>
    </Dialog>
  );
}
