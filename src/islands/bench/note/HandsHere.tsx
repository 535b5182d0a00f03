import { waysOf } from '#core/brief';
import { answerOf } from '#core/brief/parts/school';
import { handsHere } from '#core/fit';
import { isCrowded } from '#core/fit/sizes';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { Heading } from '../../../ui/Heading.tsx';
import { crowdedText, handsHereText } from '../../../words/hand/hands-here.ts';

interface HandsHereProps {
  readonly plan: Plan;
  readonly note: PlannedSound;
}

/** Tells what bow and fingers need at a note that is not played as in first position. */
export function HandsHere({ plan, note }: HandsHereProps) {
  const here = handsHere(plan, note);
  const told = [
    ...(here ? [handsHereText(here)] : []),
    ...(isCrowded(plan, note) ? [crowdedText(answerOf(waysOf(plan.brief), 'padOrTip'))] : []),
  ];
  if (told.length === 0) return null;
  return (
    <section aria-label="Hands and bow here" className="mt-3 text-[15px] leading-snug">
      <Heading as="h3">Hands and bow here</Heading>
      {told.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
    </section>
  );
}
