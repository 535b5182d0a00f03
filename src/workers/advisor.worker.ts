import { expose } from 'comlink';
import { effectsOf, hardestPlaces, plan, reasonsOf, ringingNotes, waysToPlay, whatChanged, whyNot } from '#core/plan';
import type { Advisor } from './protocol.ts';

const advisor: Advisor = {
  outcome: (brief) => plan(brief),
  alternatives: (brief, most) => {
    const outcome = plan(brief, { alternatives: most });
    return outcome.ok ? outcome.value.alternatives : [];
  },
  waysToPlay,
  reasonsOf,
  whyNot,
  whatChanged,
  hardestPlaces,
  effects: effectsOf,
  ringing: ringingNotes,
};
expose(advisor);
