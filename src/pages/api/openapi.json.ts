import type { APIRoute } from 'astro';
import { openApi } from '../../endpoints/openapi.ts';
import { only } from '../../endpoints/wrong-method.ts';

/** Serves the endpoints as an OpenAPI document. */
export const GET: APIRoute = () => Response.json(openApi());

/** Refuses any other method. */
export const ALL = only('GET');
