import { type ChildProcess, spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { once } from 'node:events';
import { setTimeout as rest } from 'node:timers/promises';
import { parseArgs } from 'node:util';

/** The built application while it is served. */
export interface Served {
  readonly address: string;
  readonly process: ChildProcess;
  /** Ends it, and resolves when it has ended. */
  readonly stop: () => Promise<void>;
}

/** The start of a server: the tree with the build, and its environment. */
export interface Start {
  readonly port: number;
  readonly tree?: string | undefined;
  readonly env?: Readonly<Record<string, string>>;
}

/**
 * The features that Chromium does without. The list of the command line that comes last counts, so the first lines repeat what Playwright
 * switches off; the last are the popups of an address bar that nobody sees, which cost each new window a third of a page's time.
 */
const SWITCHED_OFF = [
  ...['AvoidUnnecessaryBeforeUnloadCheckSync', 'DestroyProfileOnBrowserClose', 'HttpsUpgrades', 'HttpsFirstBalancedModeAutoEnable'],
  ...['LensOverlay', 'MediaRouter', 'PaintHolding', 'ThirdPartyStoragePartitioning', 'AvoidCorsURLLoaderRestartOnRedirect'],
  ...['OptimizationHints', 'NetworkTimeServiceQuerying', 'AimEnabled', 'PreconnectToSearch'],
  ...['WebUIOmniboxPopup', 'WebUIOmniboxAimPopup'],
];

/** The names of Debian's Chromiums: the one without a window is the lighter. */
const CHROMIUMS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium', '/usr/bin/chromium-browser'];

/** The Chromium of this machine, and how it is started without a screen. */
export const CHROMIUM = {
  executablePath: process.env['CHROMIUM'] ?? CHROMIUMS.find((path) => existsSync(path)) ?? 'chromium',
  args: [
    ...['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--no-first-run'],
    `--disable-features=${SWITCHED_OFF.join(',')}`,
  ],
};

/** Serves a build; resolves when it answers, and throws where something else answers there already or it ends before. */
export async function startServer({ port, tree = '.', env = {} }: Start): Promise<Served> {
  const address = `http://127.0.0.1:${port}`;
  const answers = async (): Promise<boolean> => (await fetch(`${address}/api/health`).catch(() => null))?.ok === true;
  if (await answers()) throw new Error(`Something answers at ${address} already: end it first`);
  const server = spawn(process.execPath, ['dist/serve.mjs'], {
    cwd: tree,
    env: { ...process.env, HOST: '127.0.0.1', PORT: String(port), ...env },
    stdio: ['ignore', 'ignore', 'inherit'],
    // Ctrl C should reach the process that waits, and not the server that it has started.
    detached: true,
  });
  const end = (): void => void server.kill();
  process.once('exit', end);
  while (!(await answers())) {
    if (server.exitCode !== null) throw new Error(`The build in ${tree} does not start: it ended with ${server.exitCode}`);
    await rest(50);
  }
  const stop = async (): Promise<void> => {
    process.off('exit', end);
    server.kill();
    if (server.exitCode === null && server.signalCode === null) await once(server, 'exit');
  };
  return { address, process: server, stop };
}

/** Reads a text from the command line: `--name "something"`. */
export function textGiven(name: string): string | undefined {
  const { values } = parseArgs({ options: { [name]: { type: 'string' } }, strict: false });
  const given = values[name];
  return typeof given === 'string' ? given : undefined;
}

/** Reads a number from the command line: `--name 12`; `usual` where it is not there. */
export function numberGiven(name: string, usual: number): number {
  const given = textGiven(name);
  return given === undefined ? usual : Number(given);
}
