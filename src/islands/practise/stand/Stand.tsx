import { useEffect } from 'react';
import { itemOf, type Signal, type Step } from '#core/practice/session';
import { leaveSession, runningStore, signal, useRunning } from '../../../state/practice/index.ts';
import { LISTENING } from '../../../words/practice/by-ear.ts';
import { CLOSE_WORDS, HURTS_WORDS, NAMES_WORDS, NOTES_WORDS, SAID_WORDS, UNSAID_WORDS } from '../../../words/practice/stand.ts';
import { showNamesOnly, useStandView } from './stand-view.ts';
import { StandButton } from './StandButton.tsx';
import { StandEar } from './StandEar.tsx';
import { StandStep } from './StandStep.tsx';
import { useHold } from './use-hold.ts';
import { type StandEarState, useStandEar } from './use-stand-ear.ts';

/** Gives a signal to the session; at the end any signal leaves the stand. */
function say(said: Signal): void {
  if (runningStore.getState().running?.run.step.at === 'done') leaveSession();
  else signal(said);
}

/** Shows a session on the music stand: read at two metres, worked by one key, a pedal, or a tap anywhere. */
export function Stand() {
  const running = useRunning((now) => now);
  const { held, ...hold } = useHold(say);
  useKeepAwake();
  const { ear, toggle } = useStandEar(running);
  if (!running) return null;
  const step = running.run.step.at;
  const item = itemOf(running.run);
  return (
    <main
      data-stand
      className="flex min-h-dvh flex-col gap-2 px-4 pt-3 text-[20px] leading-[1.25] sm:gap-4 sm:px-6 sm:pt-4 sm:text-[32px] select-none"
      {...hold}
      onContextMenu={(event) => event.preventDefault()}
    >
      <StandStep running={running} />
      {running.trouble !== null && <p role="alert">{running.trouble}</p>}
      <div className="sticky bottom-0 mt-auto bg-paper py-2">
        <StandEar ear={ear} running={running} />
        <Said
          step={step}
          isUnsaid={running.run.step.at === 'miss' && running.run.step.miss === null}
          held={held}
          hurts={item !== null && step !== 'pain'}
          ear={ear.state}
          onListen={toggle}
          notes={(step === 'prepare' || step === 'play') && !item?.fading}
        />
      </div>
    </main>
  );
}

interface SaidProps {
  readonly step: Step['at'];
  /** Whether nothing has been said yet of a miss. */
  readonly isUnsaid: boolean;
  /** Whether the music may hurt. */
  readonly hurts: boolean;
  /** Whether notes stand there, which may be read as fingers and names. */
  readonly notes: boolean;
  readonly ear: StandEarState['state'];
  readonly onListen: () => void;
  /** The signal that a held key gives when it is released. */
  readonly held: Signal | null;
}

/** Shows the signals in one row at the foot of the stand, the pedal's last. */
function Said({ step, isUnsaid, hurts, notes, ear, onListen, held }: SaidProps) {
  const namesOnly = useStandView((view) => view.namesOnly);
  const { on, other } = SAID_WORDS[step];
  return (
    <div className="flex flex-wrap gap-2 sm:gap-4">
      {hurts && <StandButton onClick={() => signal('pain')}>{HURTS_WORDS}</StandButton>}
      {step !== 'done' && <StandButton onClick={leaveSession}>{CLOSE_WORDS}</StandButton>}
      {step !== 'done' && (
        <StandButton aria-pressed={ear === 'on'} disabled={ear === 'asking'} onClick={onListen}>
          {ear === 'on' ? LISTENING.stop : LISTENING.begin}
        </StandButton>
      )}
      {notes && <StandButton onClick={() => showNamesOnly(!namesOnly)}>{namesOnly ? NOTES_WORDS : NAMES_WORDS}</StandButton>}
      {other !== null && (
        <StandButton held={held === 'other'} onClick={() => signal('other')}>
          {other}
        </StandButton>
      )}
      <StandButton main onClick={() => say('on')}>
        {isUnsaid ? UNSAID_WORDS : on}
      </StandButton>
    </div>
  );
}

/** Keeps the screen on while both hands hold the instrument, where the browser can do that. */
function useKeepAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const ask = (): void => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock?.request('screen').then(
        (got) => {
          lock = got;
          if (gone) void got.release();
        },
        () => undefined,
      );
    };
    ask();
    // The screen is no longer kept on once another window has covered it.
    document.addEventListener('visibilitychange', ask);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
}
