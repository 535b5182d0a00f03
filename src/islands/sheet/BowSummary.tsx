import type { BowPlan } from '#core/bow';
import { bowCountText, bowEndsText } from '../../words/line/bow.ts';

/** Tells how the notes of a line fill its bows, below its music. */
export function BowSummary({ bow }: { readonly bow: BowPlan }) {
  return (
    <p className="mt-2 text-[14px]">
      {bowCountText(bow.count)}; {bowEndsText(bow)}.
    </p>
  );
}
