import { type BowPlan, bowPlan } from '#core/bow';
import { cautionsOf } from '#core/fit';
import type { KnownOfPlayer } from '#core/drill/hot-spots';
import {
  formatOf,
  isOnSheet,
  layOutFlow,
  lineShape,
  type PageFormat,
  type PaperShape,
  type PlacedPage,
  type SheetChoices,
  STAFF_MM,
  textShape,
} from '#core/paper';
import { variantOf } from '#core/notation';
import type { Plan } from '#core/plan/describe';
import { cautionText } from '../words/cautions.ts';
import { bowCountText, bowEndsText } from '../words/line/bow.ts';
import { SHEET_PART_LABELS, turnText } from '../words/paper/sheet.ts';
import { UNDER_STAFF_WORDS } from '../words/hand/under-staff.ts';
import { briefLine } from '../words/piece/brief-line.ts';
import { block, heading, paragraph, printable, type PrintedBlock, type SetFrame, SIZES, widthOf } from './set/blocks.ts';
import { codeBlockShapes, type CodeToScan } from './set/code.ts';
import { type MusicLook, printedMusic, type PrintedMusic } from './set/music.ts';
import { moved } from './set/moved.ts';
import { PARTS_BELOW } from './set/parts.ts';
import { type OfferedVariant, variantsNamed } from './variants.ts';

/** What is printed on a sheet. */
export interface SheetContent {
  readonly title: string;
  readonly plan: Plan;
  readonly choices: SheetChoices;
  /** What is known of the player, for the hot spots. */
  readonly known: KnownOfPlayer;
  /** The code to scan; null for none. */
  readonly code: CodeToScan | null;
}

/** The pages of a sheet. */
export interface SheetPages {
  readonly format: PageFormat;
  readonly title: string;
  /** The shapes on each page, mm from its upper left corner. */
  readonly pages: readonly (readonly PaperShape[])[];
}

type Part = PrintedBlock | PrintedMusic;

/** The height of the running head above the flow, and of the foot below it, mm. */
const HEAD_MM = 6;
const FOOT_MM = 7;

/** Sets a piece as pages: title, music and the parts that were chosen. */
export function sheetPages(content: SheetContent): SheetPages {
  const { choices, title } = content;
  const format = formatOf(choices.paper ?? 'A4', choices.orientation ?? 'portrait');
  const staffMm = STAFF_MM[choices.size ?? 'usual'];
  const frame = { widthMm: format.widthMm - 2 * format.marginMm, scale: Math.sqrt(staffMm / STAFF_MM.usual) };
  const parts = partsOf(content, frame, staffMm);
  const room = { widthMm: frame.widthMm, heightMm: format.heightMm - 2 * format.marginMm - FOOT_MM };
  const placed = layOutFlow(parts, { ...room, heightMm: room.heightMm - HEAD_MM });
  const pages = placed.map((page, order) => [
    ...headAndFoot({ title, order, count: placed.length, page, next: placed[order + 1] }, format, frame),
    ...shapesOf(page, parts).map((shape) => moved(shape, format.marginMm, format.marginMm + HEAD_MM)),
  ]);
  return { format, title, pages };
}

function partsOf(content: SheetContent, frame: SetFrame, staffMm: number): readonly Part[] {
  const { choices, plan } = content;
  const look = lookOf(content, staffMm);
  const below = (Object.keys(PARTS_BELOW) as (keyof typeof PARTS_BELOW)[]).filter((part) => isOnSheet(part, choices));
  return [
    ...titleBlocks(content, frame),
    ...(isOnSheet('staff', choices) ? [printedMusic(plan, look, frame.widthMm)] : []),
    ...(look.bow ? [bowSentence(look.bow, frame)] : []),
    ...below.flatMap((part) => PARTS_BELOW[part](content, frame)),
    ...variantsNamed(choices.variants ?? []).flatMap((variant, order) => variantParts(variant, order, { content, staffMm, frame })),
    ...closing(content, frame),
  ];
}

