import { existsSync } from 'node:fs';
import { defineConfig } from '@playwright/test';

const CHROMIUM =
  process.env.CHROMIUM_PATH ??
  ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium', '/usr/bin/chromium-browser'].find((place) =>
    existsSync(place),
  );
const PORT = Number(process.env.PORT ?? 4317);

export default defineConfig({
  testDir: 'e2e',
  // Several parts may run side by side, each with a server and results of its own.
  outputDir: `test-results/browser-${PORT}`,
  fullyParallel: true,
  workers: 2,
  retries: 0,
  // A machine that others work on as well takes its time: what is there is found at once, only what is missing is waited for.
  timeout: 60_000,
  expect: { timeout: 15_000 },
  reporter: [['list'], ['json', { outputFile: process.env.REPORT ?? 'test-results/e2e.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    // Only the test that goes without a network wants the worker that keeps the application.
    serviceWorkers: 'block',
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
    launchOptions: {
      executablePath: CHROMIUM,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: `node --import tsx src/server/main.ts --port ${PORT} --strict`,
    url: `http://127.0.0.1:${PORT}/`,
    reuseExistingServer: false,
    stdout: 'ignore',
  },
});
