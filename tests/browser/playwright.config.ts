import { defineConfig } from '@playwright/test';

const port = 8426;

export default defineConfig({
  testDir: '.',
  outputDir: '.out',
  timeout: 60_000,
  expect: { timeout: 8_000 },
  workers: 1,
  retries: 0,
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
  webServer: {
    command: 'bash tests/browser/serve.sh',
    cwd: '../..',
    url: `http://127.0.0.1:${port}/api/kitchen`,
    env: { SECTUM_TEST_PORT: String(port) },
    timeout: 240_000,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5_000 },
  },
});
