export { chooseSound, playLoop, playPassage, playPlan, practiseSlowly, silence, toggleLoop, togglePlaying } from './sound-actions.ts';
export { type Drone, type SoundChoices, useSound } from './sound.ts';
