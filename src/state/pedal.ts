import { create } from 'zustand';
import type { Signal } from '#core/practice/session';
import { keepBeside, textBeside } from '../storage/beside/index.ts';

/** A signal that a key or a pedal can give. */
export type PedalSignal = Exclude<Signal, 'pain'>;

/** The signals of keys, by the names of their codes. */
export type PedalSettings = Readonly<Record<PedalSignal, readonly string[]>>;

/** The usual keys: those that page-turning pedals send, and those at hand on a keyboard. */
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

/** Gives the signal of a key; null for one that has none. */
export function signalOf({ on, other }: PedalSettings, code: string): PedalSignal | null {
  if (on.includes(code)) return 'on';
  return other.includes(code) ? 'other' : null;
}

/** Gives a key this signal, and no other, from now on. */
export function assignKey(signal: PedalSignal, code: string): void {
  const { on, other } = pedalStore.getState();
  const without = { on: on.filter((other) => other !== code), other: other.filter((other) => other !== code) };
  keep({ ...without, [signal]: [code, ...without[signal]] });
}

/** Restores the usual keys. */
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
