import { Download, FilePlus2, Keyboard, Printer, Redo2, Undo2 } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { redo, renamePiece, undo } from '../../store/bench-work.ts';
import { useBench, useHistory } from '../../store/bench-store.ts';
import { materialLabel } from '../../words/labels.ts';

/** Comes when first asked for. */
const KeysSheet = lazy(async () => ({ default: (await import('./KeysSheet.tsx')).KeysSheet }));

/** The piece's name and what can be done with it. */
export function BenchToolbar() {
  const name = useBench((bench) => bench.name);
  const pieceId = useBench((bench) => bench.pieceId);
  const planned = useBench((bench) => bench.planSet !== null);
  const suggestion = useBench((bench) => materialLabel(bench.brief));
  const { canUndo, canRedo } = useHistory();
  return (
    <div className="flex grow flex-wrap items-center gap-2">
      <input
        aria-label="Name of the piece"
        className="field min-w-40 grow font-serif"
        value={name}
        maxLength={120}
        placeholder={`Name it: ${suggestion}`}
        onChange={(event) => renamePiece(event.target.value)}
      />
      <SavedState />
      <button type="button" className="quiet-button" disabled={!canUndo} onClick={undo} aria-label="Undo" title="Undo (Z)">
        <Undo2 size={16} aria-hidden="true" />
      </button>
      <button type="button" className="quiet-button" disabled={!canRedo} onClick={redo} aria-label="Redo" title="Redo (Shift Z)">
        <Redo2 size={16} aria-hidden="true" />
      </button>
      <button type="button" className="quiet-button" disabled={!planned} onClick={() => void download('downloadMusicXml')}>
        <Download size={15} aria-hidden="true" /> MusicXML
      </button>
      <button type="button" className="quiet-button" onClick={() => void download('downloadJson')}>
        <Download size={15} aria-hidden="true" /> JSON
      </button>
      <a className="quiet-button" href={`/sheet?piece=${pieceId ?? ''}`}>
        <Printer size={15} aria-hidden="true" /> Sheet
      </a>
      <a className="quiet-button" href="/?new">
        <FilePlus2 size={15} aria-hidden="true" /> New
      </a>
      <KeysButton />
    </div>
  );
}

function SavedState() {
  const saving = useBench((bench) => bench.saving);
  const words = { saved: 'Saved', saving: 'Saving', failed: 'Not saved' }[saving.state];
  return (
    <span
      data-saving={saving.state}
      className={`w-16 text-sm ${saving.state === 'failed' ? 'font-semibold text-ochre' : 'text-dove-dark'}`}
    >
      {words}
    </span>
  );
}

function KeysButton() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="quiet-button"
        aria-label="All keys"
        title="All keys"
        aria-haspopup="dialog"
        onClick={() => setOpen(true)}
      >
        <Keyboard size={16} aria-hidden="true" />
      </button>
      {open && (
        <Suspense>
          <KeysSheet onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}

/** What writes files comes when the first one is asked for. */
async function download(write: 'downloadMusicXml' | 'downloadJson'): Promise<void> {
  const downloads = await import('./downloads.ts');
  downloads[write]();
}
