import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { findChromium } from '../lib/chromium.mjs';
import { chromium, type Browser, type Page } from '@playwright/test';

const UP_WITHIN_MS = 20_000;

/** A browser process of one’s own, that can be killed with all it has started. */
export interface DoomedBrowser {
  readonly page: Page;
  kill(): Promise<void>;
}

/** Starts a browser on a profile that outlives it. */
export async function doomedBrowser(profileDir: string): Promise<DoomedBrowser> {
  const portFile = join(profileDir, 'DevToolsActivePort');
  rmSync(portFile, { force: true });
  const child = spawn(
    findChromium() ?? 'chromium',
    [
      '--headless=new',
      '--no-sandbox',
      '--disable-gpu',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--remote-debugging-port=0',
      `--user-data-dir=${profileDir}`,
      'about:blank',
    ],
    { detached: true, stdio: 'ignore' },
  );
  const browser = await connected(portFile, child);
  const context = browser.contexts()[0] ?? (await browser.newContext());
  const page = context.pages()[0] ?? (await context.newPage());
  return {
    page,
    async kill() {
      const gone = new Promise((resolve) => child.once('exit', resolve));
      if (child.pid !== undefined) process.kill(-child.pid, 'SIGKILL');
      await gone;
      await browser.close().catch(() => undefined);
    },
  };
}

async function connected(portFile: string, child: ChildProcess): Promise<Browser> {
  const until = Date.now() + UP_WITHIN_MS;
  while (Date.now() < until && child.exitCode === null) {
    const [port] = existsSync(portFile) ? readFileSync(portFile, 'utf8').split('\n') : [];
    if (port) {
      const browser = await chromium.connectOverCDP(`http://127.0.0.1:${port}`).catch(() => null);
      if (browser) return browser;
    }
    await wait(20);
  }
  throw new Error('the browser did not start');
}
