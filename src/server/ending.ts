import type { Server } from 'node:http';

/** The signals by which an operator or a service manager ends the server. */
const SIGNALS = ['SIGTERM', 'SIGINT'] as const;

/** The interval at which idle connections are closed while the server ends, ms. */
const IDLE_LOOK_MS = 50;

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
  let isEnding = false;
  const end = async (): Promise<void> => {
    if (isEnding) return process.exit(1);
    isEnding = true;
    onBegin();
    const closed = new Promise<void>((resolve) => server.close(() => resolve()));
    // A connection that is kept open by its client becomes idle with its answer.
    const closing = setInterval(() => server.closeIdleConnections(), IDLE_LOOK_MS);
    const cutOff = setTimeout(() => server.closeAllConnections(), graceMs);
    await closed;
    clearInterval(closing);
    clearTimeout(cutOff);
    await close();
    process.exit(0);
  };
  for (const signal of SIGNALS) process.on(signal, () => void end());
}
