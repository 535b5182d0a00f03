import { type Brief, waysOf } from '#core/brief';
import { withWay } from '#core/brief/edits';
import { type QuestionName, questionNamed, questionsFor, sideNames, sideOf } from '#core/brief/parts/school';
import { changeBrief } from '../../../state/edits/index.ts';
import { SelectField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { QUESTION_GROUPS } from '../../../words/studio/school.ts';

/** The questions of the school that come up on this instrument, to be answered differently for this piece. */
export function WaysFields({ brief }: { readonly brief: Brief }) {
  const here = questionsFor(brief.instrument.kind);
  const groups = QUESTION_GROUPS.map(({ title, questions }) => ({ title, questions: questions.filter((name) => here.includes(name)) }));
  return (
    <>
      <p className="mt-1 text-sm text-dove-dark">
        {brief.school ? `This piece follows ${brief.school.name || 'a school'}. ` : 'This piece follows no school. '}
        What you answer here holds for this piece alone.
      </p>
      {groups.map(({ title, questions }) => (
        <section key={title} aria-label={title} className="mt-2">
          <Heading as="h3">{title}</Heading>
          {questions.map((name) => (
            <WayRow key={name} brief={brief} name={name} />
          ))}
        </section>
      ))}
    </>
  );
}

function WayRow({ brief, name }: { readonly brief: Brief; readonly name: QuestionName }) {
  const { title, sides, usual } = questionNamed(name);
  const side = waysOf(brief)[name] ?? usual;
  return (
    <label className="block py-1">
      <span className="block">{title}</span>
      <SelectField
        className="max-w-full"
        value={side}
        options={sideNames(sides).map((value) => ({ value, name: sideOf(name, value).label }))}
        onChoose={(chosen) => changeBrief((now) => withWay(now, name, chosen))}
      />
      <span className="block text-sm text-dove-dark">{sideOf(name, side).gains}</span>
    </label>
  );
}
