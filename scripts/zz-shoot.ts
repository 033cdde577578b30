import { chromium } from '@playwright/test';
import config from '../playwright.config';
import { createServer } from '../server/app';
const server = createServer({
  distDir: new URL('../dist', import.meta.url).pathname,
  start: 'sample',
}).listen(4195, '127.0.0.1');
const browser = await chromium.launch(config.use?.launchOptions ?? {});
const steps = (process.argv[2] ?? '').split(';');
const context = await browser.newContext({
  viewport: { width: Number(process.env.W ?? 1280), height: Number(process.env.H ?? 800) },
  reducedMotion: 'reduce',
  timezoneId: 'UTC',
  colorScheme: process.env.DARK ? 'dark' : 'light',
});
const page = await context.newPage();
page.on('console', (m) => {
  if (m.type() === 'error' || m.type() === 'warning')
    console.log('console', m.text().slice(0, 400));
});
page.on('pageerror', (e) => console.log('pageerror', e.message, e.stack?.slice(0, 600)));
await page.clock.install({ time: new Date('2026-10-14T16:00:00Z') });
await page.goto('http://localhost:4195/');
await page.getByText('What stands out').waitFor();
for (const step of steps) {
  const [what, ...rest] = step.trim().split(' ');
  const arg = rest.join(' ');
  if (what === 'go') {
    await page.goto('http://localhost:4195' + arg);
    await page.waitForTimeout(900);
  } else if (what === 'tap')
    await page.getByRole('button', { name: arg, exact: true }).first().click();
  else if (what === 'text') await page.getByText(arg).first().click();
  else if (what === 'pick') {
    const [label, option] = arg.split('=');
    await page.getByLabel(label!).first().click();
    await page.getByRole('option', { name: option! }).first().click();
  } else if (what === 'fill') {
    const [label, value] = arg.split('=');
    await page.getByLabel(label!).first().fill(value!);
    await page.getByLabel(label!).first().blur();
  } else if (what === 'wait') await page.waitForTimeout(Number(arg));
  else if (what === 'down') await page.mouse.wheel(0, Number(arg));
  else if (what === 'shot') {
    await page.waitForTimeout(500);
    await page.screenshot({ path: `/tmp/${arg}.png` });
  }
}
await browser.close();
server.close();
