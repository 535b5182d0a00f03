import { availableParallelism } from 'node:os';
import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './tests/support/served.ts';

const PORT = 4399;

export default defineConfig({
  testDir: 'tests/browser',
  fullyParallel: true,
  workers: availableParallelism(),
  forbidOnly: true,
  reporter: [['list'], ['./tests/support/slowest-reporter.ts']],
  // A machine may stand still for half a minute: how long something takes is not what these tests are about.
  timeout: 120_000,
  expect: { timeout: 40_000 },
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    // Every test begins with an empty browser, so tests that need no offline copy do not wait until the whole application is stored in it.
    serviceWorkers: 'block',
    launchOptions: CHROMIUM,
  },
  webServer: {
    command: 'node dist/serve.mjs',
    url: `http://127.0.0.1:${PORT}/api/health`,
    env: { HOST: '127.0.0.1', PORT: String(PORT), DOVE_PATH_DEMO: '1' },
    reuseExistingServer: false,
  },
});
