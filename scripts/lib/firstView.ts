import { gzipSync } from 'node:zlib';
import type { Browser } from '@playwright/test';
import { createServer } from '../../server/app';

/** What the first view weighs, in kB gzipped, and how long the sample takes to its first screen, in ms. */
export interface FirstView {
  readonly scriptKb: number;
  readonly styleKb: number;
  readonly sampleMs: readonly number[];
}

const ROUNDS = 7;

/** The builds are measured in turn, so that a busy machine slows all of them alike; each visit has an empty profile. */
export async function firstViews(
  browser: Browser,
  distDirs: readonly string[],
  port: number,
): Promise<FirstView[]> {
  const views = [];
  for (const distDir of distDirs)
    views.push({ ...(await weightOf(browser, distDir, port)), sampleMs: [] as number[] });
  for (let round = 0; round < ROUNDS; round++)
    for (const [at, distDir] of distDirs.entries())
      views[at]?.sampleMs.push(await timeToSample(browser, distDir, port));
  return views;
}

/** All that an empty browser loads until the first formula is open and the network is still. */
export async function weightOf(browser: Browser, distDir: string, port: number) {
  const server = createServer({ distDir, start: 'ask' }).listen(port, '127.0.0.1');
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const bytes = { script: 0, style: 0 };
  const bodies: Promise<void>[] = [];
  page.on('response', (response) => {
    const { pathname } = new URL(response.url());
    const kind = pathname.endsWith('.js') ? 'script' : pathname.endsWith('.css') ? 'style' : null;
    if (kind)
      bodies.push(response.body().then((body) => void (bytes[kind] += gzipSync(body).length)));
  });
  await page.goto(`http://localhost:${port}`);
  await page.getByRole('button', { name: 'Start empty' }).click();
  await page.waitForLoadState('networkidle');
  await Promise.all(bodies);
  await context.close();
  server.close();
  return { scriptKb: bytes.script / 1000, styleKb: bytes.style / 1000 };
}

async function timeToSample(browser: Browser, distDir: string, port: number): Promise<number> {
  const server = createServer({ distDir, start: 'sample' }).listen(port, '127.0.0.1');
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const asked = performance.now();
  await page.goto(`http://localhost:${port}`);
  await page.getByLabel('Name of the formula').waitFor();
  const tookMs = performance.now() - asked;
  await context.close();
  server.close();
  return tookMs;
}
