import { defineConfig } from '@playwright/test';
import { HOW_TO_GET_ONE, findChromium } from './scripts/lib/chromium.mjs';
import { PORTS } from './tests/e2e/ports';

const executablePath = findChromium();
if (!executablePath) throw new Error(HOW_TO_GET_ONE);

/** Drives the real built application, served as it is served to people. */
export default defineConfig({
  testDir: 'tests/e2e',
  fullyParallel: true,
  workers: 2,
  // No limit decides on speed: these end a test that hangs.
  timeout: 400_000,
  expect: { timeout: 60_000 },
  reporter: [['list']],
  forbidOnly: true,
  use: {
    baseURL: `http://localhost:${PORTS.empty}`,
    // A person with metric units and a clock of 24 hours, whatever the machine's own habits are.
    locale: 'en-GB',
    viewport: { width: 1280, height: 800 },
    // What is kept for work without a server has its own journey.
    serviceWorkers: 'block',
    // Nothing is caught halfway through a fade; the stylesheet honors this for people too.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath,
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
    timeout: 180_000,
    env: { PORT: String(PORTS[name]), ROVACK_START: name === 'sample' ? 'sample' : 'ask' },
  })),
});
