import type { Brief } from '#core/brief';
import type { SheetChoices } from '#core/paper/choices';
import { areFingeredAlike, type Plan } from '#core/plan/describe';
import { type BookKey, findKept, type ScaleBook as Book, scaleBookLines } from '#core/scale-book';
import { engine } from '../../engine/index.ts';
import { paper, type PrintedLine } from '../../printing/index.ts';
import type { KeptBook } from '../../state/paper/index.ts';
import { capital } from '../../words/capital.ts';
import { bookAbout, bookKeyText, SCALE_BOOK } from '../../words/paper/binding.ts';
import { materialLabel } from '../../words/piece/pieces.ts';
import type { PartToBind, ToBind } from '../binding/index.ts';

/** Gives the choices of a book as those of a sheet. */
export function sheetOf({ paper: on, size, parts, variants, wholeVariants }: KeptBook): SheetChoices {
  const standing = Object.fromEntries(['staff', ...parts].map((part) => [part, true]));
  return { paper: on, size, parts: standing, variants: [...variants], wholeVariants };
}

/** A book that is asked for. */
interface BookAsked {
  readonly book: Book;
  /** The brief of the player, whose instrument, hand and school it is for. */
  readonly base: Brief;
  /** The briefs of the player's pieces, newest first: a line that the teacher has kept there is printed as it is kept. */
  readonly own: readonly Brief[];
  readonly choices: SheetChoices;
  readonly begins: KeptBook['begins'];
}

/** Makes the document of a book: a part for each key, planned line by line. */
export function toBind({ book, base, own, choices, begins }: BookAsked): ToBind {
  const bookLines = scaleBookLines(book, base);
  const about = bookAbout(base, book.kinds, bookLines);
  const parts = bookLines.keys.filter(({ lines }) => lines.length > 0).map((key) => partOf(key, own, choices));
  return { title: SCALE_BOOK.title, about, choices, parts, openings: begins === 'opening' };
}

function partOf({ key, lines }: BookKey, own: readonly Brief[], choices: SheetChoices): PartToBind {
  const title = bookKeyText(key);
  const asked = lines.map(({ brief }) => ({ brief, kept: findKept(brief, own) }));
  return {
    key: JSON.stringify([key, asked, choices]),
    title,
    set: async (name, signal) => {
      const printed: PrintedLine[] = [];
      const unplayable: string[] = [];
      for (const { brief, kept } of asked) {
        const plans = await plansOf(brief, kept, signal);
        const label = capital(materialLabel(brief));
        if (plans.length > 0) printed.push({ label, plans });
        else unplayable.push(label);
      }
      if (printed.length > 0) await paper().setKey(name, { title, lines: printed, choices });
      return unplayable;
    },
  };
}

/** Plans a line as the teacher has kept it, in one fingering or two; otherwise as the school fingers it. */
async function plansOf(brief: Brief, kept: readonly Brief[], signal: AbortSignal): Promise<readonly Plan[]> {
  const plans: Plan[] = [];
  for (const own of kept) {
    const outcome = await engine.ask(own, { kind: 'plan' }, { signal });
    if (outcome.ok && plans.every((plan) => !areFingeredAlike(plan, outcome.value.best))) plans.push(outcome.value.best);
  }
  if (plans.length > 0) return plans;
  const outcome = await engine.ask(brief, { kind: 'plan' }, { signal });
  return outcome.ok ? [outcome.value.best] : [];
}
