import type { APIRoute } from 'astro';
import { countAsked, only, planAway } from '../../endpoints/index.ts';

/** Finds the cheapest different fingerings of a brief: `?most=10`. */
export const POST: APIRoute = (context) =>
  planAway(context, (body) => ({ kind: 'fingerings', body, most: countAsked(context.url, 'most', 10) }));

/** Refuses any other method. */
export const ALL = only('POST');
