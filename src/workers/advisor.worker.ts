import { expose } from 'comlink';
import { aboutPath, effectsOf, plan, reasonsOf, waysToPlay, whatChanged, whyNot } from '#core/plan';
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
  aboutPath,
  effects: effectsOf,
};
expose(advisor);
