import { useState } from 'react';
import { isOnSheet, readySheet, type SheetChoices } from '#core/paper/choices';
import { NOTHING_KNOWN } from '#core/drill/hot-spots';
import { answerOf, type Asked, engine, useAsked } from '../../engine/index.ts';
import { paper, type SheetPages } from '../../printing/index.ts';
import type { PieceRecord, PlayerRecord, SchoolRecord } from '../../records/record.ts';
import type { Studio } from '../../records/studio.ts';
import { keepAhead, keepOrThrow } from '../../state/keeping/index.ts';
import { say } from '../../state/notices.ts';
import { PIECE, STUDIO, useStored } from '../../state/reading/index.ts';
import { useUnderStaff } from '../../state/under-staff.ts';
import { keptAsUsualText, NOT_KEPT } from '../../words/paper/sheet.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { type PlannedPiece, usePlanned } from '../opened-piece/index.ts';
import { type CodeOrNot, useCode } from './use-code.ts';

/** The sheet of a piece: its choices, where they come from, and its pages. */
export interface SheetAtHand {
  readonly piece: PlannedPiece;
  readonly record: PieceRecord;
  /** The player of the piece; null for nobody. */
  readonly player: PlayerRecord | null;
  /** The school it follows; null for none. */
  readonly school: SchoolRecord | null;
  readonly choices: SheetChoices;
  readonly pages: Asked<SheetPages>;
  /** The code to scan, or the reason why there is none; null until it is known. */
  readonly code: CodeOrNot | null;
  /** Chooses something about the sheet, which is kept with the piece. */
  readonly choose: (change: SheetChoices) => void;
  /** Leaves a choice that is still being typed where the next page finds it. */
  readonly leave: (change: SheetChoices) => void;
}

/** Gives the sheet of the piece of an id; a sentence where there is no piece. */
export function useSheet(id: string | null): Asked<SheetAtHand | string> {
  const planned = usePlanned(id);
  const record = answerOf(useStored(PIECE, id));
  const studio = answerOf(useStored(STUDIO));
  const [chosen, setChosen] = useState<{ readonly id: string; readonly choices: SheetChoices } | null>(null);
  const rows = useUnderStaff();
  const whose = whoseSheet(record, studio);
  const choices = (chosen !== null && chosen.id === id ? chosen.choices : record?.document.sheet) ?? usualSheet(whose, rows);
  const piece = answerOf(planned);
  const code = answerOf(useCode(record?.document.brief ?? null, choices.code === true));
  const pages = usePages({ piece: typeof piece === 'string' ? null : piece, player: whose.player, choices, code });
  if (planned.state !== 'answered') return planned;
  if (typeof planned.value === 'string') return { state: 'answered', value: planned.value };
  if (!record || !studio) return { state: 'waiting' };
  const choose = (change: SheetChoices): void => {
    const next = { ...choices, ...change };
    setChosen({ id: record.id, choices: next });
    void keepChoices(record, next);
  };
  const leave = (change: SheetChoices): void => keepAhead(withSheet(record, { ...choices, ...change }), record);
  return { state: 'answered', value: { piece: planned.value, record, ...whose, choices, pages, code, choose, leave } };
}

/** Finds the player of a piece and the school it follows. */
function whoseSheet(record: PieceRecord | null, studio: Studio | null): Pick<SheetAtHand, 'player' | 'school'> {
  return {
    player: studio?.players.find(({ id }) => id === record?.playerId) ?? null,
    school: studio?.schools.find(({ id }) => id === record?.schoolId) ?? null,
  };
}

/** Gives the choices of a sheet that has none of its own: those of the player, else of the school, else the usual ones. */
function usualSheet({ player, school }: Pick<SheetAtHand, 'player' | 'school'>, rows: ReturnType<typeof useUnderStaff>): SheetChoices {
  return player?.document.sheet ?? school?.document.sheet ?? withRows(readySheet('usual'), rows);
}

/** A new sheet begins with the rows that are shown under the staff on the bench. */
function withRows(choices: SheetChoices, { steps, fingers, bow }: ReturnType<typeof useUnderStaff>): SheetChoices {
  return { ...choices, parts: { ...choices.parts, ...(steps && { steps }), ...(fingers && { fingers }), ...(bow && { bow }) } };
}

async function keepChoices(record: PieceRecord, sheet: SheetChoices): Promise<void> {
  await keepOrThrow('piece', withSheet(record, sheet), record).catch(() => say(NOT_KEPT));
}

function withSheet(record: PieceRecord, sheet: SheetChoices): PieceRecord {
  return { ...record, document: { ...record.document, sheet }, updatedAt: Date.now() };
}

/** Keeps choices as the usual ones of a player, for every piece that has none of its own, and says so. */
export async function keepForPlayer(player: PlayerRecord, sheet: SheetChoices): Promise<void> {
  const { document } = player;
  await keepOrThrow('player', { ...player, document: { ...document, sheet }, updatedAt: Date.now() }, player).then(
    () => say(keptAsUsualText(document.name)),
    () => say(NOT_KEPT),
  );
}

/** Keeps choices as the usual ones of a school, and says so. */
export async function keepForSchool(school: SchoolRecord, sheet: SheetChoices): Promise<void> {
  const { document } = school;
  await keepOrThrow('school', { ...school, document: { ...document, sheet }, updatedAt: Date.now() }, school).then(
    () => say(keptAsUsualText(document.name)),
    () => say(NOT_KEPT),
  );
}

interface Setting {
  readonly piece: PlannedPiece | null;
  readonly player: PlayerRecord | null;
  readonly choices: SheetChoices;
  readonly code: CodeOrNot | null;
}

function usePages({ piece, player, choices, code: found }: Setting): Asked<SheetPages> {
  const code = found === null || typeof found === 'string' ? null : found;
  return useAsked({
    key: ['sheet', piece && engine.sessionOf(piece.plan.brief), piece?.name, piece?.id, choices, code?.link],
    when: piece !== null && found !== null,
    ask: async () => {
      if (!piece) throw new Error(`There is no piece to set: ${String(piece)}`);
      const known = isOnSheet('hotSpots', choices) ? await tellKnown(piece, player) : NOTHING_KNOWN;
      const title = pieceTitle({ name: piece.name, brief: piece.plan.brief });
      return await paper().sheet({ title, plan: piece.plan, choices, known, code });
    },
  });
}

async function tellKnown({ plan, id, playerId }: PlannedPiece, player: PlayerRecord | null) {
  const { triesOfPiece } = await import('../../state/practice/known.ts');
  return { positions: player?.document.profile.positions ?? null, tried: await triesOfPiece(plan, id, playerId) };
}
