import { expose } from 'comlink';
import { plan, waysToPlay } from '#core/plan';
import type { Planner } from './protocol.ts';

const planner: Planner = { plan, waysToPlay };
expose(planner);
