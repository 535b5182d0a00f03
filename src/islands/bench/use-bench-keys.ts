import { useEffect } from 'react';
import { FINGERS } from '#core/hand';
import { benchStore } from '../../store/bench-store.ts';
import { useOpenSheets } from '../../store/open-sheets.ts';
import { soundStore } from '../../store/sound-store.ts';
import { noteMoves, wish } from './note-moves.ts';
import { stopPlaying, togglePlaying } from './playing.ts';

/** Keys of the bench, wherever the focus is but in a field that needs them itself. */
export function useBenchKeys(): void {
  useEffect(() => {
    const listen = (event: KeyboardEvent): void => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
        event.preventDefault();
        return useOpenSheets.getState().show('commands');
      }
      if (event.ctrlKey || event.metaKey || needsKeys(event.target)) return;
      if (event.key === ' ' && isPressedBySpace(event.target)) return;
      if (benchStore.getState().planSet && pressed(event)) event.preventDefault();
    };
    document.addEventListener('keydown', listen);
    return () => document.removeEventListener('keydown', listen);
  }, []);
}

function needsKeys(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest('input, textarea, select, [role="dialog"], [role="tablist"]') !== null;
}

function isPressedBySpace(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest('button, a, summary') !== null;
}

/** What each key does, with "alt" and "shift" before it where they are held. */
const MOVES: Readonly<Record<string, () => void>> = {
  arrowright: noteMoves.next,
  arrowleft: noteMoves.previous,
  'shift arrowright': noteMoves.extendForward,
  'shift arrowleft': noteMoves.extendBack,
  home: noteMoves.first,
  end: noteMoves.last,
  arrowup: noteMoves.higherString,
  arrowdown: noteMoves.lowerString,
  'alt arrowup': noteMoves.letterUp,
  'alt arrowdown': noteMoves.letterDown,
  'alt shift arrowup': noteMoves.semitoneUp,
  'alt shift arrowdown': noteMoves.semitoneDown,
  l: noteMoves.toggleLock,
  s: noteMoves.nextShift,
  a: noteMoves.layNextOver,
  'shift a': noteMoves.takeLaidOver,
  b: noteMoves.nextBowSign,
  insert: noteMoves.insert,
  delete: noteMoves.remove,
  z: noteMoves.undo,
  'shift z': noteMoves.redo,
  ' ': togglePlaying,
  'shift ?': () => useOpenSheets.getState().show('keys'),
  '?': () => useOpenSheets.getState().show('keys'),
};

/** Does what a key stands for; false when it stands for nothing. */
function pressed({ key, altKey, shiftKey }: KeyboardEvent): boolean {
  const { selected } = benchStore.getState();
  const finger = FINGERS.find((candidate) => candidate === key.toUpperCase());
  if (finger !== undefined && selected !== null && !altKey && !shiftKey) {
    wish({ note: selected, finger });
    return true;
  }
  if (key === 'Escape') return letGo();
  const move = MOVES[`${altKey ? 'alt ' : ''}${shiftKey ? 'shift ' : ''}${key.toLowerCase()}`];
  move?.();
  return move !== undefined;
}

function letGo(): boolean {
  if (soundStore.getState().state === 'silent') noteMoves.letGo();
  else stopPlaying();
  return true;
}
