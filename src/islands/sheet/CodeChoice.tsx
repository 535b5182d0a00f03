import { useId, useState } from 'react';
import { addressForCodes, addressSet, setAddressForCodes } from '../../state/paper/index.ts';
import { CheckField, TextField } from '../../ui/fields/index.ts';
import { codeText, CODE_WORDS } from '../../words/paper/sheet.ts';
import type { SheetAtHand } from './use-sheet.ts';

/** Puts a code to scan on the sheet; says how large it is, or why there is none, and sets the address it leads to. */
export function CodeChoice({ sheet: { choices, choose, code } }: { readonly sheet: SheetAtHand }) {
  const id = useId();
  const [typed, setTyped] = useState(addressSet);
  const wrong = typed.trim() !== '' && !/^https?:\/\//.test(typed.trim());
  return (
    <div>
      <CheckField label={CODE_WORDS.label} hint={CODE_WORDS.hint} checked={choices.code === true} onChange={(on) => choose({ code: on })} />
      {choices.code === true && (
        <>
          <label htmlFor={id} className="block text-dove-dark">
            {CODE_WORDS.address}
          </label>
          <TextField
            id={id}
            className="w-full"
            placeholder={addressForCodes() ?? 'https://'}
            value={typed}
            aria-invalid={wrong}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={() => !wrong && setAddressForCodes(typed)}
          />
          <p role="status" className="mt-1 text-sm text-dove-dark">
            {wrong ? CODE_WORDS.noAddress : code === null ? '' : codeText(code)}
          </p>
        </>
      )}
    </div>
  );
}
