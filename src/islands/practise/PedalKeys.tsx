import { useState } from 'react';
import { assignKey, type PedalSignal, usePedal, usualKeys } from '../../state/pedal.ts';
import { keyText } from '../../words/practice/session.ts';
import { Button } from '../../ui/Button.tsx';

const SIGNALS = ['on', 'other'] as const satisfies readonly PedalSignal[];

const NAMES: Readonly<Record<PedalSignal, string>> = { on: 'Go on, good', other: 'Missed, the other choice' };

/** Shows the keys or pedals that work a session, and chooses others. */
export function PedalKeys() {
  const keys = usePedal((all) => all);
  const [waiting, setWaiting] = useState<PedalSignal | null>(null);
  return (
    <div className="max-w-xl">
      <p className="text-dove-dark">A pedal that turns pages works as it comes. A tap anywhere goes on.</p>
      <dl className="mt-1 grid gap-1">
        {SIGNALS.map((signal) => (
          <div key={signal} className="flex flex-wrap items-baseline gap-x-3">
            <dt className="w-52">{NAMES[signal]}</dt>
            <dd className="grow text-dove-dark">{keys[signal].map(keyText).join(', ')}</dd>
            <dd>
              <Button
                aria-pressed={waiting === signal}
                onClick={() => setWaiting(signal)}
                onBlur={() => setWaiting(null)}
                onKeyDown={(event) => {
                  if (waiting !== signal || event.code === 'Tab' || event.code === 'Escape') return setWaiting(null);
                  event.preventDefault();
                  assignKey(signal, event.code);
                  setWaiting(null);
                }}
              >
                {waiting === signal ? 'Press the key or pedal …' : 'Choose a key'}
              </Button>
            </dd>
          </div>
        ))}
      </dl>
      <Button className="mt-2" onClick={usualKeys}>
        As usual
      </Button>
    </div>
  );
}
