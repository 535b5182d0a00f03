import type { Issue } from '#core/messages';
import { FIELD } from '../../../../ui/fields/index.ts';
import { TYPED_EXAMPLE, TYPED_FOR_BASS } from '../../../../words/line/typed-form.ts';

interface LineTextProps {
  readonly text: string;
  /** Whether it reads an octave above the sound. */
  readonly bass: boolean;
  /** The faults, underlined where they stand. */
  readonly issues?: readonly Issue[];
  /** Receives the text as it is typed; without it the line can only be read. */
  readonly onType?: (text: string) => void;
  /** Takes pasted text where it is a score, and tells whether it does. */
  readonly onPasteScore?: (text: string) => boolean;
}

/** Shows the line as it is typed, with the words underlined that do not read. */
export function LineText({ text, bass, issues = [], onType, onPasteScore }: LineTextProps) {
  return (
    <label className="mt-1 block">
      <span className="text-sm text-dove-dark">
        {TYPED_EXAMPLE}
        {bass && ` · ${TYPED_FOR_BASS}`}
      </span>
      <span className="relative mt-1 block">
        <Underlined text={text} issues={issues} />
        <textarea
          className={`${FIELD} relative block w-full`}
          style={{ backgroundColor: 'transparent' }}
          rows={2}
          spellCheck={false}
          value={text}
          readOnly={onType === undefined}
          onChange={(event) => onType?.(event.target.value)}
          onPaste={(event) => onPasteScore?.(event.clipboardData.getData('text')) && event.preventDefault()}
        />
      </span>
    </label>
  );
}

/** Shows the same text behind the field, invisible but for the lines under the faults. */
function Underlined({ text, issues }: { readonly text: string; readonly issues: readonly Issue[] }) {
  const places = issues.flatMap(({ where }) => where.text ?? []).toSorted((one, other) => one.from - other.from);
  const wrong = places.filter(({ from }, order) => from >= (places[order - 1]?.to ?? 0));
  const parts = wrong.map(({ from, to }, order) => ({
    plain: text.slice(wrong[order - 1]?.to ?? 0, from),
    marked: text.slice(from, to),
    from,
  }));
  return (
    <span aria-hidden="true" className={`${FIELD} absolute inset-0 overflow-hidden break-words whitespace-pre-wrap text-transparent`}>
      {parts.map(({ plain, marked, from }) => (
        <span key={from}>
          {plain}
          <span data-wrong-word className="underline decoration-madder decoration-wavy decoration-2 underline-offset-3">
            {marked}
          </span>
        </span>
      ))}
    </span>
  );
}
