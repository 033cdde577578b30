import { flushPromises } from '@vue/test-utils';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import type { Component } from 'vue';
import { drawnShop } from '../../tests/fixtures/drawnShop';
import { bodyFrom } from '../../tests/fixtures/bodies';
import { COLLECTION_NAMES } from '@/storage/records/names';
import { MATERIALS } from '@/core/matter/materials/catalog';
import { emptyBody, newFormula } from '@/core/formula/model/create';
import type { FormulaBody } from '@/core/formula/model/schema';
import { router } from './router';

/** Every screen in the states that nobody designs for: nothing there, too much, and names without end. */
const SCREENS = router
  .getRoutes()
  .filter(({ components }) => components?.default)
  .map(({ name, path, components }) => ({
    name: String(name ?? path),
    path,
    load: components?.default as unknown as () => Promise<{ readonly default: Component }>,
  }));

const LONG = 'Lantern of the long quay in the late light of an autumn that would not end '.repeat(
  6,
);
/** What a figure looks like that was never computed. */
const BROKEN = /\bNaN\b|Infinity|undefined|\[object |\bnull\b/;

type Shop = ReturnType<typeof drawnShop>;
const STATES: Readonly<Record<string, (shop: Shop) => void>> = {
  'the sample': () => undefined,
  'nothing at all': ({ workshop }) => {
    for (const name of COLLECTION_NAMES)
      workshop.remove(
        name,
        workshop.records[name].map(({ id }) => id),
      );
    workshop.changeSettings({ formulaInHandId: null, batchInHandId: null });
  },
  'a formula without a line': (shop) => inHand(shop, 'Empty', emptyBody('bath-bomb')),
  'forty lines under a name without end': (shop) =>
    inHand(
      shop,
      LONG,
      bodyFrom(
        MATERIALS.slice(0, 40)
          .map(({ name }, i) => `${(i + 1) * 7} g ${name}`)
          .join('\n'),
      ),
    ),
  'a ton of one thing': (shop) => inHand(shop, 'Ton', bodyFrom('1000000 g baking soda')),
  'a hundredth of a gram': (shop) => inHand(shop, 'Dust', bodyFrom('0.01 g citric acid')),
  'a room like a steam bath': ({ workshop }) =>
    workshop.changeSettings({ humidityPct: 100, tempC: 50 }),
};

function inHand({ workshop }: Shop, name: string, body: FormulaBody): void {
  const formula = newFormula(name, body, new Date().toISOString());
  workshop.putFormula(formula);
  workshop.changeSettings({ formulaInHandId: formula.id, batchInHandId: null });
}

const views = new Map<string, Component>();
beforeAll(async () => {
  for (const { name, load } of SCREENS) views.set(name, (await load()).default);
});

describe.each(Object.keys(STATES))('%s', (state) => {
  it.each(SCREENS.map(({ name, path }) => [name, path]))('is shown by %s', async (name, path) => {
    const said = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const warned = vi.spyOn(console, 'warn').mockImplementation(() => undefined);
    const shop = drawnShop();
    STATES[state]?.(shop);
    const code = shop.workshop.batches[0]?.code ?? 'nowhere';
    await shop.ways.push(path.replace(':code', code).replace(/\/:\w+(\(.*\))?[?*]?/g, ''));
    const view = views.get(name);
    if (!view) throw new Error(`${name} has no screen`);
    const shown = shop.show(view, { props: path.includes(':code') ? { code } : {} } as never);
    await flushPromises();
    expect(shown.text().length).toBeGreaterThan(10);
    expect(shown.html()).not.toMatch(BROKEN);
    expect(shown.find('h1').exists() || shown.find('h2').exists()).toBe(true);
    expect(said).not.toHaveBeenCalled();
    expect(warned.mock.calls.map(([words]) => String(words))).toEqual([]);
  });
});
