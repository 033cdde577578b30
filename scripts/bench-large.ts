import { mkdtempSync, readFileSync, readdirSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium, type Page } from '@playwright/test';
import config from '../playwright.config';
import { createServer } from '../server/app';
import { makeLarge } from './large/makeLarge';

/**
 * A workshop of many years in a real browser: taken in from a file, opened again, edited, searched, written to a file.
 * Printed, never asserted. `npm run build` first; `npm run bench:large -- BATCHES FORMULAS LOTS` for another size.
 */
const PORT = 4199;
const [batches = 10_000, formulas = 2_000, lots = 10_000] = process.argv.slice(2).map(Number);
const say = (text: string) => process.stdout.write(`${text}\n`);
const seconds = (fromMs: number) => `${((performance.now() - fromMs) / 1000).toFixed(1)} s`;

const file = join(tmpdir(), 'rovack-large.rovack.json');
await makeLarge(file, { batches, formulas, lots });
say(
  `${batches} batches, ${formulas} formulas, ${lots} lots: ${mb(statSync(file).size)} MB of file`,
);

const distDir = fileURLToPath(new URL('../dist', import.meta.url));
const server = createServer({ distDir, start: 'ask' }).listen(PORT, '127.0.0.1');
// A profile on disk: one in memory has room for a part of it only.
const profile = mkdtempSync(join(tmpdir(), 'rovack-large-'));
const context = await chromium.launchPersistentContext(profile, {
  ...config.use?.launchOptions,
  viewport: { width: 1280, height: 800 },
});
const page = await context.newPage();
page.on('pageerror', (error) => say(`the page threw: ${error.message}`));
page.setDefaultTimeout(300_000);
await page.goto(`http://localhost:${PORT}`);
await page.getByRole('button', { name: 'Skip for now' }).click();
await page.goto(`http://localhost:${PORT}/workshop`);

let from = performance.now();
await page.getByLabel('File to import').setInputFiles(file);
await page.locator('progress').waitFor();
say(`first sight of its progress: ${seconds(from)}`);
// A small file is read before anybody can stop it.
const stop = page.getByRole('button', { name: 'Stop' });
await stop
  .click({ timeout: 3000 })
  .then(() => page.getByText('Stopped. Nothing was changed.').waitFor())
  .catch(() => page.getByRole('button', { name: 'Cancel' }).click());
from = performance.now();
await page.getByLabel('File to import').setInputFiles(file);
await page.getByRole('button', { name: 'Import', exact: true }).waitFor();
say(`read and compared with what is here: ${seconds(from)}`);
from = performance.now();
await page.getByRole('button', { name: 'Import', exact: true }).click();
await page.getByText(/^Imported /).waitFor();
say(`taken in: ${seconds(from)}`);
await page
  .getByText(`${batches} batches`.replace(/(\d)(\d{3})\b/, '$1,$2'))
  .or(page.getByText(`${batches} batches`))
  .first()
  .waitFor();
await memory('after it was taken in', page);

for (let visit = 1; visit <= 3; visit++) {
  from = performance.now();
  await page.goto(`http://localhost:${PORT}/design`);
  await page
    .getByLabel('Formula name')
    .or(page.getByRole('heading', { name: 'Formulas' }))
    .first()
    .waitFor();
  say(`visit ${visit}, from the address to the first screen: ${seconds(from)}`);
}
await memory('after it was opened', page);

await page.evaluate(() =>
  document.querySelector<HTMLElement>('[role=listitem] a, .page a, .page button')?.focus(),
);
await openAFormula();
const edits: number[] = [];
for (let i = 0; i < 20; i++) edits.push(await editSaved(page, 200 + i));
report('from an edit to “saved”', edits);

from = performance.now();
await page.getByRole('link', { name: 'Almanac' }).click();
await page.locator('section[aria-label=Batches] ul li').first().waitFor();
await page.evaluate(() => new Promise((next) => requestIdleCallback(next)));
say(`the Almanac opened: ${seconds(from)}`);
const searches: number[] = [];
for (const text of ['QL-0', 'steamer', 'QL-04321', 'quince 1', 'nothing such', ''])
  searches.push(await searched(page, text));
report('from a search to its answer, batches', searches);
await memory('in the Almanac', page);
from = performance.now();
await page.getByRole('tab', { name: 'Weather map' }).click();
const map = page.getByRole('application');
await map.waitFor();
await page.evaluate(() => new Promise((next) => requestIdleCallback(next)));
say(`the weather map opened: ${seconds(from)}`);
report('frames while it is brushed', await brushed(page));
from = performance.now();
await page.getByRole('tab', { name: 'Compare' }).click();
await page.getByRole('heading', { name: 'History of a formula' }).waitFor();
say(`two batches side by side: ${seconds(from)}`);

await page.goto(`http://localhost:${PORT}/workshop`);
from = performance.now();
const [download] = await Promise.all([
  page.waitForEvent('download'),
  page.getByRole('button', { name: 'Export everything' }).click(),
]);
const path = await download.path();
say(`written to a file: ${seconds(from)}, ${mb(statSync(path).size)} MB`);
await memory('after it was written', page);

