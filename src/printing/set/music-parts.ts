import { type BowPlan, bowPlan } from '#core/bow';
import { variantOf } from '#core/notation';
import { isOnSheet, type SheetChoices } from '#core/paper/choices';
import type { Plan } from '#core/plan/describe';
import { capital } from '../../words/capital.ts';
import { bowCountText, bowEndsText } from '../../words/line/bow.ts';
import type { PrintedPart } from '../body.ts';
import { type OfferedVariant, variantsNamed } from '../variants.ts';
import { block, heading, paragraph, type PrintedBlock, type SetFrame, SIZES } from './blocks.ts';
import { type MusicLook, printedMusic, type PrintedMusic } from './music.ts';

/** A fingering to be printed, and what stands on its staff. */
export interface FingeredMusic {
  readonly plan: Plan;
  readonly choices: SheetChoices;
}

/** Gives the look of music by the choices of a sheet. */
export function lookOf({ choices, plan }: FingeredMusic, staffMm: number): MusicLook {
  const on = (part: Parameters<typeof isOnSheet>[0]): boolean => isOnSheet(part, choices);
  return {
    staffMm,
    show: { largeFingers: false, strings: on('strings'), positions: on('positions'), cues: on('remarks'), names: on('letters') },
    inBetween: on('inBetween'),
    steps: on('steps'),
    fingers: on('fingers'),
    path: on('path'),
    bow: on('bow') ? bowPlan(plan) : null,
  };
}

/** Sets the variants that are chosen, each under its name: all of it, or its first system. */
export function variantParts(music: FingeredMusic, frame: SetFrame, staffMm: number): readonly PrintedPart[] {
  const named = variantsNamed(music.choices.variants ?? []);
  return named.flatMap((variant, order) => oneVariant(variant, order, { ...music, frame, staffMm }));
}

interface VariantSetting extends FingeredMusic {
  readonly frame: SetFrame;
  readonly staffMm: number;
}

function oneVariant(
  { label, variant }: OfferedVariant,
  order: number,
  { plan: whole, choices, staffMm, frame }: VariantSetting,
): readonly PrintedPart[] {
  const title = heading(`${order + 1}. ${capital(label)}`, frame);
  const plan = variantOf(whole, variant);
  if (!plan) {
    return [title, paragraph({ text: 'This rhythm cannot be written down over the lengths of this line.', sizePt: SIZES.text }, frame)];
  }
  const look = lookOf({ choices, plan }, staffMm);
  const music = printedMusic(plan, look, frame.widthMm);
  const bow = look.bow ? [bowSentence(look.bow, frame)] : [];
  const count = choices.wholeVariants === true ? music.count : fittingMeasures(music, frame.widthMm);
  if (count === music.count) return [title, music, ...bow];
  const beginning = block(music.draw(0, count), music.heightMm(0, count), { keepWithNext: true });
  return [title, beginning, paragraph({ text: '… and so on.', sizePt: SIZES.small }, frame), ...bow];
}

/** Tells how the notes of a line fill its bows. */
export function bowSentence(bow: BowPlan, frame: SetFrame): PrintedBlock {
  return paragraph({ text: `${bowCountText(bow.count)}; ${bowEndsText(bow)}.`, sizePt: SIZES.text, gapMm: 1.5 }, frame);
}

function fittingMeasures(music: PrintedMusic, widthMm: number): number {
  let count = 1;
  while (count < music.count && music.naturalMm(0, count + 1) <= widthMm) count += 1;
  return count;
}
