import type { Guide } from '#core/plan/describe';
import { guideText } from '../../../words/guides.ts';

/** How a player knows where a shift arrives, the likeliest first. */
export function Guides({ guides }: { readonly guides: readonly Guide[] }) {
  if (guides.length === 0) return <p className="mt-1 text-[15px]">No finger guides this one: find the place first, then join.</p>;
  return (
    <ul className="mt-1 list-disc pl-4 text-[15px] leading-snug">
      {guides.map((guide) => (
        <li key={guide.kind}>{guideText(guide)}</li>
      ))}
    </ul>
  );
}
