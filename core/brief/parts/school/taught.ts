import type { Preferences } from '#core/brief/parts/wishes';
import type { InstrumentKind } from '#core/instrument';
import { sideNames } from './question.ts';
import type { QuestionName, Ways } from './questions.ts';
import type { School } from './school.ts';
import { STYLES, USUAL_STYLE } from './styles.ts';
import { WAY_WEIGHTS, type WayWeights, type WeightsChange } from './way-weights.ts';

/** Gives the wishes of the style that some ways name, as the school has them. */
export function styleWishes(school: School | undefined, ways: Ways): Preferences {
  const name = ways.style ?? USUAL_STYLE;
  return school?.styles?.[name] ?? STYLES[name];
}

/** An answer to a question by the name of its side. */
export interface NamedAnswer {
  /** The name of what is asked. */
  readonly question: QuestionName;
  /** The name of the side. */
  readonly side: string;
}

/** Lists the answers that finger a line differently from the usual ones, on an instrument: those that change weights or wishes. */
export function answersTo(kind: InstrumentKind): readonly NamedAnswer[] {
  const weighed = sideNames(WAY_WEIGHTS).flatMap((question): readonly NamedAnswer[] => {
    const { kinds, sides }: WayWeights = WAY_WEIGHTS[question];
    return kinds.includes(kind) ? Object.keys(sides).map((side) => ({ question, side })) : [];
  });
  const styles = sideNames(STYLES).filter((side) => side !== USUAL_STYLE);
  return [...weighed, ...styles.map((side): NamedAnswer => ({ question: 'style', side }))];
}

/** Gives the change that the answers of some ways make to the weights of an instrument, in the order of the questions. */
export function waysChange(kind: InstrumentKind, ways: Ways): readonly WeightsChange[] {
  return sideNames(WAY_WEIGHTS).flatMap((name) => {
    const { kinds, sides }: WayWeights = WAY_WEIGHTS[name];
    const side = ways[name];
    return side === undefined || !kinds.includes(kind) ? [] : (sides[side] ?? []);
  });
}
