import { Type } from '@sinclair/typebox';
import { PositionLabel } from '#core/brief/parts';
import type { HandModel } from '#core/hand';
import { limitIssue, listText, positionWords } from '#core/messages';
import { readingOf } from '#core/result';
import type { LimitPart, LimitStep } from './limit-part.ts';

/** Limits the positions that may be used; a number covers its lowered and raised form. */
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
    inSentence: positionsText,
    asked: (labels) => `only ${positionsText(labels)}`,
    inPrint: positionsText,
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
 * Finds the positions a teacher would allow next so that a position comes within reach: it, and those between it and the known ones, as far
 * as a pupil learns them first. It never gives first and seventh position alone.
 */
function stepTo(label: string, known: readonly string[], { positionLabels, learningOrder }: HandModel): LimitStep<string[]> {
  const place = (name: string): number => positionLabels.indexOf(name);
  const nearest = known.toSorted((one, other) => Math.abs(place(one) - place(label)) - Math.abs(place(other) - place(label)))[0] ?? label;
  const [low, high] = [Math.min(place(nearest), place(label)), Math.max(place(nearest), place(label))];
  const between = learningOrder.filter(
    (name) => place(name) > low && place(name) < high && learningOrder.indexOf(name) < learningOrder.indexOf(label),
  );
  const added = [...between, label].toSorted((one, other) => place(one) - place(other));
  return { value: [...known, ...added], words: `with ${positionsText(added)} allowed too` };
}

/** Writes positions in words: "first position", "half, first and third position", "half position and positions II and III". */
function positionsText(labels: readonly string[]): string {
  const ordinals = labels.map(wordsOf).filter((words) => words.endsWith(AFTER_ORDINAL));
  const numbered = labels.filter((label) => !wordsOf(label).endsWith(AFTER_ORDINAL)).map((label) => label.replace('-', '–'));
  return [
    ...(ordinals.length === 0 ? [] : [`${listText(ordinals.map((words) => words.slice(0, -AFTER_ORDINAL.length)))}${AFTER_ORDINAL}`]),
    ...(numbered.length === 0 ? [] : [`${numbered.length === 1 ? 'position' : 'positions'} ${listText(numbered)}`]),
  ].join(' and ');
}

/** The word that follows an ordinal: "first position". */
const AFTER_ORDINAL = ' position';

function wordsOf(label: string): string {
  return positionWords({ label, alteration: null });
}
