import { gzipSync } from 'node:zlib';
import type { Brief } from '#core/brief';
import type { SheetChoices } from '#core/paper/choices';
import { plan } from '#core/plan';
import type { PrintedLine } from '../../printing/index.ts';
import { capital } from '../../words/capital.ts';
import { materialLabel } from '../../words/piece/pieces.ts';

/** A key of a book that is to be planned and set. */
export interface KeyAsked {
  readonly title: string;
  readonly briefs: readonly Brief[];
  readonly choices: SheetChoices;
}

/** A key that is planned and set: its pages, packed, and what of it no hand plays. */
export interface KeySet {
  /** The number of its pages; 0 where no hand plays any of it. */
  readonly pages: number;
  readonly unplayable: readonly string[];
  /** The pages as packed JSON. */
  readonly packed: Uint8Array<ArrayBuffer>;
}

/** Plans the lines of a key, and sets those that a hand plays. What sets pages is loaded when a thread first needs it. */
export async function setKeyOfBook({ title, briefs, choices }: KeyAsked): Promise<KeySet> {
  const { keyBody } = await import('../../printing/key-body.ts');
  const lines: PrintedLine[] = [];
  const unplayable: string[] = [];
  for (const brief of briefs) {
    const outcome = plan(brief);
    const label = capital(materialLabel(brief));
    if (outcome.ok) lines.push({ label, plans: [outcome.value.best] });
    else unplayable.push(label);
  }
  if (lines.length === 0) return { pages: 0, unplayable, packed: new Uint8Array() };
  const body = keyBody({ title, lines, choices });
  return { pages: body.pages.length, unplayable, packed: new Uint8Array(gzipSync(JSON.stringify(body))) };
}
