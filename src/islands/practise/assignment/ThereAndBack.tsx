import { DrawnText } from '../../../ui/DrawnText.tsx';
import { ASSIGNMENT_WORDS } from '../../../words/practice/assignment.ts';

/** Draws how the two halves belong together: the assignment goes to the pupil, the log comes back. */
export function ThereAndBack() {
  return (
    <svg viewBox="0 0 144 240" className="mx-auto hidden w-36 lg:sticky lg:top-4 lg:block lg:self-start" aria-hidden="true">
      <g className="fill-none stroke-ink" strokeWidth={1.5}>
        <path d="M4 96H138M128 88l10 8-10 8" />
        <path d="M140 214H6M16 206l-10 8 10 8" />
        <path d="M48 20h34l12 12v44H48ZM82 20v12h12" className="fill-field" />
        <path d="M48 138h34l12 12v44H48ZM82 138v12h12" className="fill-field" />
        <path d="M55 60l8-10 8 6 8-14 8 8" />
        <path d="M57 186v-10M65 186v-18M73 186v-14M81 186v-24" strokeWidth={4} />
      </g>
      <DrawnText look="position" x={71} y={115} textAnchor="middle" className="fill-ink">
        {ASSIGNMENT_WORDS.there}
      </DrawnText>
      <DrawnText look="position" x={71} y={233} textAnchor="middle" className="fill-ink">
        {ASSIGNMENT_WORDS.back}
      </DrawnText>
    </svg>
  );
}
