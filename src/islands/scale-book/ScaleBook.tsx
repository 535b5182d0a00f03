import { useMemo } from 'react';
import { FIRST_BRIEF } from '#core/brief/lines';
import type { Brief } from '#core/brief';
import { DIRECTION_LABELS, OCTAVE_COUNTS, OCTAVE_LABELS, type OctaveCount } from '#core/brief/parts/materials';
import { defaultSize } from '#core/instrument';
import { DIRECTIONS } from '#core/material/scale';
import { PAPER_NAMES } from '#core/paper';
import { PRINT_SIZES, type SheetChoices } from '#core/paper/choices';
import { ALL_KEYS, BOOK_KINDS, type BookKey, KEY_ORDERS, MINOR_FORMS, type ScaleBook as Book, scaleBookLines } from '#core/scale-book';
import { engine } from '../../engine/index.ts';
import { paper, type PrintedLine } from '../../printing/index.ts';
import { giveTo } from '../../records/for-briefs.ts';
import type { Studio } from '../../records/studio.ts';
import { STUDIO, useStored } from '../../state/reading/index.ts';
import { keepBook, useKeptBook } from '../../state/scale-book.ts';
import { useTaught } from '../../state/taught.ts';
import { Button } from '../../ui/Button.tsx';
import { CheckField, LabelledChoice } from '../../ui/fields/index.ts';
import { Answered, guardIsland } from '../../ui/states/index.ts';
import {
  BOOK_KIND_LABELS,
  bookAbout,
  KEY_ORDER_LABELS,
  bookKeyText,
  notOnInstrumentText,
  MINOR_FORM_LABELS,
  SCALE_BOOK,
} from '../../words/paper/binding.ts';

import { PRINT_SIZE_LABELS } from '../../words/paper/sheet.ts';
import { materialLabel } from '../../words/piece/pieces.ts';
import { fingerboardName } from '../../words/studio/instruments.ts';
import { BindingProgress, BoundView, type PartToBind, type ToBind, useBinding } from '../binding/index.ts';
import { Addressed, PageShell } from '../frame/index.ts';

/** Makes a book of scales and chords in all keys, fingered for one player. */
export const ScaleBook = guardIsland(GuardedScaleBook);

function GuardedScaleBook() {
  return (
    <Addressed>
      <PageShell current="Scale book" title={SCALE_BOOK.title} titled="not-printed">
        <Answered asked={useStored(STUDIO)}>{(studio) => <BookOf studio={studio} />}</Answered>
      </PageShell>
    </Addressed>
  );
}

/** The parts of a sheet that a book has. */
const BOOK_PARTS = { staff: true, strings: true, positions: true };

function BookOf({ studio }: { readonly studio: Studio }) {
  const player = useTaught(studio.players);
  const { book, paper: on, size } = useKeptBook();
  const choices = useMemo(() => ({ paper: on, size, parts: BOOK_PARTS }), [on, size]);
  const binding = useBinding();
  const base = useMemo(
    () => (player ? giveTo(player, { brief: FIRST_BRIEF, instrumentId: null }, studio).brief : FIRST_BRIEF),
    [player, studio],
  );
  const asked = useMemo(() => toBind(book, base, choices), [book, base, choices]);
  const isEmpty = asked.parts.length === 0;
  return (
    <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-4">
      <div className="no-print">
        <BookChoices book={book} choices={choices} onBook={(next) => keepBook({ book: next })} onChoices={keepBook} />
        <p className="mt-3 flex flex-wrap items-center gap-3">
          <Button disabled={isEmpty || binding.state === 'under way'} onClick={() => binding.begin(asked)}>
            {binding.bound ? SCALE_BOOK.again : SCALE_BOOK.make}
          </Button>
          {isEmpty && <span className="text-dove-dark">{SCALE_BOOK.empty}</span>}
        </p>
      </div>
      <BindingProgress now={binding} onStop={binding.stop} onGoOn={() => binding.begin(asked)} />
      {binding.bound && <BoundView bound={binding.bound} edition={binding.edition} />}
    </div>
  );
}

