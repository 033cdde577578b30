import { defineConfig } from '@playwright/test';

const PORTS = { empty: 4191, sample: 4192 };

/** Drives the real built application, served as it is served to people. */
export default defineConfig({
  testDir: 'tests/e2e',
  fullyParallel: true,
  workers: 2,
  timeout: 120_000,
  expect: { timeout: 15_000 },
  reporter: [['list']],
  forbidOnly: true,
  use: {
    baseURL: `http://localhost:${PORTS.empty}`,
    viewport: { width: 1280, height: 800 },
    // What is kept for work without a server has its own journey.
    serviceWorkers: 'block',
    // Nothing is caught halfway through a fade; the stylesheet honors this for people too.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
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
  webServer: (['empty', 'sample'] as const).map((name) => ({
    command: 'node --import tsx server/main.ts',
    url: `http://localhost:${PORTS[name]}`,
    reuseExistingServer: false,
    env: { PORT: String(PORTS[name]), ROVACK_START: name === 'sample' ? 'sample' : 'ask' },
  })),
});
