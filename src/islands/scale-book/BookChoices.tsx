import { DIRECTION_LABELS, OCTAVE_COUNTS, OCTAVE_LABELS, type OctaveCount } from '#core/brief/parts/materials';
import { DIRECTIONS } from '#core/material/scale';
import { PAPER_NAMES } from '#core/paper';
import { PRINT_SIZES, type SheetPart } from '#core/paper/choices';
import { ALL_KEYS, BOOK_KINDS, KEY_ORDERS, MINOR_FORMS, type ScaleBook as Book } from '#core/scale-book';
import { KEY_BEGINS, keepBook, type KeptBook } from '../../state/paper/index.ts';
import { Button } from '../../ui/Button.tsx';
import { CheckField, LabelledChoice } from '../../ui/fields/index.ts';
import { BOOK_KIND_LABELS, bookKeyText, KEY_ORDER_LABELS, MINOR_FORM_LABELS, SCALE_BOOK } from '../../words/paper/binding.ts';
import { PRINT_SIZE_LABELS, SHEET_PART_LABELS, variantsText } from '../../words/paper/sheet.ts';
import { VariantFields } from '../paper/index.ts';

/** The parts of a sheet that a line of a book may have. */
const BOOK_PARTS: readonly SheetPart[] = ['strings', 'positions', 'inBetween', 'letters', 'steps', 'path'];

interface BookChoicesProps {
  readonly kept: KeptBook;
}

/** Chooses what a book has, and how it is printed. */
export function BookChoices({ kept }: BookChoicesProps) {
  const { book } = kept;
  const set = (change: Partial<Book>): void => keepBook({ book: { ...book, ...change } });
  return (
    <div className="grid gap-x-10 gap-y-3 md:grid-cols-[auto_auto_minmax(0,1fr)]">
      <KeyChoice keys={book.keys} onChoose={(keys) => set({ keys })} />
      <fieldset>
        <legend className="font-semibold">{SCALE_BOOK.kinds}</legend>
        {BOOK_KINDS.map((kind) => (
          <CheckField
            key={kind}
            label={BOOK_KIND_LABELS[kind]}
            checked={book.kinds.includes(kind)}
            onChange={(on) => set({ kinds: withToggled(book.kinds, kind, on) })}
          />
        ))}
      </fieldset>
      <div className="grid content-start gap-3">
        <fieldset>
          <legend className="font-semibold">{SCALE_BOOK.octaves}</legend>
          <div className="flex flex-wrap gap-x-5">
            {OCTAVE_COUNTS.map((count: OctaveCount) => (
              <CheckField
                key={count}
                label={OCTAVE_LABELS[count]}
                checked={book.octaves.includes(count)}
                onChange={(on) => set({ octaves: withToggled(book.octaves, count, on) })}
              />
            ))}
          </div>
        </fieldset>
        <HowPrinted kept={kept} onBook={set} />
        <OnStaffs kept={kept} />
      </div>
    </div>
  );
}

/** Chooses the order of the keys, the form of the scales, and paper and print. */
function HowPrinted({
  kept: { book, paper: on, size, begins },
  onBook,
}: BookChoicesProps & { readonly onBook: (change: Partial<Book>) => void }) {
  return (
    <div className="flex flex-wrap gap-3">
      <LabelledChoice
        label={SCALE_BOOK.order}
        value={book.order}
        among={KEY_ORDERS}
        nameOf={(order) => KEY_ORDER_LABELS[order]}
        onChoose={(order) => onBook({ order })}
      />
      <LabelledChoice
        label={SCALE_BOOK.direction}
        value={book.direction}
        among={DIRECTIONS}
        nameOf={(direction) => DIRECTION_LABELS[direction]}
        onChoose={(direction) => onBook({ direction })}
      />
      <LabelledChoice
        label={SCALE_BOOK.minor}
        value={book.minor}
        among={MINOR_FORMS}
        nameOf={(minor) => MINOR_FORM_LABELS[minor]}
        onChoose={(minor) => onBook({ minor })}
      />
      <LabelledChoice
        label={SCALE_BOOK.begins}
        value={begins}
        among={KEY_BEGINS}
        nameOf={(place) => SCALE_BOOK.beginsOn[place]}
        onChoose={(next) => keepBook({ begins: next })}
      />
      <LabelledChoice
        label={SCALE_BOOK.paper}
        value={on}
        among={PAPER_NAMES}
        nameOf={(name) => name}
        onChoose={(name) => keepBook({ paper: name })}
      />
      <LabelledChoice
        label={SCALE_BOOK.size}
        value={size}
        among={PRINT_SIZES}
        nameOf={(print) => PRINT_SIZE_LABELS[print]}
        onChoose={(next) => keepBook({ size: next })}
      />
    </div>
  );
}

/** Chooses what stands on and under each staff, and the variants that follow. */
function OnStaffs({ kept: { parts, variants, wholeVariants } }: BookChoicesProps) {
  return (
    <fieldset>
      <legend className="font-semibold">{SCALE_BOOK.parts}</legend>
      <div className="grid gap-x-5 sm:grid-cols-2">
        {BOOK_PARTS.map((part) => (
          <CheckField
            key={part}
            label={SHEET_PART_LABELS[part]}
            checked={parts.includes(part)}
            onChange={(on) => keepBook({ parts: withToggled(parts, part, on) })}
          />
        ))}
      </div>
      <details className="mt-1">
        <summary className="cursor-pointer">{variantsText(variants.length)}</summary>
        <VariantFields choices={{ variants: [...variants], wholeVariants }} onChoose={keepBook} />
      </details>
    </fieldset>
  );
}

/** Chooses keys: one by one, or all of a mode. */
function KeyChoice({ keys, onChoose }: { readonly keys: readonly string[]; readonly onChoose: (keys: readonly string[]) => void }) {
  const ofMode = (mode: string): readonly string[] => ALL_KEYS.filter((key) => key.endsWith(mode));
  return (
    <fieldset>
      <legend className="font-semibold">{SCALE_BOOK.keys}</legend>
      <div className="flex flex-wrap gap-1.5 py-1">
        <Button onClick={() => onChoose(ALL_KEYS)}>{SCALE_BOOK.all}</Button>
        <Button onClick={() => onChoose([])}>{SCALE_BOOK.none}</Button>
        <Button onClick={() => onChoose(ofMode('major'))}>{SCALE_BOOK.major}</Button>
        <Button onClick={() => onChoose(ofMode('minor'))}>{SCALE_BOOK.minors}</Button>
      </div>
      <div className="grid grid-cols-4 gap-x-4">
        {ALL_KEYS.map((key) => (
          <CheckField
            key={key}
            label={bookKeyText(key)}
            checked={keys.includes(key)}
            onChange={(on) => onChoose(withToggled(keys, key, on))}
          />
        ))}
      </div>
    </fieldset>
  );
}

function withToggled<Value>(values: readonly Value[], value: Value, on: boolean): readonly Value[] {
  return on ? [...values, value] : values.filter((other) => other !== value);
}
