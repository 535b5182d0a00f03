import { materialLabel } from '../../../words/piece/pieces.ts';
import { renamePiece, useWork } from '../../../state/bench/index.ts';
import { plainText } from '../../../words/plain-text.ts';

/** The name of the piece, which opens the sentence, as wide as it is long; where it has none, its material. */
export function PieceNameField() {
  const name = useWork((work) => work.name);
  const suggestion = useWork((work) => materialLabel(work.brief));
  return (
    <input
      aria-label="Name of the piece"
      className="field-sizing-content max-w-full min-w-24 border-0 border-b border-dashed border-dove-light bg-transparent p-0 font-semibold text-ink placeholder:font-normal placeholder:text-dove pointed:bg-paper-deep"
      value={name}
      maxLength={120}
      placeholder={suggestion}
      onChange={({ target }) => renamePiece(plainText(target.value))}
    />
  );
}
