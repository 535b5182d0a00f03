import type { ImportChoice } from '#core/format/foreign';
import { firstChoice } from '../../../files/foreign/index.ts';
import type { OpenedScore } from './opened-files.ts';

/** A score with the choice from it; one that does not read has no choice. */
export interface ChosenScore {
  readonly opened: OpenedScore;
  readonly name: string;
  /** The choice; null for a score that does not read. */
  readonly choice: ImportChoice | null;
}

/** Makes the first choice from each score. */
export function firstChosen(opened: OpenedScore): ChosenScore {
  const { reading } = opened;
  if (!reading.ok) return { opened, name: opened.name, choice: null };
  const { score } = reading.value;
  return { opened, name: (score.title ?? opened.name).slice(0, 120), choice: firstChoice(score) };
}
