import type { Plan } from '#core/plan/describe';
import { NO_SOUND } from '../../words/notices.ts';
import { planShown } from '../planning.ts';
import { selectionStore, type Passage, passageOf } from '../selection.ts';
import { type SoundChoices, soundStore } from './sound.ts';

/** The function that stops the sound; null in silence. */
let stopSound: (() => void) | null = null;

/** The number of times sound was begun or stopped: a start that takes its time sees that it is no longer wanted. */
let turns = 0;

/** Plays the selected passage, or the line from the selected note on; or stops. */
export function togglePlaying(): void {
  if (soundStore.getState().state === 'silent') void startPlaying();
  else stopPlaying();
}

/** Stops the sound; false in silence. */
export function silence(): boolean {
  if (soundStore.getState().state === 'silent') return false;
  stopPlaying();
  return true;
}

function stopPlaying(): void {
  turns += 1;
  stopSound?.();
  stopSound = null;
  soundStore.setState({ state: 'silent', note: null });
}

/** Changes how the line is played next time. */
export function chooseSound(choices: Partial<SoundChoices>): void {
  soundStore.setState(choices);
}

/** Loops from now on, or plays once. */
export function toggleLoop(): void {
  soundStore.setState(({ loop }) => ({ loop: !loop }));
}

/** Loops the selection. */
export function playLoop(): void {
  chooseSound({ loop: true });
  togglePlaying();
}

/** Plays the selection, or the whole line, at half its tempo in a loop. */
export function practiseSlowly(): void {
  silence();
  chooseSound({ pace: 0.5, loop: true });
  void startPlaying();
}

/** Plays from one note to another, once. */
export function playPassage(passage: Passage): void {
  silence();
  void startPlaying(passage);
}

/** Plays a plan that is not on the bench from end to end, in its own way: a drill, a stage of a shift. */
export function playPlan(plan: Plan, how: Pick<SoundChoices, 'pace' | 'slides' | 'loop'>): void {
  silence();
  void startPlaying({ from: 0, to: plan.notes.length - 1 }, plan, how);
}

async function startPlaying(asked: Passage | null = null, plan: Plan | null = planShown(), how: Partial<SoundChoices> = {}): Promise<void> {
  if (!plan) return;
  turns += 1;
  const turn = turns;
  soundStore.setState({ state: 'starting', trouble: null });
  const selection = selectionStore.getState();
  const { from, to } = asked ?? passageOf(selection) ?? { from: selection.selected ?? 0, to: plan.notes.length - 1 };
  try {
    // The voice is the largest part of the bench and comes with the first sound.
    const [{ droneHz, performanceOf }, { playLine }] = await Promise.all([import('#core/sound'), import('../../audio/play-line.ts')]);
    const { pace, slides, drone, countIn, metronome, loop } = { ...soundStore.getState(), ...how };
    const performance = performanceOf(plan, { from, to, pace, slides });
    const along = { countIn, metronome, loop, droneHz: drone === 'none' ? null : droneHz(plan, drone, from) };
    const stop = await playLine(performance, along, { onNote: (note) => soundStore.setState({ note }), onEnd: stopPlaying });
    // The sound was stopped, or begun again, while it was starting.
    if (turn !== turns) return stop();
    stopSound = stop;
    soundStore.setState({ state: 'playing' });
  } catch (error) {
    if (turn !== turns) return;
    soundStore.setState({ state: 'silent', note: null, trouble: error instanceof Error ? error.message : NO_SOUND });
  }
}
