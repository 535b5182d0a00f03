import type { Preferences } from '#core/brief/parts/wishes';
import type { InstrumentKind } from '#core/instrument';
import { FINGERING_QUESTIONS } from './fingering-questions.ts';
import { type Question, sideNames } from './question.ts';
import type { Ways } from './questions.ts';
import { style } from './questions/whole-line.ts';
import type { School } from './school.ts';
import { STYLES } from './styles.ts';

/** The wishes that the style of some ways stands for in a school. */
export function styleWishes(school: School | undefined, ways: Ways): Preferences {
  const name = ways.style ?? style.usual;
  return school?.styles?.[name] ?? STYLES[name];
}

/** A change of weights. */
type WeightsChange = NonNullable<Question['sides'][string]['weights']>;

/** What the answers of some ways do to the weights of an instrument, in the order of the questions. */
export function waysChange(kind: InstrumentKind, ways: Ways): readonly WeightsChange[] {
  return sideNames(FINGERING_QUESTIONS).flatMap((name) => {
    const question: Question = FINGERING_QUESTIONS[name];
    const side = ways[name];
    return side === undefined || !question.kinds.includes(kind) ? [] : (question.sides[side]?.weights ?? []);
  });
}
