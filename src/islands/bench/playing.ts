import { benchStore, stretchOf } from '../../store/bench-store.ts';
import { soundStore } from '../../store/sound-store.ts';

/** Silences what plays; null in silence. */
let silence: (() => void) | null = null;

/** Plays the selected stretch, or the line from the selected note on; or stops. */
export function togglePlaying(): void {
  if (soundStore.getState().state === 'silent') void startPlaying();
  else stopPlaying();
}

/** Stops what plays. */
export function stopPlaying(): void {
  silence?.();
  silence = null;
  soundStore.setState({ state: 'silent', note: null });
}

async function startPlaying(): Promise<void> {
  const { planSet, selected, stretchFrom } = benchStore.getState();
  if (!planSet) return;
  soundStore.setState({ state: 'starting', trouble: null });
  const plan = planSet.best;
  const { from, to } = stretchOf({ selected, stretchFrom }) ?? { from: selected ?? 0, to: plan.notes.length - 1 };
  try {
    const [{ droneHz, performanceOf }, { playLine }] = await Promise.all([import('#core/sound'), import('../../audio/play-line.ts')]);
    const { pace, slides, drone, countIn, metronome, loop } = soundStore.getState();
    const performance = performanceOf(plan, { from, to, pace, slides });
    const how = { countIn, metronome, loop, droneHz: drone === 'none' ? null : droneHz(plan, drone) };
    const stop = await playLine(performance, how, { onNote: (note) => soundStore.setState({ note }), onEnd: stopPlaying });
    // It was stopped while it was starting.
    if (soundStore.getState().state !== 'starting') return stop();
    silence = stop;
    soundStore.setState({ state: 'playing' });
  } catch (error) {
    soundStore.setState({ state: 'silent', note: null, trouble: error instanceof Error ? error.message : 'The browser gives no sound.' });
  }
}
