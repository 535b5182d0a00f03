import { PUT_IN_WORDS } from '../../../words/practice/put-in.ts';
import { chooseTheme, themeNow } from '../../../design/theme.ts';
import { showFirstSteps } from '../../../state/first-steps.ts';
import { silence, toggleLoop } from '../../../state/sound/index.ts';
import { workStore } from '../../../state/bench/index.ts';
import { openOnBench } from '../../opened-piece/index.ts';
import { putInNow } from '../note/put-in-now.ts';
import { PIECE_PAGES, ROOMS } from '../../frame/index.ts';
import { type Command, KEY_COMMANDS } from './key-lines.ts';

/** The commands that no key does. */
const NAMED_ONLY: readonly Command[] = [
  { name: 'Loop the passage, or play it once', group: 'The bench', run: toggleLoop },
  { name: 'Silence', group: 'The bench', run: silence },
  { name: PUT_IN_WORDS.session, group: 'The selected note or passage', run: () => putInNow('session') },
  { name: PUT_IN_WORDS.week, group: 'The selected note or passage', run: () => putInNow('week') },
  { name: 'Light or dark', group: 'The bench', run: () => chooseTheme(themeNow() === 'dark' ? 'light' : 'dark') },
  { name: 'Follow the system’s light or dark setting', group: 'The bench', run: () => chooseTheme('system') },
  { name: 'Save as MIDI', group: 'Save', run: () => saveFile((files) => files.downloadMidi()) },
  { name: 'Save as CSV, a table of the notes', group: 'Save', run: () => saveFile((files) => files.downloadCsv()) },
  { name: 'Save as PDF', group: 'Save', run: () => saveFile((files) => files.downloadPdf()) },
  { name: 'Save as MusicXML', group: 'Save', run: () => saveFile((files) => files.downloadMusicXml()) },
  {
    name: 'Save as MusicXML with in-between notes',
    group: 'Save',
    run: () => saveFile((files) => files.downloadMusicXml({ inBetweenNotes: true })),
  },
  { name: 'Save as JSON', group: 'Save', run: () => saveFile((files) => files.downloadJson()) },
  { name: 'Save the path as SVG', group: 'Save', run: () => saveFile((files) => files.downloadPath('svg')) },
  { name: 'Save the path as PNG', group: 'Save', run: () => saveFile((files) => files.downloadPath('png')) },
  { name: 'Copy a link to this brief', group: 'Save', run: () => saveFile((files) => files.copyLink()) },
  { name: 'First steps on the bench', group: 'The bench', run: () => showFirstSteps(true) },
  { name: 'A new piece', group: 'Go to', run: () => void openOnBench(null) },
  ...[...PIECE_PAGES, ...ROOMS.flatMap<{ readonly href: string; readonly name: string }>(({ pages }) => pages)]
    .filter(({ href }) => href !== '/')
    .map(({ href, name }) => ({ name, group: 'Go to' as const, run: () => goTo(href) })),
];

/** The commands on the bench. */
export const COMMANDS: readonly Command[] = [...KEY_COMMANDS, ...NAMED_ONLY];

/** The code that makes files comes with the first that is made. */
async function saveFile(make: (files: typeof import('./downloads.ts')) => unknown): Promise<void> {
  make(await import('./downloads.ts'));
}

function goTo(href: string): void {
  location.href = `${href}?piece=${workStore.getState().pieceId ?? ''}`;
}
