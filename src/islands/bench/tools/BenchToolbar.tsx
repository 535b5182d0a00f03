import { FilePlus2, History, Keyboard, Redo2, Save, Search, Undo2 } from '../../../ui/icons.ts';
import { lazy } from 'react';
import { Part } from '../../../ui/states/index.ts';
import { useOpenDialogs } from '../../../state/open-dialogs.ts';
import { redo, undo, useHistory, useWork } from '../../../state/bench/index.ts';
import { SavedState } from '../../frame/index.ts';
import { Button, ButtonLink } from '../../../ui/Button.tsx';
import { Opening } from '../../../ui/Opening.tsx';
import { titleOf } from './key-lines.ts';

/** These come when first asked for, or when the plan stands. */
const KeysDialog = lazy(async () => ({ default: (await import('./KeysDialog.tsx')).KeysDialog }));
const CommandPalette = lazy(async () => ({ default: (await import('./CommandPalette.tsx')).CommandPalette }));
const HistoryList = lazy(async () => ({ default: (await import('./HistoryList.tsx')).HistoryList }));
const FilesMenu = lazy(async () => ({ default: (await import('./FilesMenu.tsx')).FilesMenu }));

/** Offers what can be done with the piece. */
export function BenchToolbar() {
  const { canUndo, canRedo } = useHistory();
  const gone = useWork((work) => work.gone);
  return (
    <div className="flex flex-wrap items-center xl:shrink-0 gap-x-0.5 gap-y-2 xl:ml-auto xl:[&>a]:px-[7px] xl:[&>button]:px-[7px] xl:flex-nowrap">
      <SavedState gone={gone} />
      <Button disabled={!canUndo} onClick={undo} aria-label="Undo" title={titleOf('Undo')}>
        <Undo2 size={16} aria-hidden="true" />
      </Button>
      <Button disabled={!canRedo} onClick={redo} aria-label="Redo" title={titleOf('Redo')}>
        <Redo2 size={16} aria-hidden="true" />
      </Button>
      <Opening label="History" icon={History} Content={HistoryList} />
      <Opening label="Save as" icon={Save} Content={FilesMenu} />
      <ButtonLink href="/?new" aria-label="New piece" title="New piece">
        <FilePlus2 size={16} aria-hidden="true" />
      </ButtonLink>
      <Dialogs />
    </div>
  );
}

/** Opens the list of keys and that of everything that can be done; keys open them too. */
function Dialogs() {
  const { open, show } = useOpenDialogs();
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
        <Part>
          <KeysDialog onClose={close} />
        </Part>
      )}
      {open === 'commands' && (
        <Part>
          <CommandPalette onClose={close} />
        </Part>
      )}
    </>
  );
}
