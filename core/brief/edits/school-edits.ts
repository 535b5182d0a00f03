import { type Brief, waysOf } from '#core/brief';
import { type QuestionName, questionNamed, questionsFor, styleWishes, withAnswer, type Ways } from '#core/brief/parts/school';
import type { Preference } from '#core/brief/parts/wishes';

/** Sets the strength of a wish, 0 to 1; a strength equal to that of the school's style removes it from the brief. */
export function withPreference(brief: Brief, wish: Preference, strength: number): Brief {
  const { preferences: before, ...free } = brief;
  const { [wish]: _, ...others } = before ?? {};
  const taught = styleWishes(brief.school, waysOf(brief))[wish] ?? 0;
  const preferences = strength === taught ? others : { ...others, [wish]: strength };
  return Object.keys(preferences).length === 0 ? free : { ...free, preferences };
}

/** Answers a question differently for this piece; an answer equal to that of school and player is not kept. */
export function withWay(brief: Brief, name: QuestionName, side: string): Brief {
  const { ways, ...free } = brief;
  const taught = waysOf(free)[name] ?? questionNamed(name).usual;
  const own = withAnswer(ways ?? {}, name, side === taught ? null : side);
  return Object.keys(own).length === 0 ? free : { ...free, ways: own };
}

/** Lists the questions, of those that come up on the instrument, that player or piece answer differently from the school. */
export function differingWays(brief: Brief): Ways {
  const [own, taught] = [waysOf(brief), brief.school?.ways ?? {}];
  const differing = questionsFor(brief.instrument.kind).filter((name) => (own[name] ?? usual(name)) !== (taught[name] ?? usual(name)));
  return differing.reduce<Ways>((ways, name) => withAnswer(ways, name, own[name] ?? usual(name)), {});
}

function usual(name: QuestionName): string {
  return questionNamed(name).usual;
}
