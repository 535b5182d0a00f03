import { Type } from '@sinclair/typebox';
import { type Finger, FINGERS } from '#core/hand/placement';
import { listText } from '#core/messages';
import { goodReading, oneOf } from '#core/result';
import type { LimitPart } from './limit-part.ts';
import { everyStop } from './placements.ts';

/** Limits the fingers that may be used; open strings have a limit of their own. */
export const fingers: LimitPart<Finger[]> = {
  schema: Type.Array(oneOf(FINGERS), { minItems: 1, maxItems: 5 }),
  read: (names) => {
    const allowed = new Set(names);
    return goodReading({ keeps: (placement) => everyStop(placement, ({ finger }) => finger === '0' || allowed.has(finger)) });
  },
  need: ({ finger }) => `finger ${finger}`,
  smallerSteps: (names, { hand }) => ({
    steps: hand.fingers
      .filter((finger) => !names.includes(finger))
      .map((finger) => ({
        value: [...names, finger],
        words: finger === 'T' ? 'with the thumb allowed too' : `with finger ${finger} allowed too`,
      })),
    weigh: 'every',
  }),
  words: {
    name: 'Fingers',
    none: 'any finger',
    inSentence: fingersText,
    asked: (names) => `only ${fingersText(names)}`,
    inPrint: fingersText,
    leftOut: 'fingers allowed',
    whole: 'the limit on fingers',
  },
  control: {
    kind: 'subset',
    all: ({ hand }) => stopping(hand.fingers),
    nameOf: (finger) => (finger === 'T' ? 'thumb' : `finger ${finger}`),
    chosen: (names) => (names ? stopping(names) : null),
    choose: (chosen) => (chosen === null ? null : FINGERS.filter((finger) => chosen.includes(finger))),
  },
  stands: { in: 'sentence', lead: 'with' },
};

/** Writes the fingers in words: "finger 1", "fingers 1, 2 and 3", "the thumb and fingers 1 and 2". */
function fingersText(names: readonly Finger[]): string {
  const fingers = stopping(names).filter((finger) => finger !== 'T');
  const numbered = fingers.length === 0 ? [] : [`${fingers.length === 1 ? 'finger' : 'fingers'} ${listText(fingers)}`];
  return [...(names.includes('T') ? ['the thumb'] : []), ...numbered].join(' and ');
}

function stopping(names: readonly Finger[]): readonly Finger[] {
  return names.filter((finger) => finger !== '0');
}
