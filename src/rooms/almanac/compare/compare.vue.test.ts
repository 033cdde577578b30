import { flushPromises } from '@vue/test-utils';
import { beforeEach, describe, expect, it } from 'vitest';
import { drawnShop } from '../../../../tests/fixtures/drawnShop';
import { page } from '../../../../tests/fixtures/mountInPage';
import CompareSide from './CompareSide.vue';

let shop: ReturnType<typeof drawnShop>;
beforeEach(() => {
  shop = drawnShop();
});
const says = () => page().text().replace(/\s+/g, ' ');
async function open(query = '') {
  await shop.ways.push(`/almanac/compare${query}`);
  const shown = shop.show(CompareSide);
  await flushPromises();
  return shown;
}
const codes = () =>
  page()
    .findAll('thead .link')
    .map((link) => link.text());
const remove = (keep: readonly string[]) =>
  shop.workshop.remove(
    'batches',
    shop.workshop.batches.filter(({ code }) => !keep.includes(code)).map(({ id }) => id),
  );

describe('comparing batches', () => {
  it('shows those of the address, each once, with what differs marked for eye and ear', async () => {
    await open('?batches=QL-002,QL-007,QL-007,nowhere');
    expect(codes()).toEqual(['QL-002', 'QL-007']);
    expect(says()).toMatch(/Faults ?\(differs\)/);
    expect(says()).toContain('Warts');
    expect(says()).toMatch(/Gone after ?\(differs\) ?2\.8 min ?2\.4 min/);
  });

  it('takes the newest and the one of its formula before it where none is asked', async () => {
    await open();
    const [newest, before] = codes();
    const nameOf = (code = '') => shop.workshop.batches.find((one) => one.code === code)?.formulaId;
    expect(nameOf(newest)).toBe(nameOf(before));
    expect(newest).not.toBe(before);
  });

  it('says what it lacks where there is one batch, and shows that one', async () => {
    remove(['QL-007']);
    await open();
    expect(codes()).toEqual(['QL-007']);
    expect(says()).toContain('Choose two batches or more');
    expect(says()).not.toContain('(differs)');
  });

  it('keeps the history of a formula that was removed, and says what is no longer known', async () => {
    const formula = shop.workshop.formulas.find(({ name }) => name === 'Quince Lantern');
    await open('?batches=QL-002,QL-007');
    expect(says()).toContain('Polysorbate 80: 20 g, was 12 g');
    shop.workshop.remove('formulas', [formula?.id ?? '']);
    await flushPromises();
    expect(says()).toContain('This formula was removed.');
    expect(says()).not.toContain('was 12 g');
    expect(says()).toMatch(/Version 1 ?9 batches/);
  });
});
