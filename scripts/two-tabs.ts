import type { AddressInfo } from 'node:net';
import { setTimeout as wait } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { chromium, type Page } from '@playwright/test';
import config from '../playwright.config';
import { createServer } from '../server/app';
import { seedRandom } from './lib/random';
import { DEEDS, type Mark } from './two-tabs/deeds';

// npm run two-tabs -- [rounds, 100] [seed]: two tabs of one workshop do the same kind of thing at about the same moment.
// What each did must be there in both and in a third that is opened afterwards, no code stands twice, and both tell it alike.
const rounds = Number(process.argv[2] ?? 100);
seedRandom(Number(process.argv[3] ?? 1));
/** The second tab begins by so much later at most: now in the same moment, now when the first one is through. */
const LATEST_MS = 250;
/** Losses that are written out. */
const SHOWN = 10;

const server = createServer({
  distDir: fileURLToPath(new URL('../dist', import.meta.url)),
  start: 'sample',
}).listen(0, '127.0.0.1');
await new Promise((resolve) => server.once('listening', resolve));
const home = `http://localhost:${(server.address() as AddressInfo).port}`;
const browser = await chromium.launch(config.use?.launchOptions ?? {});
const context = await browser.newContext();
const tabs: [Page, Page] = [await context.newPage(), await context.newPage()];
await tabs[0].goto(home);
await tabs[0].getByLabel('Formula name').waitFor();

const losses: string[] = [];
for (let round = 0; round < rounds; round++) {
  const deed = DEEDS[round % DEEDS.length];
  if (!deed) break;
  const marks: [Mark, Mark] = [
    { tab: 0, round },
    { tab: 1, round },
  ];
  try {
    for (const tab of tabs) await deed.ready(tab, home);
    await Promise.all(
      tabs.map(async (tab, t) => {
        await wait(t * Math.random() * LATEST_MS);
        await deed.act(tab, marks[t] ?? marks[0]);
      }),
    );
    const later = await context.newPage();
    for (const page of [...tabs, later]) {
      const wrong = await deed.wrong(page, home, marks);
      if (wrong) losses.push(`round ${round}, ${deed.name}: ${wrong}`);
    }
    await later.close();
  } catch (error) {
    losses.push(
      `round ${round}, ${deed.name}: ${error instanceof Error ? error.message.split('\n')[0] : String(error)}`,
    );
  }
}
await browser.close();
server.closeAllConnections();
server.close();
process.stdout.write(
  `${rounds} rounds of ${DEEDS.map(({ name }) => name).join(', ')}; wrong: ${losses.length}\n`,
);
for (const loss of losses.slice(0, SHOWN)) process.stdout.write(`${loss}\n`);
process.exitCode = losses.length === 0 ? 0 : 1;
