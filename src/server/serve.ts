import { createServer, type ServerResponse } from 'node:http';
import compression from 'compression';
import express, { type ErrorRequestHandler, type Request, type RequestHandler, type Response } from 'express';
import sirv from 'sirv';
import { clientOf } from './client-of.ts';
import { contentPolicy, type PageHashes } from './content-policy.ts';
import { endInOrder } from './ending.ts';
import { EVERYWHERE, HASHED_CACHE, PAGE_CACHE } from './headers.ts';
import { ThreadPlanner } from './planner.ts';

/** The handler of the built application, which answers pages and endpoints, and anything else with the page that says so. */
type Handler = (request: Request, response: Response, next: undefined, locals: object) => Promise<void>;

/** The options of a server. */
export interface Serving {
  readonly handler: Handler;
  /** The folder of the files that browsers get as they are. */
  readonly files: string;
  /** The hashes of what stands in pages; null while the build asks the server for its pages, to find them. */
  readonly hashes: PageHashes | null;
  /** The built code of the planner's thread. */
  readonly worker: string;
  readonly host: string;
  /** The port to listen on; 0 for any that is free. */
  readonly port: number;
  /** The addresses and networks of proxies whose word for the client's address is taken: "loopback, 10.0.0.0/8"; null for none. */
  readonly proxies: string | null;
  /** The time in which requests under way may end once the server is told to end, ms. */
  readonly graceMs: number;
}

/** The methods that an endpoint may be asked with; it says itself which of these it knows. */
const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];

/** The time limits of a connection, ms: for the head of a request, for all of it, and with nothing asked. A slow one loses its place. */
export const PATIENCE = { headersTimeout: 10_000, requestTimeout: 30_000, keepAliveTimeout: 10_000, connectionsCheckingInterval: 2000 };

/** The usual time in which requests under way may end once the server is told to end, s. */
export const USUAL_GRACE_S = 30;

/** Starts the server; resolves when it listens. */
export async function serve({ handler, files, hashes, worker, host, port, proxies, graceMs }: Serving): Promise<void> {
  const planner = new ThreadPlanner(worker);
  const app = express();
  app.disable('x-powered-by');
  app.set('trust proxy', proxies ?? false);
  let isEnding = false;
  // A client that goes on with a kept connection while the server ends is told to open another: to another copy.
  const sayWhenEnding: RequestHandler = (_, response, next) => {
    if (isEnding) response.set('connection', 'close');
    next();
  };
  app.use(sayWhenEnding, onlyWhatIsKnown, compression());
  const answer: RequestHandler = (request, response) =>
    handler(request, response, undefined, { planner, client: clientOf(request.ip), isEnding });
  // No file is looked for where there can be none.
  app.all('/api/{*endpoint}', answer);
  // The build has compressed them already.
  app.use(sirv(files, { brotli: true, gzip: true, etag: true, extensions: [], setHeaders: headersOfFile }));
  if (hashes) app.use(withPolicy(contentPolicy(hashes)));
  app.use(answer);
  app.use(answerFailure);
  const server = createServer(PATIENCE, app);
  endInOrder({ server, graceMs, onBegin: () => (isEnding = true), close: () => planner.close() });
  await new Promise<void>((resolve) => server.listen(port, host, resolve));
}

/**
 * Refuses what is not known: pages and files are only read; pictures are never made here, so the address of Astro's own maker of them is
 * closed.
 */
const onlyWhatIsKnown: RequestHandler = ({ method, path }, response, next) => {
  response.set(EVERYWHERE);
  // An address that cannot be read throws, and `failed` answers.
  decodeURI(path);
  const allowed = path.startsWith('/api/') ? METHODS : ['GET', 'HEAD'];
  if (!allowed.includes(method)) response.status(405).set('allow', allowed.join(', ')).end();
  else if (path.startsWith('/_image')) response.status(404).end();
  else next();
};

/** Gives pages, and the page for what is not there, their content policy. */
function withPolicy(policy: string): RequestHandler {
  return (_, response, next) => {
    response.set('content-security-policy', policy);
    next();
  };
}

/** Reports a failure in a page or an endpoint to the operator, and to the client only that there was one. */
const answerFailure: ErrorRequestHandler = (error: unknown, _, response, __) => {
  console.error(error);
  if (response.headersSent) response.end();
  else response.status(statusOf(error)).end();
};

/** Gives the status of an error; an address that cannot be read is the client's fault. */
function statusOf(error: unknown): number {
  return error instanceof URIError ? 400 : 500;
}

function headersOfFile(response: ServerResponse, path: string): void {
  response.setHeader('cache-control', path.includes('_astro') ? HASHED_CACHE : PAGE_CACHE);
}
