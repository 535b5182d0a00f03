import { FINGERS } from '#core/hand/placement';
import { useOpenDialogs } from '../../../state/open-dialogs.ts';
import { silence, togglePlaying } from '../../../state/sound/index.ts';
import { showUnderStaff, underStaffStore } from '../../../state/under-staff.ts';
import { redo, undo } from '../../../state/bench/index.ts';
import { noteMoves } from '../note/note-moves.ts';

/** The groups in which the list of everything that can be done puts commands. */
export const COMMAND_GROUPS = ['The selected note or passage', 'The bench', 'Save', 'Go to'] as const;

/** Something that can be done on the bench, by a key, by name, or both. */
export interface Command {
  /** The name; commands that only keys do have none. */
  readonly name?: string;
  /** The group under which it is listed. */
  readonly group?: (typeof COMMAND_GROUPS)[number];
  /** The key as it is written. */
  readonly key?: string;
  /** The keys that do it, as the binding of keys spells them. */
  readonly press?: readonly string[];
  /** Does it; false where nothing is selected, so that the key keeps its usual meaning. */
  readonly run: () => unknown;
}

/** One line of the list of keys, and the commands it describes. */
interface KeyLine {
  readonly keys: string;
  readonly does: string;
  readonly commands: readonly Command[];
}

const NOTE = COMMAND_GROUPS[0];
const BENCH = COMMAND_GROUPS[1];

