import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'e2e',
  timeout: 60_000,
  // Two cores may be busy; what is slow is not wrong.
  expect: { timeout: 15_000 },
  // Each has a server and a demo of its own.
  workers: 2,
  forbidOnly: true,
  reporter: [['list']],
  use: {
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
});
