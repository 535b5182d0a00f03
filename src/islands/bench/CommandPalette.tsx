import { Command } from 'cmdk';
import { loadPieceNames } from '../../store/piece-files.ts';
import { OverPage } from '../OverPage.tsx';
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
    <OverPage title="Everything that can be done" quietTitle className="top-[12vh] w-[34rem]" onClose={onClose}>
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
    </OverPage>
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
