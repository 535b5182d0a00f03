import { Type } from '@sinclair/typebox';
import { PositionLabel } from '#core/brief/parts';
import { limitIssue, positionWords } from '#core/messages';
import { readingOf } from '#core/result';
import type { LimitPart } from './limit-part.ts';

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
    steps: hand.positionLabels
      .filter((label) => !labels.includes(label))
      .map((label) => ({ value: [...labels, label], words: `with ${wordsOf(label)} allowed too` })),
    weigh: 'every',
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

function wordsOf(label: string): string {
  return positionWords({ label, alteration: null });
}
