import { FilePlus2, History, Keyboard, Printer, Redo2, Save, Search, Undo2 } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { useOpenSheets } from '../../../state/open-sheets.ts';
import { renamePiece } from '../../../state/work-actions.ts';
import { redo, undo } from '../../../state/work-history.ts';
import { useHistory, useWork } from '../../../state/work.ts';
import { Button, ButtonLink } from '../../../ui/Button.tsx';
import { TextField } from '../../../ui/Field.tsx';
import { materialLabel } from '../../../words/labels.ts';
import { Opening } from './Opening.tsx';
import { titleOf } from './key-lines.ts';

/** Come when first asked for, or when the plan stands. */
const KeysSheet = lazy(async () => ({ default: (await import('./KeysSheet.tsx')).KeysSheet }));
const CommandPalette = lazy(async () => ({ default: (await import('./CommandPalette.tsx')).CommandPalette }));
const HistoryList = lazy(async () => ({ default: (await import('./HistoryList.tsx')).HistoryList }));
const FilesMenu = lazy(async () => ({ default: (await import('./FilesMenu.tsx')).FilesMenu }));
const PieceTabs = lazy(async () => ({ default: (await import('./PieceTabs.tsx')).PieceTabs }));

/** The piece's name, the others that stand open, and what can be done. */
export function BenchToolbar({ idle }: { readonly idle: boolean }) {
  const name = useWork((work) => work.name);
  const pieceId = useWork((work) => work.pieceId);
  const suggestion = useWork((work) => materialLabel(work.brief));
  const { canUndo, canRedo } = useHistory();
  return (
    <div className="flex min-w-0 grow flex-wrap items-center gap-x-1.5 gap-y-2 lg:flex-nowrap">
      <TextField
        aria-label="Name of the piece"
        className="w-52 shrink-0 font-serif"
        value={name}
        maxLength={120}
        placeholder={`Name it: ${suggestion}`}
        onChange={(event) => renamePiece(event.target.value)}
      />
      <div className="min-w-0 grow basis-0">
        {idle && pieceId !== null && (
          <Suspense>
            <PieceTabs pieceId={pieceId} />
          </Suspense>
        )}
      </div>
      <SavedState />
      <Button disabled={!canUndo} onClick={undo} aria-label="Undo" title={titleOf('Undo')}>
        <Undo2 size={16} aria-hidden="true" />
      </Button>
      <Button disabled={!canRedo} onClick={redo} aria-label="Redo" title={titleOf('Redo')}>
        <Redo2 size={16} aria-hidden="true" />
      </Button>
      <Opening label="What was done" icon={History} Content={HistoryList} />
      <Opening label="Save as" icon={Save} Content={FilesMenu} />
      <ButtonLink href={`/sheet?piece=${pieceId ?? ''}`}>
        <Printer size={15} aria-hidden="true" /> Sheet
      </ButtonLink>
      <ButtonLink href="/?new">
        <FilePlus2 size={15} aria-hidden="true" /> New
      </ButtonLink>
      <Sheets />
    </div>
  );
}

function SavedState() {
  const saving = useWork((work) => work.saving);
  const words = { saved: 'Saved', saving: 'Saving', failed: 'Not saved' }[saving.state];
  return (
    <span
      data-saving={saving.state}
      className={`w-14 shrink-0 text-right text-sm ${saving.state === 'failed' ? 'font-semibold text-ochre' : 'text-dove-dark'}`}
    >
      {words}
    </span>
  );
}

/** The sheet of keys and the list of everything that can be done; keys open them too. */
function Sheets() {
  const { open, show } = useOpenSheets();
  const close = (): void => show(null);
  return (
    <>
      <Button aria-label="Commands" title={titleOf('Commands')} aria-haspopup="dialog" onClick={() => show('commands')}>
        <Search size={16} aria-hidden="true" />
      </Button>
      <Button aria-label="Keyboard shortcuts" title={titleOf('Keyboard shortcuts')} aria-haspopup="dialog" onClick={() => show('keys')}>
        <Keyboard size={16} aria-hidden="true" />
      </Button>
      {open === 'keys' && (
        <Suspense>
          <KeysSheet onClose={close} />
        </Suspense>
      )}
      {open === 'commands' && (
        <Suspense>
          <CommandPalette onClose={close} />
        </Suspense>
      )}
    </>
  );
}
