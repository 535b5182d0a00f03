import { Type } from '@sinclair/typebox';
import { PositionLabel } from '#core/brief/parts';
import type { HandModel } from '#core/hand';
import { limitIssue, positionWords } from '#core/messages';
import { readingOf } from '#core/result';
import type { LimitPart, LimitStep } from './limit-part.ts';

/** Which positions may be used; a number covers its lowered and raised form. */
export const positions: LimitPart<string[]> = {
  schema: Type.Array(PositionLabel, { minItems: 1, maxItems: 20 }),
  read: (labels, { hand }) => {
    const allowed = new Set(labels);
    const wrong = labels.findIndex((label) => !hand.positionLabels.includes(label));
    const issue = limitIssue(
      'unknown-position',
      { label: labels[wrong] ?? '', known: hand.positionLabels },
      { pointer: `/limits/positions/${wrong}` },
    );
    return readingOf(
      { keeps: (placement) => hand.labelsOf(placement).some((label) => allowed.has(label)), prescribesPlaces: true },
      wrong < 0 ? [] : [issue],
    );
  },
  need: (_, { position, string }) => `${position} on the ${string} string`,
  smallerSteps: (labels, { hand }) => ({
    steps: hand.learningOrder.filter((label) => !labels.includes(label)).map((label) => stepTo(label, labels, hand)),
    weigh: 'first',
  }),
  words: {
    name: 'Positions',
    none: 'any position',
    told: (labels) => (labels.length === 1 ? labels.map(wordsOf).join('') : `positions ${labels.join(', ')}`),
    asked: (labels) => `only ${labels.map(wordsOf).join(', ')}`,
    printed: (labels) => `positions ${labels.join(', ')}`,
    leftOut: 'positions allowed',
    whole: 'the limit on positions',
  },
  control: {
    kind: 'subset',
    all: ({ hand }) => hand.positionLabels,
    nameOf: wordsOf,
    chosen: (labels) => labels ?? null,
    choose: (chosen) => (chosen === null ? null : [...chosen]),
  },
  stands: { in: 'sentence', lead: 'in' },
  ofPlayer: true,
};

/**
 * What a teacher would allow next so that a position comes within reach: it, and what lies between it and those known, as
 * far as a pupil learns that before it. Never first and seventh position alone.
 */
function stepTo(label: string, known: readonly string[], { positionLabels, learningOrder }: HandModel): LimitStep<string[]> {
  const place = (name: string): number => positionLabels.indexOf(name);
  const nearest = known.toSorted((one, other) => Math.abs(place(one) - place(label)) - Math.abs(place(other) - place(label)))[0] ?? label;
  const [low, high] = [Math.min(place(nearest), place(label)), Math.max(place(nearest), place(label))];
  const between = learningOrder.filter(
    (name) => place(name) > low && place(name) < high && learningOrder.indexOf(name) < learningOrder.indexOf(label),
  );
  const added = [...between, label].toSorted((one, other) => place(one) - place(other));
  const words = added.length === 1 ? wordsOf(label) : `positions ${added.join(', ')}`;
  return { value: [...known, ...added], words: `with ${words} allowed too` };
}

function wordsOf(label: string): string {
  return positionWords({ label, alteration: null });
}