/** Makes the document of a book: a part for each key, planned line by line. */
function toBind(book: Book, base: Brief, choices: SheetChoices): ToBind {
  const { keys, leftOut } = scaleBookLines(book, base);
  const { kind, size } = base.instrument;
  const name = fingerboardName(kind, size ?? defaultSize(kind));
  const missing = leftOut.map(
    ({ key, kind: of, octaves }) => `${OCTAVE_LABELS[octaves]} of the ${BOOK_KIND_LABELS[of]} in ${bookKeyText(key)}`,
  );
  const about = [bookAbout(base.player?.name ?? '', name, keys.length, book.kinds), notOnInstrumentText(missing)].filter(
    (text) => text !== '',
  );
  const parts = keys.filter(({ lines }) => lines.length > 0).map((key) => partOf(key, choices));
  return { title: SCALE_BOOK.title, about, choices, parts };
}

function partOf({ key, lines }: BookKey, choices: SheetChoices): PartToBind {
  const title = bookKeyText(key);
  return {
    key: JSON.stringify([key, lines, choices]),
    title,
    set: async (name, signal) => {
      const printed: PrintedLine[] = [];
      const unplayable: string[] = [];
      for (const { brief } of lines) {
        const outcome = await engine.ask(brief, { kind: 'plan' }, { signal });
        const what = materialLabel(brief);
        const label = `${what.charAt(0).toUpperCase()}${what.slice(1)}`;
        if (outcome.ok) printed.push({ label, plans: [outcome.value.best] });
        else unplayable.push(label);
      }
      if (printed.length > 0) await paper().setKey(name, { title, lines: printed, choices });
      return unplayable;
    },
  };
}

interface BookChoicesProps {
  readonly book: Book;
  readonly choices: SheetChoices;
  readonly onBook: (book: Book) => void;
  readonly onChoices: (choices: Pick<SheetChoices, 'paper' | 'size'>) => void;
}

function BookChoices({ book, choices, onBook, onChoices }: BookChoicesProps) {
  const set = (change: Partial<Book>): void => onBook({ ...book, ...change });
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
        <HowPrinted book={book} choices={choices} onBook={onBook} onChoices={onChoices} />
      </div>
    </div>
  );
}

/** Chooses the order of the keys, the form of the scales, and paper and print. */
function HowPrinted({ book, choices, onBook, onChoices }: BookChoicesProps) {
  const set = (change: Partial<Book>): void => onBook({ ...book, ...change });
  return (
    <div className="flex flex-wrap gap-3">
      <LabelledChoice
        label={SCALE_BOOK.order}
        value={book.order}
        among={KEY_ORDERS}
        nameOf={(order) => KEY_ORDER_LABELS[order]}
        onChoose={(order) => set({ order })}
      />
      <LabelledChoice
        label={SCALE_BOOK.direction}
        value={book.direction}
        among={DIRECTIONS}
        nameOf={(direction) => DIRECTION_LABELS[direction]}
        onChoose={(direction) => set({ direction })}
      />
      <LabelledChoice
        label={SCALE_BOOK.minor}
        value={book.minor}
        among={MINOR_FORMS}
        nameOf={(minor) => MINOR_FORM_LABELS[minor]}
        onChoose={(minor) => set({ minor })}
      />
      <LabelledChoice
        label={SCALE_BOOK.paper}
        value={choices.paper ?? 'A4'}
        among={PAPER_NAMES}
        nameOf={(name) => name}
        onChoose={(name) => onChoices({ paper: name })}
      />
      <LabelledChoice
        label={SCALE_BOOK.size}
        value={choices.size ?? 'usual'}
        among={PRINT_SIZES}
        nameOf={(size) => PRINT_SIZE_LABELS[size]}
        onChoose={(size) => onChoices({ size })}
      />
    </div>
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
