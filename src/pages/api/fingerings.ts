import type { APIRoute } from 'astro';
import { countAsked } from '../../endpoints/count-asked.ts';
import { plannedAway } from '../../endpoints/planned-away.ts';
import { only } from '../../endpoints/wrong-method.ts';

/** Finds the cheapest different fingerings of a brief: `?most=10`. */
export const POST: APIRoute = (context) =>
  plannedAway(context, (body) => ({ kind: 'fingerings', body, most: countAsked(context.url, 'most', 10) }));

export const ALL = only('POST');
