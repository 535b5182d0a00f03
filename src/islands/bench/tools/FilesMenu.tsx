import type { RefObject } from 'react';
import { usePlanning } from '../../../state/planning.ts';
import { Button } from '../../../ui/Button.tsx';
import { Popover } from '../../../ui/Popover.tsx';
import { copyLink, downloadCsv, downloadJson, downloadMidi, downloadMusicXml, downloadPath, downloadPdf } from './downloads.ts';

interface FilesMenuProps {
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

/** Offers everything the piece can be saved as. */
export function FilesMenu({ anchor, onClose }: FilesMenuProps) {
  const planned = usePlanning((planning) => planning.planSet !== null);
  const does = [
    { name: 'MusicXML', hint: 'for notation programs', run: () => downloadMusicXml(), needsPlan: true },
    {
      name: 'MusicXML with in-between notes',
      hint: 'small and in brackets, where a shift arrives',
      run: () => downloadMusicXml({ inBetweenNotes: true }),
      needsPlan: true,
    },
    { name: 'MIDI', hint: 'what sounds', run: () => void downloadMidi(), needsPlan: true },
    { name: 'CSV', hint: 'a table of the notes', run: () => void downloadCsv(), needsPlan: true },
    { name: 'JSON', hint: 'the whole piece, to open here again', run: downloadJson, needsPlan: false },
    { name: 'SVG', hint: 'staff and path as a drawing', run: () => void downloadPath('svg'), needsPlan: true },
    { name: 'PNG', hint: 'staff and path as a picture', run: () => void downloadPath('png'), needsPlan: true },
    { name: 'PDF', hint: 'staff and path as pages', run: () => void downloadPdf(), needsPlan: true },
    { name: 'Link', hint: 'copied: the brief itself is in it', run: () => void copyLink(), needsPlan: false },
  ];
  return (
    <Popover label="Save as" anchor={anchor} width="" onClose={onClose}>
      <ul className="grid gap-1">
        {does.map(({ name, hint, run, needsPlan }) => (
          <li key={name}>
            <Button
              className="w-full"
              disabled={needsPlan && !planned}
              onClick={() => {
                run();
                onClose();
              }}
            >
              {name} <span className="text-dove-dark">{hint}</span>
            </Button>
          </li>
        ))}
      </ul>
    </Popover>
  );
}
