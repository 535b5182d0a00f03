import type { Brief } from '#core/brief';
import type { PracticeItem } from '#core/practice/item';
import type { Plan } from '#core/plan/describe';
import { engine } from '../../engine/index.ts';
import { loadPiece } from '../../storage/reading/index.ts';

/** An item with its plan, at the tempo its ladder leads to. */
export interface LoadedItem {
  readonly item: PracticeItem;
  readonly plan: Plan;
  /** Whether another fingering would be better at the foot of the ladder alone: it is said, never swapped. */
  readonly otherWhenSlow: boolean;
}

/** Gives the plan of an item; null where its piece is gone, or where no hand plays it. */
export async function loadItem(item: PracticeItem): Promise<LoadedItem | null> {
  const { piece, part } = item.practised;
  const record = await loadPiece(piece);
  if (!record) return null;
  const brief = await briefOfPart({ ...record.document.brief, tempo: item.ladder.to }, part);
  const plan = brief && (await planOf(brief));
  if (!brief || !plan) return null;
  const slow = await planOf({ ...brief, tempo: item.ladder.from });
  return { item, plan, otherWhenSlow: slow !== null && fingersOf(slow) !== fingersOf(plan) };
}

/** Gives the brief that is practised: of a stage its own line. */
async function briefOfPart(brief: Brief, part: PracticeItem['practised']['part']): Promise<Brief | null> {
  if (part.part !== 'stage') return brief;
  const apart = await engine.ask(brief, { kind: 'shift-apart', note: part.note });
  return apart?.stages.find(({ name }) => name === part.stage)?.brief ?? null;
}

async function planOf(brief: Brief): Promise<Plan | null> {
  const outcome = await engine.ask(brief, { kind: 'plan' });
  return outcome.ok ? outcome.value.best : null;
}

function fingersOf({ notes }: Plan): string {
  return notes
    .map((note) => (note.kind === 'note' ? note.stops.map(({ string, finger }) => `${string}${finger}`).join('+') : '-'))
    .join(' ');
}