// A folder of one’s own, in the private files of this browser; then the same browser without its database is another device.
await context.addInitScript(() => {
  window.showDirectoryPicker = async () =>
    (await navigator.storage.getDirectory()).getDirectoryHandle('Harbor', { create: true });
});
await page.reload();
from = performance.now();
await page.getByRole('button', { name: 'Choose a folder' }).click();
await page.getByText('Harbor has everything').waitFor();
say(`written into a folder, with its dated copy: ${seconds(from)}`);
await memory('after the folder was written', page);
await page.goto('about:blank');
await page.goto(`http://localhost:${PORT}/icon.svg`);
await page.evaluate(async () => {
  const root = await navigator.storage.getDirectory();
  // The worker of the last page may still hold it.
  for (let trialStore = 1; ; trialStore++)
    try {
      await root.removeEntry('rovack spare copy', { recursive: true });
      break;
    } catch (error) {
      if (trialStore === 40) throw error;
      await new Promise((next) => setTimeout(next, 250));
    }
  await new Promise((done, fail) => {
    const request = indexedDB.deleteDatabase('rovack');
    request.onsuccess = done;
    request.onerror = fail;
  });
});
await page.goto(`http://localhost:${PORT}/workshop`);
from = performance.now();
await page.getByRole('button', { name: 'Open the folder' }).click();
await page.getByRole('heading', { name: 'Formulas' }).waitFor();
await page.getByRole('link', { name: 'Workshop' }).click();
await page
  .getByText('Harbor has everything')
  .waitFor()
  .catch(async (error: unknown) => {
    say(await page.locator('body').innerText());
    throw error;
  });
say(`another device has taken the folder in: ${seconds(from)}`);
await memory('after the folder was taken in', page);
await context.close();
server.close();
rmSync(file);
rmSync(profile, { recursive: true });

async function openAFormula(): Promise<void> {
  const name = page.getByLabel('Formula name');
  if (await name.isVisible()) return;
  await page.locator('.formula .open').first().click();
  await name.waitFor();
}

/** In the page: a figure is typed, and the mark says it is saved. */
function editSaved(of: Page, grams: number): Promise<number> {
  return of.evaluate(async (value) => {
    const field = document.querySelector<HTMLInputElement>('[aria-label^="Grams of "]');
    const mark = document.querySelector('.save');
    if (!field || !mark) throw new Error('there is no field of grams, or no mark of saving');
    field.focus();
    field.value = String(value);
    field.dispatchEvent(new Event('input', { bubbles: true }));
    // The last figure and Enter are two presses: what the first one changed is drawn between them.
    await new Promise((next) => setTimeout(next, 50));
    const at = performance.now();
    field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
    let hasBegun = false;
    for (;;) {
      const text = document.querySelector('.save')?.textContent ?? '';
      if (text.includes('saving')) hasBegun = true;
      if (hasBegun && text.includes('saved')) return performance.now() - at;
      if (performance.now() - at > 5000) return NaN;
      await new Promise((next) => {
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = next;
        port2.postMessage(null);
      });
    }
  }, grams);
}

/** Frames while a hand drags over the map, ms each. */
async function brushed(on: Page): Promise<number[]> {
  const box = await on.getByRole('application').boundingBox();
  if (!box) throw new Error('the map is not drawn');
  // As text: what the runner adds to a named function is not in the page.
  await on.evaluate(`
    window.frames_ = [];
    let last = performance.now();
    const next = (now) => {
      window.frames_.push(now - last);
      last = now;
      requestAnimationFrame(next);
    };
    requestAnimationFrame(next);
  `);
  await on.mouse.move(box.x + box.width / 3, box.y + 40);
  await on.mouse.down();
  await on.mouse.move(box.x + box.width - 40, box.y + box.height - 80, { steps: 60 });
  await on.mouse.up();
  return on.evaluate<number[]>('window.frames_.slice(1)');
}

/** In the page: a text is put into the field, and the list is drawn again. */
function searched(of: Page, text: string): Promise<number> {
  return of.evaluate(async (value) => {
    const field = document.querySelector<HTMLInputElement>('section[aria-label=Batches] input');
    if (!field) throw new Error('there is no field to search in');
    const at = performance.now();
    field.value = value;
    field.dispatchEvent(new Event('input', { bubbles: true }));
    await new Promise((next) => setTimeout(next));
    void document.body.offsetHeight;
    return performance.now() - at;
  }, text);
}

async function memory(when: string, of: Page): Promise<void> {
  const session = await of.context().newCDPSession(of);
  // As it is, with what nobody holds any more and the browser has not yet cleared away; then without.
  const { usedSize: asItIs } = await session.send('Runtime.getHeapUsage');
  await session.send('HeapProfiler.collectGarbage');
  const { usedSize } = await session.send('Runtime.getHeapUsage');
  await session.detach();
  const { own, resident } = largestRenderer();
  say(
    `memory ${when}: ${mb(usedSize)} MB of the page’s heap (${mb(asItIs)} before a collection), ${mb(own)} MB of its process’s own, ${mb(resident)} MB with what it shares`,
  );
}

/**
 * Memory of the biggest process that draws pages, bytes: its own, which the browser’s task manager calls its footprint, and
 * resident with the browser’s program, which all its processes share.
 */
function largestRenderer(): { readonly own: number; readonly resident: number } {
  let most = { own: 0, resident: 0 };
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      if (!readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('--type=renderer')) continue;
      const status = readFileSync(`/proc/${pid}/status`, 'utf8');
      const bytes = (of: string) =>
        1024 * Number(new RegExp(`${of}:\\s+(\\d+) kB`).exec(status)?.[1] ?? 0);
      const found = { own: bytes('RssAnon') + bytes('VmSwap'), resident: bytes('VmRSS') };
      if (found.resident > most.resident) most = found;
    } catch {
      // It has ended meanwhile.
    }
  }
  return most;
}

function mb(bytes: number): string {
  return (bytes / 1024 / 1024).toFixed(0);
}

function report(what: string, times: readonly number[]): void {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => (sorted[Math.floor(share * (sorted.length - 1))] ?? NaN).toFixed(1);
  say(`${what}: median ${at(0.5)} ms, most ${at(1)} ms, ${times.length} times`);
}
