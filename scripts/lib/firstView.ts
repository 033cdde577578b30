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

/**
 * Runs in the page: a message sent in the frame that has the formula's name comes when that frame is painted. The page says so
 * itself: who asks from outside looks at growing distances, half a second in the end, and loads the page with it.
 */
const STAMP = `requestAnimationFrame(function look() {
  if (!document.querySelector('[aria-label="Formula name"]')) return requestAnimationFrame(look);
  const { port1, port2 } = new MessageChannel();
  port1.onmessage = () => console.debug('painted at', Date.now());
  port2.postMessage(null);
});`;

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
  await page.getByRole('button', { name: 'Skip for now' }).click();
  await page.waitForLoadState('networkidle');
  await Promise.all(bodies);
  await context.close();
  server.close();
  return { scriptKb: bytes.script / 1000, styleKb: bytes.style / 1000 };
}

/** From asking for the address until the frame with the formula's name is painted. */
async function timeToSample(browser: Browser, distDir: string, port: number): Promise<number> {
  const server = createServer({ distDir, start: 'sample' }).listen(port, '127.0.0.1');
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.addInitScript({ content: STAMP });
  const said = page.waitForEvent('console', (line) => line.text().startsWith('painted at'));
  const askedAt = Date.now();
  await page.goto(`http://localhost:${port}`, { waitUntil: 'commit' });
  const paintedAt = Number((await said).text().replace('painted at', ''));
  await context.close();
  server.close();
  return paintedAt - askedAt;
}
