import { create } from 'zustand';
import type { Signal } from '#core/practice/session';
import { keepBeside, textBeside } from '../../storage/beside/beside.ts';

/** What can be said by a key or a pedal. */
export type PedalSignal = Exclude<Signal, 'pain'>;

/** Which keys say what, by the names of their codes. */
export type PedalSettings = Readonly<Record<PedalSignal, readonly string[]>>;

/** What page-turning pedals send, and what lies at hand on a keyboard. */
const USUAL_KEYS: PedalSettings = {
  on: ['Space', 'Enter', 'PageDown', 'ArrowRight', 'ArrowDown'],
  other: ['PageUp', 'ArrowLeft', 'ArrowUp', 'Backspace'],
};

const PLACE = 'dove-path/pedal';

/** The keys in use. */
export const pedalStore = create<PedalSettings>()(() => keptKeys() ?? USUAL_KEYS);

/** Reads the keys in a component. */
export function usePedal<Value>(select: (keys: PedalSettings) => Value): Value {
  return pedalStore(select);
}

/** What a key says; null for one that says nothing. */
export function signalOf({ on, other }: PedalSettings, code: string): PedalSignal | null {
  if (on.includes(code)) return 'on';
  return other.includes(code) ? 'other' : null;
}

/** From now on a key says this, and nothing else. */
export function assignKey(signal: PedalSignal, code: string): void {
  const { on, other } = pedalStore.getState();
  const without = { on: on.filter((each) => each !== code), other: other.filter((each) => each !== code) };
  keep({ ...without, [signal]: [code, ...without[signal]] });
}

/** The keys are what they usually are. */
export function usualKeys(): void {
  keep(USUAL_KEYS);
}

function keep(keys: PedalSettings): void {
  pedalStore.setState(keys, true);
  // A browser that keeps nothing knows them until the page is left.
  keepBeside(PLACE, JSON.stringify(keys));
}

function keptKeys(): PedalSettings | null {
  try {
    const kept: unknown = JSON.parse(textBeside(PLACE) ?? 'null');
    return isKeys(kept) ? kept : null;
  } catch {
    return null;
  }
}

function isKeys(value: unknown): value is PedalSettings {
  if (typeof value !== 'object' || value === null || !('on' in value) || !('other' in value)) return false;
  return [value.on, value.other].every((codes) => Array.isArray(codes) && codes.every((code) => typeof code === 'string'));
}
