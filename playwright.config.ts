import { rmSync } from 'node:fs';
import { defineConfig } from '@playwright/test';

const PORT = 3222;
const DB_FILE = '.cache/e2e.sqlite';

// A fresh demo for every run; the workers of a run load this file again and must not disturb it.
if (process.env.TEST_WORKER_INDEX === undefined) {
  for (const end of ['', '-wal', '-shm']) rmSync(DB_FILE + end, { force: true });
}

export default defineConfig({
  testDir: 'e2e',
  timeout: 60_000,
  // Two cores may be busy; what is slow is not wrong.
  expect: { timeout: 15_000 },
  workers: 1,
  forbidOnly: true,
  reporter: [['list']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 390, height: 844 },
    contextOptions: { reducedMotion: 'reduce' },
    // What a service worker answers, a test can't hold up; those that are about it allow it.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      // Without these the browser keeps trying to reach its maker.
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-dev-shm-usage',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: 'node --import tsx server/src/main.ts',
    url: `http://127.0.0.1:${PORT}/api/health`,
    env: { PORT: String(PORT), DB_FILE, DEMO: '1' },
    reuseExistingServer: false,
    timeout: 30_000,
  },
});
