import { useState } from 'react';
import { answerOf } from '../../engine/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Download, Printer } from '../../ui/icons.ts';
import { say } from '../../state/notices.ts';
import { SAVE_FAILED } from '../../words/paper/sheet.ts';
import { savePdf, savePictures, type SavedAs } from './save.ts';
import type { SheetAtHand } from './use-sheet.ts';

/** The kinds of files, with their names on buttons. */
const FILES: readonly { readonly as: SavedAs; readonly name: string }[] = [
  { as: 'pdf', name: 'PDF' },
  { as: 'svg', name: 'SVG' },
  { as: 'png', name: 'PNG' },
];

/** Prints the pages, and saves them as files. */
export function SheetActions({ sheet, title }: { readonly sheet: SheetAtHand; readonly title: string }) {
  const pages = answerOf(sheet.pages);
  const [saving, setSaving] = useState(false);
  const save = async (as: SavedAs): Promise<void> => {
    if (!pages) return;
    setSaving(true);
    await (as === 'pdf' ? savePdf(pages, title) : savePictures(pages, title, as)).catch(() => say(SAVE_FAILED));
    setSaving(false);
  };
  return (
    <>
      <Button onClick={() => print()} disabled={pages === null}>
        <Printer size={15} aria-hidden="true" /> Print it
      </Button>
      {FILES.map(({ as, name }) => (
        <Button key={as} onClick={() => void save(as)} disabled={pages === null || saving}>
          <Download size={15} aria-hidden="true" /> Save as {name}
        </Button>
      ))}
    </>
  );
}
