import type { APIRoute } from 'astro';
import { planAway } from '../../endpoints/planned-away.ts';
import { only } from '../../endpoints/wrong-method.ts';

/** Tells why the best plan of a brief is as it is, as data and in words. */
export const POST: APIRoute = (context) => planAway(context, (body) => ({ kind: 'reasons', body }));

/** Refuses any other method. */
export const ALL = only('POST');
