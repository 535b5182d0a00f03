import { useEffect } from 'react';
import { tinykeys } from 'tinykeys';
import { planShown } from '../../../state/planning.ts';
import { type Command, KEY_COMMANDS } from './key-lines.ts';

/** Binds the keys of the bench, wherever the focus is but in a field that needs them itself. */
export function useBenchKeys(): void {
  useEffect(() => {
    const bindings = KEY_COMMANDS.flatMap(({ press = [], run }) => press.map((keys) => [keys, bindKeys(keys, run)] as const));
    return tinykeys(window, Object.fromEntries(bindings));
  }, []);
}

/** Binds a key to its command, and to nothing else, where the command has something to do. */
function bindKeys(keys: string, run: Command['run']): (event: KeyboardEvent) => void {
  const anywhere = keys.startsWith('$mod');
  return (event) => {
    if (!anywhere && (needsKey(event.target, keys) || planShown() === null)) return;
    if (keys === 'Space' && isPressedBySpace(event.target)) return;
    if (run() !== false) event.preventDefault();
  };
}

/** Tells whether a key belongs to the control that has the focus: tabs need those that go from one to the next, fields all of them. */
function needsKey(target: EventTarget | null, keys: string): boolean {
  if (!(target instanceof Element)) return false;
  const isOfTabs = /Arrow(Left|Right)|Home|End/.test(keys) && target.closest('[role="tablist"]') !== null;
  return isOfTabs || target.closest('input, textarea, select, [role="dialog"]') !== null;
}

function isPressedBySpace(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest('button, a, summary') !== null;
}
