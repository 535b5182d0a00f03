import type { IncomingMessage, Server, ServerResponse } from 'node:http';
import type { Socket } from 'node:net';

/** The signals by which an operator or a service manager ends the server. */
const SIGNALS = ['SIGTERM', 'SIGINT'] as const;

/** The time that a connection has to send the head of a request once the server is ending, ms; after it, those without one are closed. */
const LAST_HEAD_MS = 1000;

/** The interval at which connections without a request are closed while the server ends, ms. */
const LOOK_MS = 50;

/** The parts of a server that end with it. */
export interface Ending {
  readonly server: Server;
  /** The time in which requests under way may end, ms. */
  readonly graceMs: number;
  /** Tells the requests that still come that the server is ending. */
  readonly onBegin: () => void;
  /** Ends everything else. */
  readonly close: () => Promise<void>;
}

/**
 * Ends a server in order when it is told to: it takes no new connections, finishes the requests that are under way, and cuts off only what
 * takes longer than the grace. A second signal ends it at once.
 */
export function endInOrder({ server, graceMs, onBegin, close }: Ending): void {
  const closeWaiting = watchConnections(server);
  let isEnding = false;
  const end = async (): Promise<void> => {
    if (isEnding) return process.exit(1);
    isEnding = true;
    onBegin();
    const since = performance.now();
    const closed = new Promise<void>((resolve) => server.close(() => resolve()));
    const closing = setInterval(() => {
      server.closeIdleConnections();
      if (performance.now() - since > LAST_HEAD_MS) closeWaiting();
    }, LOOK_MS);
    const cutOff = setTimeout(() => server.closeAllConnections(), graceMs);
    await closed;
    clearInterval(closing);
    clearTimeout(cutOff);
    await close();
    process.exit(0);
  };
  for (const signal of SIGNALS) process.on(signal, () => void end());
}

/**
 * Watches the connections of a server, and gives the function that closes those without a request under way. Browsers open some ahead of
 * their requests, and Node counts these as busy.
 */
function watchConnections(server: Server): () => void {
  const waiting = new Set<Socket>();
  server.on('connection', (socket: Socket) => {
    waiting.add(socket);
    socket.once('close', () => waiting.delete(socket));
  });
  server.on('request', ({ socket }: IncomingMessage, response: ServerResponse) => {
    waiting.delete(socket);
    response.once('close', () => !socket.destroyed && waiting.add(socket));
  });
  return () => waiting.forEach((socket) => socket.destroy());
}
