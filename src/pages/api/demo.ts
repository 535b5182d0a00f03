import type { APIRoute } from 'astro';
import { checkedDemo } from '../../demo/index.ts';
import { only } from '../../endpoints/index.ts';

/** Serves the demo, checked. */
export const GET: APIRoute = async () => Response.json(await checkedDemo());

/** Refuses any other method. */
export const ALL = only('GET');
