import { badReading, goodReading, type Reading } from '#core/reading';
import { WEIGHTS, type Weights, type WeightValue } from '#core/search';
import { weightOutOfRange, weightOfOtherShape } from '#core/words';

/** The weights with some changed by name. Refuses a value outside the table's range, and a row of another length. */
export function changedWeights(weights: Weights, changes: Readonly<Record<string, WeightValue>>): Reading<Weights> {
  let next = weights;
  for (const [name, entry] of Object.entries(WEIGHTS)) {
    const value = changes[name];
    if (value === undefined) continue;
    const where = { pointer: `/weights/${name}` };
    const usual = entry.defaults.violin;
    const wanted = typeof usual === 'number' ? null : name === 'position' ? undefined : usual.length;
    const given = typeof value === 'number' ? null : value.length;
    if ((wanted === null) !== (given === null) || (typeof wanted === 'number' && wanted !== given)) {
      return badReading({ code: 'limit', where, ...weightOfOtherShape(name, typeof wanted === 'number' ? wanted : 1) });
    }
    const [least, most] = entry.range;
    const wrong = [value].flat().find((each) => !(each >= least && each <= most));
    if (wrong !== undefined) return badReading({ code: 'limit', where, ...weightOutOfRange(name, wrong, least, most) });
    next = { ...next, [name]: value };
  }
  return goodReading(next);
}
