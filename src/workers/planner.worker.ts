import { expose } from 'comlink';
import { plan, reasonsOf, waysToPlay, whyNot } from '#core/plan';
import type { Planner } from './protocol.ts';

const planner: Planner = {
  plan: (brief, report) => plan(brief, { onProgress: report }),
  alternatives: (brief, most) => {
    const outcome = plan(brief, { alternatives: most });
    return outcome.ok ? outcome.value.alternatives : [];
  },
  waysToPlay,
  reasonsOf,
  whyNot,
};
expose(planner);
