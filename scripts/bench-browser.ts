import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import config from '../playwright.config';
import { createServer } from '../server/app';
import { pasteRecipe, startEmpty } from '../tests/e2e/support';
import { BOMB } from './lib/bomb25';
import { firstViews } from './lib/firstView';

/**
 * A five-second pull on the column of a 25-line formula in the built application, in a real browser: how long from
 * a move of the pointer until every reading stands in the page, and how far apart the frames come. Printed, never
 * asserted. Run `npm run build` first.
 */
const PORT = 4194;
const FILM = [
  '600 g baking soda\n300 g citric acid\n20 g slsa\n30 g sweet almond oil\n6 g rose petals',
  '0.5 g blue 1 dye\nSecond color\n300 g baking soda\n150 g citric acid\n0.4 g red 33 dye',
].join('\n');

const distDir = fileURLToPath(new URL('../dist', import.meta.url));
const server = createServer({ distDir, start: 'ask' }).listen(PORT, '127.0.0.1');
const browser = await chromium.launch(config.use?.launchOptions ?? {});
const SIZE = { viewport: { width: 1280, height: 800 }, baseURL: `http://localhost:${PORT}` };
const page = await browser.newPage(SIZE);
await startEmpty(page);
await pasteRecipe(page, 'Bench', BOMB);
const edge = page.getByRole('slider', { name: /^Boundary between Baking soda/ });
await edge.scrollIntoViewIfNeeded();
const box = await edge.boundingBox();
if (!box) throw new Error('the column has no boundary to pull');
await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
await page.mouse.down();

const measured = await page.evaluate(
  async ({ x, y }) => {
    const column = document.querySelector('.column') as HTMLElement;
    const work: number[] = [];
    const frames: number[] = [];
    const field = document.querySelector(
      '[aria-label="Weight of Baking soda"]',
    ) as HTMLInputElement;
    const seen = new Set<string>();
    const until = performance.now() + 5000;
    let last = performance.now();
    for (let i = 0; performance.now() < until; i++) {
      await new Promise((next) => requestAnimationFrame(next));
      const now = performance.now();
      frames.push(now - last);
      last = now;
      const clientY = y + 40 * Math.sin(i / 7);
      column.dispatchEvent(
        new PointerEvent('pointermove', { clientX: x, clientY, bubbles: true, pointerId: 1 }),
      );
      // Vue writes in a microtask: the next task comes after it. Reading a size makes the browser lay the page out.
      await new Promise((next) => {
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = next;
        port2.postMessage(null);
      });
      void document.body.offsetHeight;
      work.push(performance.now() - now);
      seen.add(field.value);
    }
    return { work, frames, figures: seen.size };
  },
  { x: box.x + box.width / 2, y: box.y + box.height / 2 },
);
await page.mouse.up();
if (measured.figures < 10)
  throw new Error('the pull moved nothing: no figure stands for a repaint');
report('from a pull to every reading in the page', measured.work);
report('from frame to frame', measured.frames);
await page.close();

/** A real scale's ten readings a second, from the line on the cable until the figure is painted. */
const bench = await browser.newPage(SIZE);
await bench.addInitScript({
  path: fileURLToPath(new URL('../tests/fixtures/cable.js', import.meta.url)),
});
await startEmpty(bench);
await bench.goto('/workshop');
await bench.getByLabel('My own scale, on a cable').check();
await bench.getByRole('button', { name: 'Choose a port' }).click();
await bench.goto('/');
await pasteRecipe(bench, 'Bench', BOMB);
await bench.getByRole('button', { name: 'Plan a batch' }).click();
await bench.getByRole('button', { name: 'Start this batch' }).click();
await bench.getByText(/Step \d+ of \d+/).waitFor();
for (
  let i = 0;
  i < 20 && !(await bench.getByRole('meter', { name: 'On the scale' }).isVisible());
  i++
)
  await bench.getByRole('button', { name: 'Skip this step' }).click();
await bench.getByRole('meter', { name: 'On the scale' }).waitFor();
const readings = await bench.evaluate(async () => {
  const meter = document.querySelector('[aria-label="On the scale"]') as HTMLElement;
  const times: number[] = [];
  for (let i = 1; i <= 50; i++) {
    const sent = performance.now();
    (window as unknown as { send: (text: string) => void }).send(`W ${i}.0 g moving\n`);
    while (meter.getAttribute('aria-valuenow') !== String(i))
      await new Promise((next) => requestAnimationFrame(next));
    await new Promise((next) => requestAnimationFrame(next));
    times.push(performance.now() - sent);
    await new Promise((next) => setTimeout(next, 100));
  }
  return times;
});
report('from a line on the cable to the figure on the screen', readings);
await bench.close();

/** The film of a piece with foam, petals and two colors, played for ten seconds. */
const film = await browser.newPage(SIZE);
await startEmpty(film);
await pasteRecipe(film, 'Film', FILM);
await film.getByRole('tab', { name: 'Tub' }).click();
await film.getByRole('button', { name: 'Play' }).click();
const filmFrames = await film.evaluate(async () => {
  const frames: number[] = [];
  let last = performance.now();
  for (const until = last + 10_000; last < until;) {
    await new Promise((next) => requestAnimationFrame(next));
    const now = performance.now();
    frames.push(now - last);
    last = now;
  }
  return frames;
});
report('from frame to frame of a film', filmFrames);
await film.close();

/** The first view, beside that of another build when its directory is named: `npm run bench:browser -- DIST`. */
const others = process.argv.slice(2);
const views = await firstViews(browser, [distDir, ...others], PORT + 1);
for (const [at, view] of views.entries()) {
  const which = at === 0 ? 'this build' : `the other build ${at}`;
  process.stdout.write(
    `first view of ${which}: ${view.scriptKb.toFixed(0)} kB of script, ${view.styleKb.toFixed(0)} kB of style, gzipped\n`,
  );
  report(`from the address to the sample's first screen, ${which}`, view.sampleMs);
}
await browser.close();
server.close();

function report(what: string, times: readonly number[]): void {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => (sorted[Math.floor(share * (sorted.length - 1))] ?? 0).toFixed(1);
  process.stdout.write(
    `${what}: median ${at(0.5)} ms, 95 % under ${at(0.95)} ms, ${times.length} times\n`,
  );
}
