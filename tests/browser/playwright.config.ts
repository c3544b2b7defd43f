import { defineConfig } from '@playwright/test';

/** Two kitchens, one a core: a worker has its own, and its files follow one another on it. */
const PORTS = [8426, 8526];

const port = PORTS[Number(process.env.TEST_PARALLEL_INDEX ?? 0)] ?? 8426;

export default defineConfig({
  testDir: '.',
  outputDir: '.out',
  // A walk from the box to the plate has some forty steps, on a machine that may have other work.
  timeout: 120_000,
  expect: { timeout: 8_000 },
  workers: PORTS.length,
  // A walk that fails once and passes once is listed as flaky, and is to be looked into.
  retries: 1,
  reporter: [['list']],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    hasTouch: true,
    reducedMotion: 'reduce',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
  webServer: PORTS.map((one) => ({
    command: 'bash tests/browser/serve.sh',
    cwd: '../..',
    url: `http://127.0.0.1:${one}/api/kitchen`,
    env: { SECTUM_TEST_PORT: String(one) },
    timeout: 240_000,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 5_000 },
  })),
});
