import type { SheetChoices } from '#core/paper/choices';
import type { Plan } from '#core/plan/describe';
import { type Body, type PrintedPart, setBody } from './body.ts';
import { heading, paragraph, SIZES } from './set/blocks.ts';
import { printedMusic } from './set/music.ts';
import { lookOf, variantParts } from './set/music-parts.ts';

/** A line of a key as it is printed: its name, and its fingering; where a teacher keeps two, the second under the first. */
export interface PrintedLine {
  readonly label: string;
  readonly plans: readonly Plan[];
}

/** The content of one key of a scale book. */
export interface KeyContent {
  /** The name of the key. */
  readonly title: string;
  readonly lines: readonly PrintedLine[];
  readonly choices: SheetChoices;
}

/** Sets a key of a scale book: its name, then line after line with the fingering. */
export function keyBody({ title, lines, choices }: KeyContent): Body {
  return setBody(title, choices, (frame, staffMm) => [
    paragraph({ text: title, sizePt: SIZES.title, face: 'serif-bold', keepWithNext: true }, frame),
    ...lines.flatMap(({ label, plans }): readonly PrintedPart[] => [
      heading(label, frame),
      ...plans.flatMap((plan, order): readonly PrintedPart[] => [
        ...(order === 0 ? [] : [paragraph({ text: 'or', sizePt: SIZES.text, face: 'serif-italic', gapMm: 1, keepWithNext: true }, frame)]),
        printedMusic(plan, lookOf({ plan, choices }, staffMm), frame.widthMm),
      ]),
      // Variants are practised with the first fingering; the other one is there to be known.
      ...plans.slice(0, 1).flatMap((plan) => variantParts({ plan, choices }, frame, staffMm)),
    ]),
  ]);
}
