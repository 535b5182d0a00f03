import { Dialog } from 'radix-ui';
import { KEYS } from './keys.ts';

/** All keys of the bench in one sheet. */
export function KeysSheet({ onClose }: { readonly onClose: () => void }) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-shade" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-20 max-h-[92vh] overflow-auto w-[32rem] max-w-[92vw] -translate-x-1/2 -translate-y-1/2 border border-dove-light bg-paper p-6"
        >
          <Dialog.Title className="mb-3 text-xl font-semibold">Keys</Dialog.Title>
          <table className="plain-table">
            <tbody>
              {KEYS.map(({ keys, does }) => (
                <tr key={keys}>
                  <th scope="row">{keys}</th>
                  <td>{does}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <Dialog.Close className="quiet-button mt-4">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
