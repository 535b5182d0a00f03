import { Command } from 'cmdk';
import { Dialog } from 'radix-ui';
import { loadPieceNames } from '../../store/piece-files.ts';
import { openOnBench } from '../open-on-bench.ts';
import { useLiveQuery } from '../use-live-query.ts';
import { COMMANDS } from './commands.ts';

/** Everything that can be done and every piece, found by typing. */
export function CommandPalette({ onClose }: { readonly onClose: () => void }) {
  const pieces = useLiveQuery(loadPieceNames) ?? [];
  const run = (what: () => void) => (): void => {
    onClose();
    what();
  };
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-shade" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-[12vh] left-1/2 z-20 w-[34rem] max-w-[94vw] -translate-x-1/2 border border-dove-light bg-paper"
        >
          <Dialog.Title className="sr-only">Everything that can be done</Dialog.Title>
          <Command loop filter={hasEveryWord}>
            <Command.Input
              aria-label="What to do, or a piece"
              placeholder="What to do, or a piece"
              className="w-full border-b border-line bg-transparent px-4 py-3 text-lg"
            />
            <Command.List className="max-h-[60vh] overflow-auto p-2">
              <Command.Empty className="px-2 py-3 text-dove-dark">Nothing of that name.</Command.Empty>
              {COMMAND_GROUPS.map((group) => (
                <Command.Group key={group} heading={group} className="palette-group">
                  {COMMANDS.filter((command) => command.group === group).map(({ name, keys, run: does }) => (
                    <Command.Item key={name} value={name} onSelect={run(does)} className="palette-item">
                      <span className="grow">{name}</span>
                      {keys !== undefined && <kbd className="font-sans text-sm text-dove-dark">{keys}</kbd>}
                    </Command.Item>
                  ))}
                </Command.Group>
              ))}
              <Command.Group heading="Pieces" className="palette-group">
                {pieces.map(({ id, name }) => (
                  <Command.Item key={id} value={`${name} ${id}`} onSelect={run(() => openOnBench(id))} className="palette-item">
                    {name}
                  </Command.Item>
                ))}
              </Command.Group>
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** What is typed finds what has all its words, wherever in the name they stand. */
function hasEveryWord(name: string, typed: string): number {
  const text = name.toLowerCase();
  return typed
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word))
    ? 1
    : 0;
}

const COMMAND_GROUPS = ['The selected note or stretch', 'The bench', 'Save', 'Go to'] as const;
