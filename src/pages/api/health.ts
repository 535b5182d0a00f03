import type { APIRoute } from 'astro';
import { only } from '../../endpoints/index.ts';

/** Tells that the server answers, and how much it has to do. */
export const GET: APIRoute = ({ locals }) => Response.json({ status: 'ok', queue: locals.planner.queue() });

/** Refuses any other method. */
export const ALL = only('GET');