/** The keys of the bench, as the list of keys shows them. */
export const KEY_LINES: readonly KeyLine[] = [
  {
    keys: '← →',
    does: 'the note before, the note after',
    commands: [
      { press: ['ArrowRight'], run: noteMoves.next },
      { press: ['ArrowLeft'], run: noteMoves.previous },
    ],
  },
  {
    keys: 'Shift ← →',
    does: 'select several notes; Shift and a click too',
    commands: [
      { press: ['Shift+ArrowRight'], run: noteMoves.extendForward },
      { press: ['Shift+ArrowLeft'], run: noteMoves.extendBack },
    ],
  },
  {
    keys: 'Home End',
    does: 'the first note, the last',
    commands: [
      { name: 'Go to the first note', group: NOTE, key: 'Home', press: ['Home'], run: noteMoves.first },
      { name: 'Go to the last note', group: NOTE, key: 'End', press: ['End'], run: noteMoves.last },
    ],
  },
  {
    keys: '↑ ↓',
    does: 'the same note on the next higher, lower string',
    commands: [
      { name: 'To the next higher string', group: NOTE, key: '↑', press: ['ArrowUp'], run: noteMoves.higherString },
      { name: 'To the next lower string', group: NOTE, key: '↓', press: ['ArrowDown'], run: noteMoves.lowerString },
    ],
  },
  { keys: '0 1 2 3 4', does: 'lock a finger for the selected note', commands: fingers((finger) => finger !== 'T') },
  { keys: 'T', does: 'lock the thumb, in thumb position', commands: fingers((finger) => finger === 'T') },
  { keys: 'drag a bead', does: 'up and down to another string, sideways to another finger', commands: [] },
  {
    keys: 'L',
    does: 'lock or unlock what is selected',
    commands: [{ name: 'Lock or unlock', group: NOTE, key: 'L', press: ['l'], run: noteMoves.toggleLock }],
  },
  {
    keys: 'S',
    does: 'the next shift',
    commands: [{ name: 'Go to the next shift', group: NOTE, key: 'S', press: ['s'], run: noteMoves.nextShift }],
  },
  {
    keys: 'A',
    does: 'overlay the next other fingering',
    commands: [{ name: 'Overlay the next other fingering', group: BENCH, key: 'A', press: ['a'], run: noteMoves.overlayNext }],
  },
  {
    keys: 'Shift A',
    does: 'use the overlaid fingering; with several notes selected, for these only',
    commands: [{ name: 'Use the overlaid fingering', group: BENCH, key: 'Shift A', press: ['Shift+a'], run: noteMoves.adoptOverlaid }],
  },
  {
    keys: 'F, D, Shift B',
    does: 'under the staff: what the fingers do; tones and semitones; the bow',
    commands: [
      {
        name: 'Fingers under the staff',
        group: BENCH,
        key: 'F',
        press: ['f'],
        run: () => showUnderStaff({ fingers: !underStaffStore.getState().fingers }),
      },
      {
        name: 'Tones and semitones under the staff',
        group: BENCH,
        key: 'D',
        press: ['d'],
        run: () => showUnderStaff({ steps: !underStaffStore.getState().steps }),
      },
      {
        name: 'Bow under the staff',
        group: BENCH,
        key: 'Shift B',
        press: ['Shift+b'],
        run: () => showUnderStaff({ bow: !underStaffStore.getState().bow }),
      },
    ],
  },
  {
    keys: 'Space',
    does: 'play, or stop',
    commands: [{ name: 'Play or stop', group: BENCH, key: 'Space', press: ['Space'], run: togglePlaying }],
  },
  {
    keys: 'Alt ↑ ↓',
    does: 'a letter higher, lower; with Shift a semitone',
    commands: [
      { name: 'A letter higher', group: NOTE, key: 'Alt ↑', press: ['Alt+ArrowUp'], run: noteMoves.letterUp },
      { name: 'A letter lower', group: NOTE, key: 'Alt ↓', press: ['Alt+ArrowDown'], run: noteMoves.letterDown },
      { name: 'A semitone higher', group: NOTE, key: 'Alt Shift ↑', press: ['Alt+Shift+ArrowUp'], run: noteMoves.semitoneUp },
      { name: 'A semitone lower', group: NOTE, key: 'Alt Shift ↓', press: ['Alt+Shift+ArrowDown'], run: noteMoves.semitoneDown },
    ],
  },
  {
    keys: 'B',
    does: 'the next bow sign: down, up, none',
    commands: [{ name: 'The next bow sign', group: NOTE, key: 'B', press: ['b'], run: noteMoves.nextBowSign }],
  },
  {
    keys: 'Insert',
    does: 'insert a note after the selected one',
    commands: [{ name: 'Insert a note after it', group: NOTE, key: 'Insert', press: ['Insert'], run: noteMoves.insert }],
  },
  {
    keys: 'Delete',
    does: 'delete what is selected from the line',
    commands: [{ name: 'Delete it from the line', group: NOTE, key: 'Delete', press: ['Delete'], run: noteMoves.remove }],
  },
  {
    keys: 'Z, Shift Z',
    does: 'undo, redo',
    commands: [
      { name: 'Undo', group: BENCH, key: 'Z', press: ['z'], run: undo },
      { name: 'Redo', group: BENCH, key: 'Shift Z', press: ['Shift+z'], run: redo },
    ],
  },
  {
    keys: 'Ctrl K',
    does: 'commands and pieces, by name',
    commands: [{ name: 'Commands', key: 'Ctrl K', press: ['$mod+k'], run: () => useOpenDialogs.getState().show('commands') }],
  },
  {
    keys: '?',
    does: 'this list',
    commands: [
      { name: 'Keyboard shortcuts', group: BENCH, key: '?', press: ['Shift+?', '?'], run: () => useOpenDialogs.getState().show('keys') },
    ],
  },
  {
    keys: 'Escape',
    does: 'clear the selection, the overlay or the sound',
    commands: [{ press: ['Escape'], run: () => silence() || noteMoves.clear() }],
  },
];

/** The commands that have a key. */
export const KEY_COMMANDS: readonly Command[] = KEY_LINES.flatMap(({ commands }) => commands);

/** Writes the tooltip of a button, with the key of the command it does: "Undo (Z)". */
export function titleOf(label: string, command = label): string {
  const key = KEY_COMMANDS.find(({ name }) => name === command)?.key;
  return key === undefined ? label : `${label} (${key})`;
}

function fingers(which: (finger: string) => boolean): readonly Command[] {
  return FINGERS.filter(which).map((finger) => ({ press: [finger.toLowerCase()], run: () => noteMoves.wishFinger(finger) }));
}
