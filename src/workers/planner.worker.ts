import { expose } from 'comlink';
import { planBest } from '#core/plan';
import type { Planner } from './protocol.ts';

const planner: Planner = { plan: planBest };
expose(planner);
