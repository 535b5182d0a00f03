import type { APIRoute } from 'astro';
import { checkedDemo } from '../../demo/checked-demo.ts';
import { only } from '../../endpoints/wrong-method.ts';

/** Serves the demo, checked. */
export const GET: APIRoute = async () => Response.json(await checkedDemo());

/** Refuses any other method. */
export const ALL = only('GET');
