import { createServer, type ServerResponse } from 'node:http';
import compression from 'compression';
import express, { type ErrorRequestHandler, type Request, type RequestHandler, type Response } from 'express';
import sirv from 'sirv';
import { EVERYWHERE, HASHED_CACHE, PAGE_CACHE } from './headers.ts';
import { ThreadPlanner } from './planner.ts';

/** Answers pages and endpoints, and what is neither with the page that says so; given by the built application. */
type Handler = (request: Request, response: Response, next: undefined, locals: object) => Promise<void>;

/** What a server takes that is started. */
export interface Serving {
  readonly handler: Handler;
  /** Folder of the files that browsers get as they are. */
  readonly files: string;
  /** The planner's thread, built. */
  readonly worker: string;
  readonly host: string;
  readonly port: number;
}

/** What an endpoint may be asked with; it says itself which of these it knows. */
const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];

/** How long a connection may take, ms: for the head of a request, for all of it, and with nothing asked. A slow one holds its place no longer. */
export const PATIENCE = { headersTimeout: 10_000, requestTimeout: 30_000, keepAliveTimeout: 10_000, connectionsCheckingInterval: 2000 };

/** Starts the server; resolves when it listens. */
export async function serve({ handler, files, worker, host, port }: Serving): Promise<void> {
  const planner = new ThreadPlanner(worker);
  const app = express();
  app.disable('x-powered-by');
  app.use(onlyWhatIsKnown, compression());
  const answer: RequestHandler = (request, response) => handler(request, response, undefined, { planner });
  // No file is looked for where there can be none.
  app.all('/api/{*endpoint}', answer);
  // The build has compressed them already.
  app.use(sirv(files, { brotli: true, gzip: true, etag: true, extensions: [], setHeaders: headersOfFile }));
  app.use(answer);
  app.use(failed);
  await new Promise<void>((resolve) => createServer(PATIENCE, app).listen(port, host, resolve));
}

/** Pages and files are only read; pictures are never made here, so the address of Astro's own maker of them is closed. */
const onlyWhatIsKnown: RequestHandler = ({ method, path }, response, next) => {
  response.set(EVERYWHERE);
  // An address that cannot be read throws, and `failed` answers.
  decodeURI(path);
  const allowed = path.startsWith('/api/') ? METHODS : ['GET', 'HEAD'];
  if (!allowed.includes(method)) response.status(405).set('allow', allowed.join(', ')).end();
  else if (path.startsWith('/_image')) response.status(404).end();
  else next();
};

/** What goes wrong in a page or an endpoint is told the operator, and the client only that it did. */
const failed: ErrorRequestHandler = (error: unknown, _, response, __) => {
  console.error(error);
  if (response.headersSent) response.end();
  else response.status(statusOf(error)).end();
};

/** An address that cannot be read is the client's fault. */
function statusOf(error: unknown): number {
  return error instanceof URIError ? 400 : 500;
}

function headersOfFile(response: ServerResponse, path: string): void {
  response.setHeader('cache-control', path.includes('_astro') ? HASHED_CACHE : PAGE_CACHE);
}
