import type { APIRoute } from 'astro';
import { countAsked, only, planAway } from '../../../endpoints/index.ts';

/** Plans a brief: the same core as in the browser's worker. */
export const POST: APIRoute = (context) =>
  planAway(context, (body) => ({ kind: 'plan', body, alternatives: countAsked(context.url, 'alternatives', 0) }));

/** Refuses any other method. */
export const ALL = only('POST');
