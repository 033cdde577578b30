import { expose } from 'comlink';
import { flushPromises } from '@vue/test-utils';
import { afterAll, afterEach, beforeAll, beforeEach, expect, it, vi } from 'vitest';
import { bodyFrom } from '../../../../tests/fixtures/bodies';
import { drawnShop } from '../../../../tests/fixtures/drawnShop';
import { button, page } from '../../../../tests/fixtures/mountInPage';
import { newFormula } from '@/core/formula/model/create';
import { useDesignStore } from '@/stores/design';
import { colorApi } from '@/workers/colorApi';
import { startColor } from '@/workers/startColor';
import ColorOrder from './ColorOrder.vue';

/** The worker's own code, in this thread: only the way to it is another. */
const { port1, port2 } = new MessageChannel();
beforeAll(() => {
  expose(colorApi, port1);
  vi.stubGlobal('Worker', function () {
    return port2;
  });
  // The worker stands by from now on.
  const body = bodyFrom('20 g baking soda');
  void startColor(
    body,
    useDesignStoreConditions(),
    {
      kind: 'dry',
      partId: body.parts[0]?.id ?? '',
      wantedHex: '#ffffff',
      materialIds: [],
      markets: [],
      piece: { share: 1 },
    },
    [],
  ).result;
  vi.unstubAllGlobals();
});
afterAll(() => {
  port1.close();
  port2.close();
});

let shop: ReturnType<typeof drawnShop>;
beforeEach(() => {
  shop = drawnShop();
});
afterEach(() => vi.restoreAllMocks());

function useDesignStoreConditions() {
  drawnShop();
  return { ...useDesignStore().conditions };
}

async function shown(text: string) {
  const formula = newFormula('Plain', bodyFrom(text), new Date().toISOString());
  shop.workshop.putFormula(formula);
  shop.workshop.changeSettings({ formulaInHandId: formula.id });
  const view = shop.show(ColorOrder, { props: { body: formula.body } });
  await flushPromises();
  return view;
}
async function want(hex: string, answered: RegExp) {
  const input = page().find('input[type=color]');
  (input.element as HTMLInputElement).value = hex;
  await input.trigger('input');
  await vi.waitUntil(() => answered.test(page().text()));
}
const lines = () =>
  shop.workshop.formulaInHand?.body.parts[0]?.lines.map(({ materialId }) => materialId) ?? [];

const PLAIN = '600 g baking soda\n300 g citric acid\n0.2 g red 40 dye';

it('offers what comes nearest as a preview, and takes it in place of the color that was there', async () => {
  await shown(PLAIN);
  await button(page(), 'All colors').trigger('click');
  await want('#b0e0f0', /Reached with/);
  expect(page().text()).toMatch(/Reached with \d colorants?: ΔE 0\.\d, the same to the eye/);
  expect(page().text()).toContain('It replaces the colors of this section');
  const design = useDesignStore();
  const offered = design.preview?.parts[0]?.lines.map(({ materialId }) => materialId) ?? [];
  expect(offered).not.toEqual(lines());
  await button(page(), 'Apply').trigger('click');
  expect(lines()).toEqual(offered);
  design.undo();
  expect(lines()).toContain('red-40-dye');
});

it('says when the shelf has nothing that tints, and when a color cannot be reached', async () => {
  shop.workshop.remove(
    'lots',
    shop.workshop.lots.map(({ id }) => id),
  );
  await shown(PLAIN);
  await want('#00ff00', /None of these colors/);
  expect(page().text()).toContain('None of these colors can tint the water.');
  expect(
    page()
      .findAll('button')
      .some((one) => one.text() === 'Apply'),
  ).toBe(false);
  await button(page(), 'All colors').trigger('click');
  await vi.waitUntil(() => /Can’t be reached/.test(page().text()));
  expect(page().text()).toMatch(/The nearest is ΔE \d/);
});

it('asks again for the dry piece and for other lists', async () => {
  await shown(PLAIN);
  await button(page(), 'All colors').trigger('click');
  await want('#b0e0f0', /Reached with/);
  await button(page(), 'Dry piece').trigger('click');
  await vi.waitUntil(() => /Reached with|Can’t be reached/.test(page().text()));
  const reached = page().find('[aria-label^="Reached #"]').attributes('aria-label');
  await button(page(), 'US').trigger('click');
  await vi.waitUntil(() => page().find('[aria-label^="Reached #"]').exists());
  expect(reached).toMatch(/^Reached #[0-9a-f]{6}$/);
});
