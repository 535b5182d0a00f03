import type { APIRoute } from 'astro';
import { DEMO_PIECES } from '../../demo/pieces.ts';

/** The demo pieces as documents. */
export const GET: APIRoute = () => Response.json(DEMO_PIECES);
