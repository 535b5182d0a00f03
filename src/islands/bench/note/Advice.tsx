import { questionNamed, sideOf } from '#core/brief/parts/school';
import { adviceFor } from '#core/fit/sizes';
import type { Plan } from '#core/plan/describe';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';

/** Tells what the arms and hands may do at this note, where teachers differ: each side with its advantage, or the school's side alone. */
export function Advice({ plan, index }: { readonly plan: Plan; readonly index: number }) {
  const advice = adviceFor(plan, index);
  if (advice.length === 0) return null;
  return (
    <OpenedSection title="Where teachers differ">
      {() => (
        <dl className="mt-1 text-[15px] leading-snug">
          {advice.map(({ question, sides }) => (
            <div key={question} className="mb-1.5">
              <dt className="text-dove-dark">{questionNamed(question).title}</dt>
              {sides.map((side) => (
                <dd key={side}>
                  {upperFirst(sideOf(question, side).label)}: {lowerFirst(sideOf(question, side).gains)}
                </dd>
              ))}
            </div>
          ))}
        </dl>
      )}
    </OpenedSection>
  );
}

function upperFirst(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
