import { type QuestionName, questionNamed, sideNames, sideOf, withAnswer, type Ways } from '#core/brief/parts/school';
import { Heading } from '../../../ui/Heading.tsx';
import { QUESTION_GROUPS } from '../../../words/studio/school.ts';

interface QuestionsProps {
  readonly ways: Ways;
  readonly onChange: (ways: Ways) => void;
}

/** Lists every question on which teachers differ, by subject. */
export function Questions({ ways, onChange }: QuestionsProps) {
  return QUESTION_GROUPS.map(({ title, questions }) => (
    <section key={title} aria-label={title} className="mt-2 grid gap-y-2">
      <Heading as="h3">{title}</Heading>
      {questions.map((name) => (
        <QuestionRow key={name} name={name} ways={ways} onChange={onChange} />
      ))}
    </section>
  ));
}

/** Shows one question: its sides, and the advantage of each. */
function QuestionRow({ name, ways, onChange }: QuestionsProps & { readonly name: QuestionName }) {
  const { title, sides, usual } = questionNamed(name);
  return (
    <fieldset className="mt-1">
      <legend className="font-semibold text-dove-dark">{title}</legend>
      {sideNames(sides).map((side) => (
        <label key={side} className="flex items-baseline gap-2 py-0.5">
          <input
            type="radio"
            className="accent-ink"
            name={name}
            checked={(ways[name] ?? usual) === side}
            onChange={() => onChange(withAnswer(ways, name, side === usual ? null : side))}
          />
          <span>
            {sideOf(name, side).label}
            {sideOf(name, side).gains !== '' && <span className="text-sm text-dove-dark"> · {sideOf(name, side).gains}</span>}
          </span>
        </label>
      ))}
    </fieldset>
  );
}
