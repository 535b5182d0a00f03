import { benchStore } from '../../store/bench-store.ts';
import { useOpenSheets } from '../../store/open-sheets.ts';
import { soundStore } from '../../store/sound-store.ts';
import { chooseTheme, themeNow } from '../../design/theme.ts';
import { PAGES } from '../pages.ts';
import { openOnBench } from '../open-on-bench.ts';
import { noteMoves } from './note-moves.ts';
import { stopPlaying, togglePlaying } from './playing.ts';
import { copyLink, downloadJson, downloadMusicXml, downloadPath } from './downloads.ts';

/** Something that can be done, by name. */
export interface NamedCommand {
  readonly group: 'The selected note or stretch' | 'The bench' | 'Save' | 'Go to';
  readonly name: string;
  /** The keys that do it too. */
  readonly keys?: string;
  readonly run: () => void;
}

/** Everything that can be done on the bench. */
export const COMMANDS: readonly NamedCommand[] = [
  ...ofNotes([
    ['Fix it as it is, or let it go', noteMoves.toggleLock, 'L'],
    ['To the next higher string', noteMoves.higherString, '↑'],
    ['To the next lower string', noteMoves.lowerString, '↓'],
    ['A letter higher', noteMoves.letterUp, 'Alt ↑'],
    ['A letter lower', noteMoves.letterDown, 'Alt ↓'],
    ['A semitone higher', noteMoves.semitoneUp, 'Alt Shift ↑'],
    ['A semitone lower', noteMoves.semitoneDown, 'Alt Shift ↓'],
    ['The next bow sign', noteMoves.nextBowSign, 'B'],
    ['Another note behind it', noteMoves.insert, 'Insert'],
    ['Take it out of the line', noteMoves.remove, 'Delete'],
    ['Go to the next shift', noteMoves.nextShift, 'S'],
    ['Go to the first note', noteMoves.first, 'Home'],
    ['Go to the last note', noteMoves.last, 'End'],
  ]),
  { group: 'The bench', name: 'Play or stop', keys: 'Space', run: togglePlaying },
  { group: 'The bench', name: 'Play again and again, or once', run: () => soundStore.setState(({ loop }) => ({ loop: !loop })) },
  { group: 'The bench', name: 'Silence', run: stopPlaying },
  { group: 'The bench', name: 'Lay the next other fingering over this one', keys: 'A', run: noteMoves.layNextOver },
  { group: 'The bench', name: 'Take the fingering laid over', keys: 'Shift A', run: noteMoves.takeLaidOver },
  { group: 'The bench', name: 'Undo', keys: 'Z', run: noteMoves.undo },
  { group: 'The bench', name: 'Redo', keys: 'Shift Z', run: noteMoves.redo },
  { group: 'The bench', name: 'Light paper or dark', run: () => chooseTheme(themeNow() === 'dark' ? 'light' : 'dark') },
  { group: 'The bench', name: 'Paper as the machine has it', run: () => chooseTheme('system') },
  { group: 'The bench', name: 'All keys', keys: '?', run: () => useOpenSheets.getState().show('keys') },
  { group: 'Save', name: 'Save as MusicXML', run: downloadMusicXml },
  { group: 'Save', name: 'Save as JSON', run: downloadJson },
  { group: 'Save', name: 'Save the path as SVG', run: () => void downloadPath('svg') },
  { group: 'Save', name: 'Save the path as PNG', run: () => void downloadPath('png') },
  { group: 'Save', name: 'Copy a link to this brief', run: () => void copyLink() },
  { group: 'Go to', name: 'A new piece', run: () => openOnBench(null) },
  { group: 'Go to', name: 'The sheet', run: () => goTo('/sheet') },
  { group: 'Go to', name: 'Compare this fingering', run: () => goTo('/compare') },
  ...PAGES.filter(({ href }) => href !== '/').map(({ href, name }) => ({ group: 'Go to' as const, name, run: () => goTo(href) })),
];

function ofNotes(rows: readonly (readonly [string, () => void, string])[]): readonly NamedCommand[] {
  return rows.map(([name, run, keys]) => ({ group: 'The selected note or stretch', name, keys, run }));
}

function goTo(href: string): void {
  location.href = `${href}?piece=${benchStore.getState().pieceId ?? ''}`;
}
