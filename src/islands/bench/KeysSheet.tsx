import { OverPage } from '../OverPage.tsx';
import { KEYS } from './keys.ts';

/** All keys of the bench in one sheet. */
export function KeysSheet({ onClose }: { readonly onClose: () => void }) {
  return (
    <OverPage title="Keys" className="top-[4vh] max-h-[92vh] w-[34rem] p-6" onClose={onClose}>
      <table className="plain-table">
        <tbody>
          {KEYS.map(({ keys, does }) => (
            <tr key={keys}>
              <th scope="row" className="whitespace-nowrap">
                {keys}
              </th>
              <td>{does}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <button type="button" className="quiet-button mt-4" onClick={onClose}>
        Close
      </button>
    </OverPage>
  );
}
