import type { Brief } from '#core/brief';
import { NOTHING_KNOWN } from '#core/drill/hot-spots';
import type { SheetChoices } from '#core/paper/choices';
import { plan as planOf } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import { seededBrief } from '../../../scripts/results/seeded-briefs.ts';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import type { SheetPages } from '../../../src/printing/body.ts';
import { sheetPages } from '../../../src/printing/sheet-pages.ts';

/** A piece that a hand plays, with its fingering. */
export interface PlannedBrief {
  readonly name: string;
  readonly plan: Plan;
}

/** Plans all demo pieces and a number of seeded ones that a hand plays. */
export function plannedBriefs(seeded: number): readonly PlannedBrief[] {
  const demo = DEMO_PIECES.flatMap(({ name, brief }) => planOne(name, brief));
  const others: PlannedBrief[] = [];
  for (let seed = 1; others.length < seeded; seed += 1) others.push(...planOne(`Seed ${seed}`, seededBrief(seed)));
  return [...demo, ...others];
}

function planOne(name: string, brief: Brief): readonly PlannedBrief[] {
  const outcome = planOf(brief);
  return outcome.ok ? [{ name, plan: outcome.value.best }] : [];
}

/** Sets the sheet of a piece. */
export function sheetOf({ name, plan }: PlannedBrief, choices: SheetChoices): SheetPages {
  return sheetPages({ title: name, plan, choices, known: NOTHING_KNOWN, code: null });
}
