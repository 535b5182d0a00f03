import type { APIRoute } from 'astro';
import { countAsked } from '../../../endpoints/count-asked.ts';
import { plannedAway } from '../../../endpoints/planned-away.ts';
import { only } from '../../../endpoints/wrong-method.ts';

/** Plans a brief: the same core as in the browser's worker. */
export const POST: APIRoute = (context) =>
  plannedAway(context, (body) => ({ kind: 'plan', body, alternatives: countAsked(context.url, 'alternatives', 0) }));

export const ALL = only('POST');
