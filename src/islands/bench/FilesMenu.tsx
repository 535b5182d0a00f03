import type { RefObject } from 'react';
import { useBench } from '../../store/bench-store.ts';
import { copyLink, downloadJson, downloadMusicXml, downloadPath } from './downloads.ts';
import { SentencePopover } from './SentencePopover.tsx';

interface FilesMenuProps {
  readonly anchor: RefObject<HTMLButtonElement | null>;
  readonly onClose: () => void;
}

/** Everything the piece can be saved as. */
export function FilesMenu({ anchor, onClose }: FilesMenuProps) {
  const planned = useBench((bench) => bench.planSet !== null);
  const does = [
    { name: 'MusicXML', hint: 'for notation programs', run: downloadMusicXml, needsPlan: true },
    { name: 'JSON', hint: 'the whole piece, to open here again', run: downloadJson, needsPlan: false },
    { name: 'SVG', hint: 'staff and path as a drawing', run: () => void downloadPath('svg'), needsPlan: true },
    { name: 'PNG', hint: 'staff and path as a picture', run: () => void downloadPath('png'), needsPlan: true },
    { name: 'Link', hint: 'copied: the brief itself is in it', run: () => void copyLink(), needsPlan: false },
  ];
  return (
    <SentencePopover label="Save as" anchor={anchor} width="" onClose={onClose}>
      <ul className="grid gap-1">
        {does.map(({ name, hint, run, needsPlan }) => (
          <li key={name}>
            <button
              type="button"
              className="quiet-button w-full"
              disabled={needsPlan && !planned}
              onClick={() => {
                run();
                onClose();
              }}
            >
              {name} <span className="text-dove-dark">{hint}</span>
            </button>
          </li>
        ))}
      </ul>
    </SentencePopover>
  );
}
