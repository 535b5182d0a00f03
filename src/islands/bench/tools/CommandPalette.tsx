import { Command } from 'cmdk';
import { Fragment, useEffect, useMemo, useRef, useState } from 'react';
import type { PieceRecord } from '../../../records/record.ts';
import { answerOf } from '../../../engine/index.ts';
import { STORED_PIECES, useStored } from '../../../state/reading/index.ts';
import { Dialog } from '../../../ui/Dialog.tsx';
import { pieceTitle } from '../../../words/piece/pieces.ts';
import { openOnBench } from '../../opened-piece/index.ts';
import { chooseInPart, goToPart, type SentencePart, sentenceParts } from '../sentence/parts.ts';
import { COMMANDS } from './commands.ts';
import { type Command as BenchCommand, COMMAND_GROUPS } from './key-lines.ts';

const GROUP =
  '[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-1.5 [&_[cmdk-group-heading]]:pb-0.5 [&_[cmdk-group-heading]]:text-[13px] [&_[cmdk-group-heading]]:text-dove-dark';
const ITEM =
  'flex cursor-pointer gap-3 px-2 py-1 data-[selected=true]:bg-paper-deep data-[selected=true]:shadow-[inset_3px_0_0_var(--color-ink)]';

/** The number of pieces listed; the others are found by typing more. */
const MOST_PIECES = 20;

/** Lists commands, the parts of the brief and every piece, found by typing. */
export function CommandPalette({ onClose }: { readonly onClose: () => void }) {
  const [typed, setTyped] = useState('');
  const found = usePiecesNamed(typed);
  const run = (what: () => unknown) => (): void => {
    onClose();
    what();
  };
  const parts = useParts();
  const afterwards = useRef<(() => void) | null>(null);
  const thenDo = (what: () => void) => (): void => {
    afterwards.current = what;
    onClose();
  };
  return (
    <Dialog title="Commands" quietTitle className="top-[12vh] w-[34rem]" onClose={onClose} onGone={() => afterwards.current?.()}>
      <Command loop filter={hasEveryWord}>
        <Command.Input
          aria-label="Search commands and pieces"
          placeholder="Search commands and pieces"
          value={typed}
          onValueChange={setTyped}
          className="w-full border-b border-line bg-transparent px-4 py-3 text-lg"
        />
        <Command.List className="max-h-[60vh] overflow-auto p-2">
          <Command.Empty className="px-2 py-3 text-dove-dark">Nothing found.</Command.Empty>
          {COMMAND_GROUPS.map((group) => (
            <Command.Group key={group} heading={group} className={GROUP}>
              {namedCommands(group).map(({ name, key, run: does }) => (
                <Command.Item key={name} value={name} onSelect={run(does)} className={ITEM}>
                  <span className="grow">{name}</span>
                  {key !== undefined && <kbd className="font-sans text-sm text-dove-dark">{key}</kbd>}
                </Command.Item>
              ))}
            </Command.Group>
          ))}
          <Command.Group heading="The brief" className={GROUP}>
            <Parts parts={parts} withOthers={typed.trim() !== ''} thenDo={thenDo} />
          </Command.Group>
          <Command.Group heading="Pieces" className={GROUP}>
            {found.map(({ id, document }) => (
              <Command.Item key={id} value={`${pieceTitle(document)} ${id}`} onSelect={run(() => void openOnBench(id))} className={ITEM}>
                {pieceTitle(document)}
              </Command.Item>
            ))}
          </Command.Group>
        </Command.List>
      </Command>
    </Dialog>
  );
}

interface PartsProps {
  readonly parts: readonly SentencePart[];
  /** The other options are listed too, once something is typed. */
  readonly withOthers: boolean;
  readonly thenDo: (what: () => void) => () => void;
}

/** Lists the parts of the brief, and the options in them. */
function Parts({ parts, withOthers, thenDo }: PartsProps) {
  return parts.map(({ name, chosen, others }) => (
    <Fragment key={name}>
      <Command.Item value={`${name} ${chosen}`} onSelect={thenDo(() => goToPart(name))} className={ITEM}>
        <span className="grow">{name}</span>
        <span className="truncate font-serif text-dove-dark">{chosen}</span>
      </Command.Item>
      {withOthers &&
        others.map((other) => (
          <Command.Item key={other} value={`${name}: ${other}`} onSelect={thenDo(() => chooseInPart(name, other))} className={ITEM}>
            <span className="grow">
              {name}: <span className="font-serif">{other}</span>
            </span>
          </Command.Item>
        ))}
    </Fragment>
  ));
}

/** Finds the pieces whose names have all the words typed, the last changed first. */
function usePiecesNamed(typed: string): readonly PieceRecord[] {
  const pieces = answerOf(useStored(STORED_PIECES));
  return useMemo(
    () => (pieces ?? []).filter(({ document }) => hasEveryWord(pieceTitle(document), typed)).slice(0, MOST_PIECES),
    [pieces, typed],
  );
}

/** Reads the parts once the list stands: reading unfolds the sentence for a moment, which no component may do while it is drawn. */
function useParts(): readonly SentencePart[] {
  const [parts, setParts] = useState<readonly SentencePart[]>([]);
  useEffect(() => {
    const soon = setTimeout(() => setParts(sentenceParts()));
    return () => clearTimeout(soon);
  }, []);
  return parts;
}

/** Tells whether a name has all the words typed, wherever they stand in it. */
function hasEveryWord(name: string, typed: string): number {
  const text = name.toLowerCase();
  return typed
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word))
    ? 1
    : 0;
}

function namedCommands(group: (typeof COMMAND_GROUPS)[number]): readonly (BenchCommand & { readonly name: string })[] {
  return COMMANDS.flatMap((command) => (command.group === group && command.name !== undefined ? [{ ...command, name: command.name }] : []));
}
