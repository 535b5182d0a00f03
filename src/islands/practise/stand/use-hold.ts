import { type PointerEvent, useEffect, useEffectEvent, useRef, useState } from 'react';
import type { Signal } from '#core/practice/session';
import { pedalStore, signalOf } from '../../../state/pedal.ts';

/** The times for which the one key is held, ms, to give the other answer, and to say that it hurts. */
const HOLD_MS = { other: 700, pain: 3000 } as const;

/** The elements under the pointer that decide by themselves. */
const OWN = 'button, a, input, textarea, select, [tabindex]';

/** The signals of keys, pedals and taps. */
export interface Hold {
  /** The signal that releasing now would give, while it is held; null for none yet. */
  readonly held: Signal | null;
  readonly onPointerDown: (event: PointerEvent) => void;
  readonly onPointerUp: () => void;
  readonly onPointerCancel: () => void;
  readonly onPointerLeave: () => void;
}

/**
 * Reads all signals from one key, one pedal or a tap anywhere: pressed, it goes on; held and released, it gives the other answer; held on,
 * it says that it hurts. A key of its own gives the other answer at once.
 */
export function useHold(say: (signal: Signal) => void): Hold {
  const [held, setHeld] = useState<Signal | null>(null);
  const timers = useRef<readonly ReturnType<typeof setTimeout>[]>([]);
  const now = useRef<Signal | null>(null);
  const hurt = useRef(false);
  const become = (signal: Signal | null): void => {
    now.current = signal;
    setHeld(signal === 'on' ? null : signal);
  };
  const cancel = (): void => {
    for (const timer of timers.current) clearTimeout(timer);
    timers.current = [];
    become(null);
  };
  const begin = (): void => {
    cancel();
    become('on');
    const hurts = (): void => {
      cancel();
      say('pain');
    };
    timers.current = [setTimeout(() => become('other'), HOLD_MS.other), setTimeout(hurts, HOLD_MS.pain)];
  };
  const end = (): void => {
    const signal = now.current;
    cancel();
    if (signal !== null) say(signal);
  };
  /** Holds the space bar on a button that has the focus: it presses the button when released, but held on it says that it hurts. */
  const beginOnButton = (): void => {
    cancel();
    hurt.current = false;
    const hurts = (): void => {
      hurt.current = true;
      say('pain');
    };
    timers.current = [setTimeout(hurts, HOLD_MS.pain)];
  };
  const hasHurt = (): boolean => hurt.current;
  useKeys({ begin, beginOnButton, end, cancel, say, hasHurt });
  return {
    held,
    onPointerDown: (event) => {
      if (event.button === 0 && event.target instanceof Element && event.target.closest(OWN) === null) begin();
    },
    onPointerUp: end,
    onPointerCancel: cancel,
    // A tap that is released outside the page would go on until it said that it hurts.
    onPointerLeave: cancel,
  };
}

interface Holding {
  readonly begin: () => void;
  readonly beginOnButton: () => void;
  /** Tells whether the hold on a button has said that it hurts. */
  readonly hasHurt: () => boolean;
  readonly end: () => void;
  readonly cancel: () => void;
  readonly say: (signal: Signal) => void;
}

function useKeys({ begin, beginOnButton, hasHurt, end, cancel, say }: Holding): void {
  const press = useEffectEvent((event: KeyboardEvent): void => {
    if (event.code === 'Space' && isOnOwn(event) && !event.repeat) beginOnButton();
    const said = signalOfKey(event);
    if (said === null) return;
    event.preventDefault();
    if (event.repeat) return;
    if (said === 'on') begin();
    else say(said);
  });
  const release = useEffectEvent((event: KeyboardEvent): void => {
    if (event.code === 'Space' && isOnOwn(event)) {
      // It has said more than the button would.
      if (hasHurt()) event.preventDefault();
      cancel();
    } else if (signalOfKey(event) === 'on') end();
  });
  const leave = useEffectEvent(cancel);
  useEffect(() => {
    const listening = new AbortController();
    const { signal } = listening;
    window.addEventListener('keydown', (event) => press(event), { signal });
    window.addEventListener('keyup', (event) => release(event), { signal });
    window.addEventListener('blur', () => leave(), { signal });
    return () => listening.abort();
  }, []);
}

/** Gives the signal of a key; null where it has none, or where Enter or Space presses the button it is on. */
function signalOfKey(event: KeyboardEvent): Signal | null {
  if (event.ctrlKey || event.altKey || event.metaKey) return null;
  if (isOnOwn(event) && (event.code === 'Enter' || event.code === 'Space')) return null;
  return signalOf(pedalStore.getState(), event.code);
}

/** Tells whether a key is pressed on something that it works by itself. */
function isOnOwn({ target }: KeyboardEvent): boolean {
  return target instanceof HTMLElement && target.closest('button, a, input, textarea, select') !== null;
}
