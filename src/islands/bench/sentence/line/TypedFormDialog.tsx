import { Button } from '../../../../ui/Button.tsx';
import { Dialog } from '../../../../ui/Dialog.tsx';
import { Table } from '../../../../ui/Table.tsx';
import { TYPED_FOR_BASS, TYPED_FORM, TYPED_FORM_TITLE } from '../../../../words/line/typed-form.ts';

/** Explains on one screen how a line is typed. */
export function TypedFormDialog({ bass, onClose }: { readonly bass: boolean; readonly onClose: () => void }) {
  return (
    <Dialog title={TYPED_FORM_TITLE} className="top-[4vh] max-h-[92vh] w-[40rem] p-6" onClose={onClose}>
      <Table>
        <tbody>
          {TYPED_FORM.map(([written, means]) => (
            <tr key={written}>
              <th scope="row" className="whitespace-nowrap">
                {written}
              </th>
              <td>{means}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      {bass && <p className="mt-2">{TYPED_FOR_BASS}</p>}
      <Button className="mt-4" onClick={onClose}>
        Close
      </Button>
    </Dialog>
  );
}
