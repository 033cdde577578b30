import { mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { createServer } from '../server/app';
import { doomedBrowser } from './crash/browser';
import { tearLog } from './crash/tear';
import { seedRandom } from './lib/random';

// npm run crash -- [kills, 1000] [of these, with a log that is broken off, one in 50]: a formula is edited and a batch is worked while the browser process is killed at random
// moments, without a goodbye. Nothing that was said to be saved may be lost, the database opens, the batch goes on.
const kills = Number(process.argv[2] ?? 1000);
/** Before every so manieth kill the browser’s log is broken off, as it may be by a kill in the middle of a write. */
const tearEvery = Number(process.argv[3] ?? 50);
const LATEST_KILL_MS = 900;
const READY_MS = 20_000;
/** Past so many steps the batch may be at its end. */
const LAST_STEPS = 8;
seedRandom(7);

const server = createServer({
  distDir: fileURLToPath(new URL('../dist', import.meta.url)),
  start: 'sample',
}).listen(0, '127.0.0.1');
await new Promise((resolve) => server.once('listening', resolve));
const home = `http://localhost:${(server.address() as AddressInfo).port}`;
const profileDir = mkdtempSync(join(tmpdir(), 'rovack-crash-'));

/** What was last said to be saved. */
const said = { grams: 0, step: 0 };
const seen = { edits: 0, steps: 0, midWrite: 0, batches: 0, torn: 0, restored: 0 };
const losses: string[] = [];
let grams = 100;

for (let round = 0; round < kills; round++) {
  if (round % tearEvery === tearEvery - 1) {
    tearLog(profileDir);
    seen.torn += 1;
  }
  const browser = await doomedBrowser(profileDir);
  const { page } = browser;
  page.setDefaultTimeout(READY_MS);
  const isBench = round % 2 === 1;
  try {
    if (isBench) await openBench(page);
    else await openFormula(page);
    // Nothing below waits for the kill: it comes when it comes.
    const deeds = (isBench ? workOn(page) : editOn(page)).catch(() => undefined);
    await wait(Math.random() * LATEST_KILL_MS);
    seen.restored += await page.getByText('back from the spare copy').count();
    seen.midWrite += await isWriting(page);
    await browser.kill();
    await deeds;
  } catch (error) {
    losses.push(
      `kill ${round}: ${error instanceof Error ? error.message.split('\n')[0] : String(error)}`,
    );
    await browser.kill().catch(() => undefined);
  }
  if ((round + 1) % 50 === 0) process.stdout.write(`${round + 1} kills, ${losses.length} losses\n`);
}
server.closeAllConnections();
server.close();
rmSync(profileDir, { recursive: true, force: true });
process.stdout.write(
  `${kills} kills, ${seen.midWrite} of them in the middle of a write; ${seen.edits} edits and ${seen.steps} steps of ${seen.batches} batches were said to be saved; the log was broken off ${seen.torn} times, and ${seen.restored} times all came back from the spare copy; lost: ${losses.length}\n`,
);
for (const loss of losses.slice(0, 10)) process.stdout.write(`${loss}\n`);
process.exitCode = losses.length === 0 ? 0 : 1;

/** A loss is counted once. */
function lost(sentence: string, goOn: () => void): Error {
  goOn();
  return new Error(sentence);
}

function soda(page: Page) {
  return page.getByLabel('Grams of Baking soda', { exact: true });
}

async function openFormula(page: Page): Promise<void> {
  await page.goto(`${home}/design`);
  await soda(page).waitFor();
  const alerts = await page.getByText(/could not be read|would not open/).count();
  if (alerts > 0) throw new Error('the database did not open whole');
  const here = Number((await soda(page).inputValue()).replace(/[^\d.]/g, ''));
  if (said.grams > 0 && here < said.grams)
    throw lost(
      `${said.grams} g was said to be saved, and ${here} g is here`,
      () => (said.grams = here),
    );
  grams = Math.max(grams, Math.ceil(here));
}

async function editOn(page: Page): Promise<void> {
  for (;;) {
    grams += 1;
    await soda(page).fill(String(grams));
    await soda(page).press('Enter');
    await page.getByText('· saved').first().waitFor();
    said.grams = grams;
    seen.edits += 1;
  }
}

async function stepNumber(page: Page): Promise<number> {
  const text = (await page.getByText(/step \d+ of \d+/).textContent()) ?? '';
  return Number(/step (\d+) of/.exec(text)?.[1] ?? 0);
}

async function openBench(page: Page): Promise<void> {
  await page.goto(`${home}/make`);
  const bench = page.getByText(/step \d+ of \d+/);
  await bench
    .or(page.getByText('nothing at the bench'))
    .or(page.getByRole('heading', { name: /made/i }))
    .first()
    .waitFor();
  if (!(await bench.isVisible())) {
    if (said.step > 0 && said.step < LAST_STEPS)
      throw new Error(`step ${said.step} was said to be saved, and no batch is here`);
    said.step = 0;
    await page.goto(`${home}/scale`);
    await page.getByRole('button', { name: 'Take it to the bench' }).click();
    // A formula with warnings asks first.
    const start = page.getByRole('button', { name: /^Start (this batch|for own use)/ });
    await bench.or(start).first().waitFor();
    if (await start.isVisible()) await start.click();
    await bench.waitFor();
    seen.batches += 1;
    return;
  }
  const here = await stepNumber(page);
  if (here < said.step)
    throw lost(
      `step ${said.step} was said to be saved, and step ${here} is here`,
      () => (said.step = here),
    );
}
async function workOn(page: Page): Promise<void> {
  for (;;) {
    await page.getByRole('button', { name: 'Skip this step' }).click();
    await page.getByText(/step \d+ of \d+ · saved/).waitFor();
    said.step = await stepNumber(page);
    seen.steps += 1;
  }
}

async function isWriting(page: Page): Promise<number> {
  return page
    .getByText('· saving')
    .count()
    .catch(() => 0);
}
