import { cautionsOf } from '#core/fit';
import type { KnownOfPlayer } from '#core/drill/hot-spots';
import { lineShape, textShape } from '#core/paper';
import { isOnSheet, type SheetChoices } from '#core/paper/choices';
import type { Plan } from '#core/plan/describe';
import { namesOf } from '#core/rhythm';
import { cautionText } from '../words/cautions.ts';
import { SHEET_PART_LABELS } from '../words/paper/sheet.ts';
import { UNDER_STAFF_WORDS } from '../words/hand/under-staff.ts';
import { briefLine } from '../words/piece/brief-line.ts';
import { type Body, type PrintedPart, setBody, type SheetPages, withEnds } from './body.ts';
import { block, paragraph, type PrintedBlock, type SetFrame, SIZES, widthOf } from './set/blocks.ts';
import { codeBlockShapes, type CodeToScan } from './set/code.ts';
import { printedMusic } from './set/music.ts';
import { bowSentence, lookOf, variantParts } from './set/music-parts.ts';
import { moveShape } from './set/move-shape.ts';
import { PARTS_BELOW } from './set/parts.ts';

/** The content of a sheet. */
export interface SheetContent {
  readonly title: string;
  readonly plan: Plan;
  readonly choices: SheetChoices;
  /** The positions and tries of the player, for the hot spots. */
  readonly known: KnownOfPlayer;
  /** The code to scan; null for none. */
  readonly code: CodeToScan | null;
}

/** Sets a piece: title, music and the parts that were chosen. */
export function sheetBody(content: SheetContent): Body {
  return setBody(content.title, content.choices, (frame, staffMm) => partsOf(content, frame, staffMm));
}

/** Sets a piece as pages of its own. */
export function sheetPages(content: SheetContent): SheetPages {
  return withEnds(sheetBody(content));
}

function partsOf(content: SheetContent, frame: SetFrame, staffMm: number): readonly PrintedPart[] {
  const { choices, plan } = content;
  const look = lookOf(content, staffMm);
  const below = namesOf(PARTS_BELOW).filter((part) => isOnSheet(part, choices));
  return [
    ...titleBlocks(content, frame),
    ...(isOnSheet('staff', choices) ? [printedMusic(plan, look, frame.widthMm)] : []),
    ...(look.bow ? [bowSentence(look.bow, frame)] : []),
    ...below.flatMap((part) => PARTS_BELOW[part](content, frame)),
    ...variantParts({ plan, choices }, frame, staffMm),
    ...closing(content, frame),
  ];
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
    const shapes = part.shapes.map((shape) => moveShape(shape, 0, yMm));
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
  const care = cautionText(cautionsOf(plan)) ?? 'Stop at any pain, and ask your teacher.';
  return [paragraph({ text: [...signs, ...rows, 'The ear decides.', care].join(' '), sizePt: SIZES.small, gapMm: 3 }, frame)];
}
