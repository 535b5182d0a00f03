import { defineMiddleware } from 'astro:middleware';
import { API_CACHE, EVERYWHERE, PAGE_CACHE } from './server/headers.ts';

/** Sends pages and endpoints with the headers that keep them ours. */
export const onRequest = defineMiddleware(async ({ url }, next) => {
  const response = await next();
  for (const [name, value] of Object.entries(EVERYWHERE)) response.headers.set(name, value);
  response.headers.set('cache-control', url.pathname.startsWith('/api/') ? API_CACHE : PAGE_CACHE);
  if (response.headers.get('content-type')?.startsWith('text/html') !== true) return response;
  response.headers.set('content-type', 'text/html; charset=utf-8');
  return response;
});
