import type { APIRoute } from 'astro';
import { only, planAway } from '../../endpoints/index.ts';

/** Tells why the best plan of a brief is as it is, as data and in words. */
export const POST: APIRoute = (context) => planAway(context, (body) => ({ kind: 'reasons', body }));

/** Refuses any other method. */
export const ALL = only('POST');
