import { readFileSync } from 'node:fs';
import type { Brief } from '#core/brief';
import { plan } from '#core/plan';
import type { Plan } from '#core/plan/describe';

/** A difference of one fingering of a line from another. */
export type VariantKind =
  'another-string' | 'sooner-or-later' | 'starting-position' | 'four-or-open' | 'semitones' | 'one-string' | 'count-of-shifts';

/** A brief, and complete fingerings of it that teachers would name: "G3 D0123", the letter of a string before its fingers. */
export interface VariantBrief {
  readonly id: string;
  readonly brief: Brief;
  readonly variants: readonly { readonly kind: VariantKind; readonly fingers: string }[];
}

/** The briefs, in the order of the file. */
export function variantBriefs(): readonly VariantBrief[] {
  return JSON.parse(readFileSync(new URL('alternatives.json', import.meta.url), 'utf8'));
}

/** Spells a variant out: "G3 D0 D1 …" for "G3 D01…". */
export function spellOut(fingers: string): string {
  return fingers
    .split(' ')
    .flatMap((run) => [...run.slice(1)].map((finger) => `${run.slice(0, 1)}${finger}`))
    .join(' ');
}

/** Plans the brief with every note locked as a variant has it; its words where that is impossible. */
export function planAs({ brief }: VariantBrief, fingers: string): Plan | string {
  const open = new Map(openNames(brief).map((name) => [name.slice(0, 1), name]));
  const locks = spellOut(fingers)
    .split(' ')
    .map((text, note) => ({ note, string: open.get(text.slice(0, 1)) ?? '', finger: text.slice(1) as '1' }));
  const outcome = plan({ ...brief, locks });
  return outcome.ok ? outcome.value.best : outcome.issues.map(({ message }) => message).join(' ');
}

function openNames(brief: Brief): readonly string[] {
  const outcome = plan(brief);
  return outcome.ok ? outcome.value.best.strings.map(({ name }) => name) : [];
}