function lookOf({ choices, plan }: SheetContent, staffMm: number): MusicLook {
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

/** The room between the title and the code beside it, mm. */
const BESIDE_CODE = 4;

/** Sets title, brief and aim; beside them the code to scan. */
function titleBlocks({ title, plan, choices, code }: SheetContent, frame: SetFrame): readonly PrintedBlock[] {
  const freeMm = code === null ? 0 : code.sideMm + BESIDE_CODE;
  const name = paragraph({ text: title, sizePt: SIZES.title, face: 'serif-bold', keepWithNext: true, freeMm }, frame);
  const about = paragraph({ text: `${briefLine(plan.brief)}.`, sizePt: SIZES.text, gapMm: 0.8, keepWithNext: true, freeMm }, frame);
  const aim = isOnSheet('aim', choices) ? [aimBlock(choices.aim ?? '', frame, freeMm)] : [];
  const heightMm = [name, about, ...aim].reduce((sum, { heightMm: own, gapMm }) => sum + own + gapMm, 0);
  if (code === null) return [name, about, ...aim, block([], 2)];
  const beside = codeBlockShapes(code, frame.widthMm);
  let yMm = 0;
  const joined = [name, about, ...aim].flatMap((part) => {
    yMm += part.gapMm;
    const shapes = part.shapes.map((shape) => moved(shape, 0, yMm));
    yMm += part.heightMm;
    return shapes;
  });
  return [block([...joined, ...beside.shapes], Math.max(heightMm, beside.heightMm), { keepWithNext: true }), block([], 2)];
}

function aimBlock(aim: string, frame: SetFrame, freeMm: number): PrintedBlock {
  const label = `${SHEET_PART_LABELS.aim}: `;
  if (aim !== '') return paragraph({ text: `${label}${aim}`, sizePt: SIZES.heading, face: 'serif-italic', gapMm: 1.5, freeMm }, frame);
  const size = SIZES.heading * frame.scale;
  const [fromMm, baseMm] = [widthOf(label, 'serif-italic', size) + 1, 5 * frame.scale];
  return block(
    [
      textShape([0, baseMm], size, label, { face: 'serif-italic' }),
      lineShape([fromMm, baseMm + 0.6], [frame.widthMm - freeMm, baseMm + 0.6], 0.15),
    ],
    7 * frame.scale,
    { gapMm: 1 },
  );
}

interface VariantSetting {
  readonly content: SheetContent;
  readonly staffMm: number;
  readonly frame: SetFrame;
}

/** Sets a variant under its name: all of it, or its first system. */
function variantParts({ label, variant }: OfferedVariant, order: number, { content, staffMm, frame }: VariantSetting): readonly Part[] {
  const title = heading(`${order + 1}. ${label.charAt(0).toUpperCase()}${label.slice(1)}`, frame);
  const plan = variantOf(content.plan, variant);
  if (!plan) {
    return [title, paragraph({ text: 'This rhythm cannot be written down over the lengths of this line.', sizePt: SIZES.text }, frame)];
  }
  const look = lookOf({ ...content, plan }, staffMm);
  const music = printedMusic(plan, look, frame.widthMm);
  const bow = look.bow ? [bowSentence(look.bow, frame)] : [];
  const count = content.choices.wholeVariants === true ? music.count : fittingMeasures(music, frame.widthMm);
  if (count === music.count) return [title, music, ...bow];
  const beginning = block(music.draw(0, count), music.heightMm(0, count), { keepWithNext: true });
  return [title, beginning, paragraph({ text: '… and so on.', sizePt: SIZES.small }, frame), ...bow];
}

/** Tells how the notes of a line fill its bows. */
function bowSentence(bow: BowPlan, frame: SetFrame): PrintedBlock {
  return paragraph({ text: `${bowCountText(bow.count)}; ${bowEndsText(bow)}.`, sizePt: SIZES.text, gapMm: 1.5 }, frame);
}

function fittingMeasures(music: PrintedMusic, widthMm: number): number {
  let count = 1;
  while (count < music.count && music.naturalMm(0, count + 1) <= widthMm) count += 1;
  return count;
}

/** Explains the signs, and says how to care for the hand. */
function closing({ plan, choices }: SheetContent, frame: SetFrame): readonly PrintedBlock[] {
  const signs = isOnSheet('staff', choices)
    ? ['– a shift onto this note · ↓ ↑ the finger stands lower, higher · x extended · Roman numerals: strings, I the highest.']
    : [];
  const rows = [
    ...(isOnSheet('steps', choices) ? [UNDER_STAFF_WORDS.steps] : []),
    ...(isOnSheet('fingers', choices) ? [UNDER_STAFF_WORDS.fingers] : []),
    ...(isOnSheet('bow', choices) ? [UNDER_STAFF_WORDS.bow] : []),
  ];
  const care = cautionText(cautionsOf(plan)) ?? 'The ear decides; stop at any pain and ask your teacher.';
  return [paragraph({ text: [...signs, ...rows, care].join(' '), sizePt: SIZES.small, gapMm: 3 }, frame)];
}

interface PageEnds {
  readonly title: string;
  readonly order: number;
  readonly count: number;
  readonly page: PlacedPage;
  readonly next: PlacedPage | undefined;
}

/** Sets the running head of the pages after the first, and the number at the foot of pages that are not alone. */
function headAndFoot(
  { title, order, count, page, next }: PageEnds,
  { widthMm, heightMm, marginMm }: PageFormat,
  frame: SetFrame,
): readonly PaperShape[] {
  if (count === 1) return [];
  const size = SIZES.small * frame.scale;
  const footMm = heightMm - marginMm;
  const turn = next === undefined ? null : turnText(page.turn);
  return [
    ...(order === 0 ? [] : [textShape([marginMm, marginMm + 2], size, printable(title), { face: 'serif-italic' })]),
    textShape([widthMm / 2, footMm], size, `${order + 1} of ${count}`, { face: 'serif', anchor: 'middle' }),
    ...(turn === null ? [] : [textShape([marginMm, footMm - 4], size, turn, { face: 'serif-italic' })]),
  ];
}

function shapesOf(page: PlacedPage, parts: readonly Part[]): readonly PaperShape[] {
  return page.placed.flatMap((placed) => {
    const part = parts[placed.part];
    if (placed.kind === 'system')
      return part?.kind === 'music' ? part.draw(placed.from, placed.to).map((shape) => moved(shape, 0, placed.yMm)) : [];
    return part?.kind === 'block' ? part.shapes.map((shape) => moved(shape, 0, placed.yMm)) : [];
  });
}
