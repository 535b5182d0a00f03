import { LEADING_FINGERS, type LeadingFinger } from '#core/brief';
import type { Guide, Shift } from '#core/plan/describe';
import { writeMark } from '../../../state/edits/index.ts';
import { useWork } from '../../../state/bench/index.ts';
import { CheckField } from '../../../ui/fields/index.ts';
import { guideText } from '../../../words/hand/guides.ts';

/** Shows how a player knows where a shift arrives: the finger that leads, the others that could, and whether the slide should be heard. */
export function Guides({ shift }: { readonly shift: Shift }) {
  const { guides } = shift;
  // A tick shows at once, before the plan has come back.
  const mark = useWork(({ brief }) => brief.marks?.find(({ note }) => note === shift.to));
  const chosen = guides.find(({ kind }) => kind === mark?.guide) ?? guides[0];
  const choices = guides.flatMap((guide) => leadingKind(guide) ?? []);
  return (
    <>
      {guides.length === 0 && <p className="mt-1 text-[15px]">No finger guides this shift: find the place first, then join.</p>}
      {choices.length > 1 ? (
        <fieldset className="mt-1 text-[15px] leading-snug">
          <legend className="text-dove-dark">Guide</legend>
          {guides.map((guide) => (
            <GuideRow key={guide.kind} guide={guide} chosen={guide === chosen} to={shift.to} />
          ))}
        </fieldset>
      ) : (
        guides.map((guide) => (
          <p key={guide.kind} className="mt-1 text-[15px] leading-snug">
            {guideText(guide)}
          </p>
        ))
      )}
      {shift.losesFirst && (
        <p className="mt-1 text-[15px]">Finger 1 is not down on either side and no guide sets it: check its place on arrival.</p>
      )}
      <CheckField
        label="Expressive slide"
        hint="Heard at tempo and drawn as a line; it costs nothing."
        checked={mark?.slide === 'expressive'}
        onChange={(checked) => writeMark(shift.to, { slide: checked ? 'expressive' : null })}
      />
    </>
  );
}

interface GuideRowProps {
  readonly guide: Guide;
  readonly chosen: boolean;
  /** The line index of the note the shift arrives on. */
  readonly to: number;
}

function GuideRow({ guide, chosen, to }: GuideRowProps) {
  const kind = leadingKind(guide);
  return (
    <label className="flex items-baseline gap-2 py-0.5">
      <input
        type="radio"
        name={`guide ${to}`}
        className="size-4 accent-ink"
        checked={chosen}
        disabled={kind === null}
        onChange={() => writeMark(to, { guide: kind })}
      />
      <span>{guideText(guide)}</span>
    </label>
  );
}

/** Gives the guide as a choice of the teacher's; null where it follows from the notes. */
function leadingKind({ kind }: Guide): LeadingFinger | null {
  return LEADING_FINGERS.find((finger) => finger === kind) ?? null;
}
