import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, test, type Page } from '@playwright/test';
import { CARD } from './support';
import { createServer } from '../../server/app';

test.use({ serviceWorkers: 'allow' });

const DIST = fileURLToPath(new URL('../../dist', import.meta.url));

/** A server of this test’s own, so that it can be gone. */
async function serving(
  distDir: string,
  start: 'sample' | 'ask' = 'sample',
): Promise<{ readonly home: string; gone(): void }> {
  const server: Server = createServer({ distDir, start }).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  return {
    home: `http://localhost:${(server.address() as AddressInfo).port}`,
    gone() {
      server.closeAllConnections();
      server.close();
    },
  };
}

/** Until everything is kept in the browser. */
async function kept(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    if (!navigator.serviceWorker.controller)
      await new Promise((resolve) =>
        navigator.serviceWorker.addEventListener('controllerchange', resolve, { once: true }),
      );
  });
}

test('after the first visit everything works with the server gone: screens, workers, PDF', async ({
  page,
}) => {
  const { home, gone } = await serving(DIST);
  const refused: string[] = [];
  page.on('console', (message) => {
    if (/Content Security Policy/.test(message.text())) refused.push(message.text());
  });
  await page.goto(home);
  await expect(page.getByText('Checks')).toBeVisible();
  await kept(page);
  gone();
  for (const [path, ready] of [
    ['/scale', 'Bowl filled'],
    ['/make', 'There is no batch at the bench.'],
    ['/dry', 'on the trays'],
    ['/try', 'New test'],
    ['/shelf/lots', 'Search lots'],
    ['/almanac', '30 batches'],
    ['/workshop', 'Everything stays in this browser'],
    ['/guide/dry', 'Weigh the marked piece'],
  ] as const) {
    await page.goto(home + path);
    await expect(page.getByText(ready).first()).toBeVisible();
  }
  // The guide has its pictures with it.
  const picture = page.getByRole('img', { name: 'Dry' });
  await expect
    .poll(() => picture.evaluate((one: HTMLImageElement) => one.naturalWidth))
    .toBeGreaterThan(1000);
  // The plan is made in a worker, the label by the PDF maker; neither was loaded before.
  await page.goto(`${home}/calendar`);
  await expect(page.getByRole('button', { name: /^Maud: / }).first()).toBeVisible();
  await page.goto(`${home}/pack`);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as PDF', exact: true }).click(),
  ]);
  expect(
    readFileSync(await file.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  const fonts = await page.evaluate(() =>
    [...document.fonts].filter(({ status }) => status === 'loaded').map(({ family }) => family),
  );
  expect(fonts.length).toBeGreaterThan(0);
  expect(refused).toEqual([]);
});

test('with the server gone, on a phone, a pasted recipe becomes a printed sheet', async ({
  page,
}) => {
  await page.setViewportSize({ width: 360, height: 740 });
  const { home, gone } = await serving(DIST, 'ask');
  await page.goto(home);
  await expect(page.getByLabel('Recipe as written')).toBeVisible();
  await kept(page);
  gone();
  await page.getByLabel('Recipe as written').fill(`${CARD}\nMakes 6`);
  const read = page.getByRole('region', { name: 'What Rovack understood' });
  await read.getByRole('button', { name: 'hand shells' }).click();
  await page.getByRole('button', { name: 'Use this recipe' }).click();
  await expect(page.getByLabel('Formula name')).toHaveValue('Quay bomb');
  await expect(page.getByText('saved').first()).toBeAttached();
  await page.getByRole('button', { name: 'Plan a batch' }).click();
  await page.getByRole('tab', { name: 'Bench sheet' }).click();
  await page.evaluate(() => {
    window.print = () => document.body.setAttribute('data-printed', 'yes');
  });
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  await expect(page.locator('body[data-printed]')).toBeAttached();
  await expect(page.getByText('Quay bomb').first()).toBeVisible();
});

test('a newer version is offered, waits, and is taken in when the maker says so', async ({
  page,
}) => {
  const distDir = mkdtempSync(join(tmpdir(), 'rovack-newer-'));
  cpSync(DIST, distDir, { recursive: true });
  const { home, gone } = await serving(distDir);
  await page.goto(home);
  await expect(page.getByText('Checks')).toBeVisible();
  await kept(page);
  const edit = (name: string, change: (text: string) => string) =>
    writeFileSync(join(distDir, name), change(readFileSync(join(distDir, name), 'utf8')));
  edit('index.html', (html) => html.replace('<html ', '<html data-release="next" '));
  const release = page.locator('html');
  edit('sw.js', (script) => script.replace(/(index\.html",revision:")[^"]+/, '$1another'));
  await page.reload();
  await expect(page.getByText('An update of Rovack is ready.')).toBeVisible();
  await expect(release).not.toHaveAttribute('data-release', 'next');
  // Not over a bowl.
  await page.goto(`${home}/scale`);
  await page.getByRole('button', { name: 'Start this batch' }).click();
  await expect(page.getByLabel('Humidity')).toBeVisible();
  await expect(page.getByText('An update of Rovack is ready.')).toBeHidden();
  await page.goto(`${home}/shelf/lots`);
  await page.getByRole('button', { name: 'Update' }).click();
  await expect(release).toHaveAttribute('data-release', 'next');
  await expect(page.getByText('An update of Rovack is ready.')).toBeHidden();
  gone();
  rmSync(distDir, { recursive: true });
});
