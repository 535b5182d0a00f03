import type { APIRoute } from 'astro';
import { only } from '../../endpoints/index.ts';

/** Tells that the server answers, and how much it has to do; with 503 once it was told to end, so that a balancer sends it nothing more. */
export const GET: APIRoute = ({ locals: { planner, isEnding } }) =>
  Response.json({ status: isEnding ? 'ending' : 'ok', queue: planner.queue() }, { status: isEnding ? 503 : 200 });

/** Refuses any other method. */
export const ALL = only('GET');
