import type { APIRoute } from 'astro';
import { only, openApi } from '../../endpoints/index.ts';

/** Serves the endpoints as an OpenAPI document. */
export const GET: APIRoute = () => Response.json(openApi());

/** Refuses any other method. */
export const ALL = only('GET');
