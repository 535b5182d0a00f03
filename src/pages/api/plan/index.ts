import type { APIRoute } from 'astro';
import { countAsked } from '../../../endpoints/count-asked.ts';
import { planAway } from '../../../endpoints/planned-away.ts';
import { only } from '../../../endpoints/wrong-method.ts';

/** Plans a brief: the same core as in the browser's worker. */
export const POST: APIRoute = (context) =>
  planAway(context, (body) => ({ kind: 'plan', body, alternatives: countAsked(context.url, 'alternatives', 0) }));

/** Refuses any other method. */
export const ALL = only('POST');
