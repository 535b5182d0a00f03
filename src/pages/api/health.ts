import type { APIRoute } from 'astro';

/** Says that the server answers. */
export const GET: APIRoute = () => Response.json({ status: 'ok' });
