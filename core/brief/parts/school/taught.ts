import type { Preferences } from '#core/brief/parts/wishes';
import type { InstrumentKind } from '#core/instrument';
import { sideNames } from './question.ts';
import type { Ways } from './questions.ts';
import type { School } from './school.ts';
import { STYLES, USUAL_STYLE } from './styles.ts';
import { WAY_WEIGHTS, type WayWeights, type WeightsChange } from './way-weights.ts';

/** Gives the wishes of the style that some ways name, as the school has them. */
export function styleWishes(school: School | undefined, ways: Ways): Preferences {
  const name = ways.style ?? USUAL_STYLE;
  return school?.styles?.[name] ?? STYLES[name];
}

/** Gives the change that the answers of some ways make to the weights of an instrument, in the order of the questions. */
export function waysChange(kind: InstrumentKind, ways: Ways): readonly WeightsChange[] {
  return sideNames(WAY_WEIGHTS).flatMap((name) => {
    const { kinds, sides }: WayWeights = WAY_WEIGHTS[name];
    const side = ways[name];
    return side === undefined || !kinds.includes(kind) ? [] : (sides[side] ?? []);
  });
}
