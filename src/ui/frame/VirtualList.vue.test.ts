import { beforeEach, describe, expect, it, vi } from 'vitest';
import { flushPromises } from '@vue/test-utils';
import { drawn } from '../../../tests/fixtures/mountInPage';
import VirtualList from './VirtualList.vue';

const ROW_PX = 40;
const SEEN_PX = 400;
const items = (count: number) => Array.from({ length: count }, (_, i) => ({ id: `r${i}` }));

beforeEach(() => {
  // Nothing is laid out here: the list is told that it is as high as ten rows.
  vi.spyOn(HTMLElement.prototype, 'clientHeight', 'get').mockReturnValue(SEEN_PX);
  vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(300);
});

async function list(count: number, modelValue: string | null = null) {
  const shown = drawn(
    VirtualList as never,
    {
      props: {
        items: items(count),
        rowPx: ROW_PX,
        label: 'Batches',
        height: `${SEEN_PX}px`,
        modelValue,
        'onUpdate:modelValue': (id: string | null) =>
          void shown.setProps({ modelValue: id } as never),
      },
      slots: { default: '<i>{{ params.item.id }}</i>' },
    } as never,
  );
  await flushPromises();
  const press = async (key: string) => {
    await shown.trigger('keydown', { key });
    return (shown.props() as { modelValue: string | null }).modelValue;
  };
  return { shown, press };
}

describe('a long list', () => {
  it('draws what is in sight and a few more of ten thousand, and says how many there are', async () => {
    const { shown } = await list(10_000);
    const rows = shown.findAll('[role=option]');
    expect(rows.length).toBeGreaterThanOrEqual(10);
    expect(rows.length).toBeLessThanOrEqual(10 + 8 + 1);
    expect(rows[3]?.attributes()).toMatchObject({
      'aria-setsize': '10000',
      'aria-posinset': '4',
      'aria-selected': 'false',
    });
    expect(shown.find('.inside').attributes('style')).toContain(`height: ${10_000 * ROW_PX}px`);
  });

  it('is walked by arrows, ten rows by page keys, and jumped through by Home and End', async () => {
    const { press } = await list(30);
    expect(await press('ArrowDown')).toBe('r0');
    expect(await press('ArrowDown')).toBe('r1');
    expect(await press('ArrowUp')).toBe('r0');
    expect(await press('PageDown')).toBe('r10');
    expect(await press('End')).toBe('r29');
    expect(await press('PageUp')).toBe('r19');
    expect(await press('Home')).toBe('r0');
  });

  it('stops at both ends, and leaves other keys alone', async () => {
    const { shown, press } = await list(3, 'r2');
    expect(await press('ArrowDown')).toBe('r2');
    expect(await press('PageDown')).toBe('r2');
    expect(await press('Home')).toBe('r0');
    expect(await press('ArrowUp')).toBe('r0');
    expect(await press('x')).toBe('r0');
    expect(shown.attributes('aria-activedescendant')).toBe('row-r0');
  });

  it('takes a row that is pressed, and tells what reads it aloud which one it is', async () => {
    const { shown } = await list(5);
    expect(shown.attributes('aria-activedescendant')).toBeUndefined();
    await shown.findAll('[role=option]')[2]?.trigger('click');
    expect(shown.find('#row-r2').attributes('aria-selected')).toBe('true');
    expect(shown.attributes('aria-activedescendant')).toBe('row-r2');
  });

  it('of nothing is empty and takes no key', async () => {
    const { shown, press } = await list(0);
    expect(shown.findAll('[role=option]')).toHaveLength(0);
    for (const key of ['ArrowDown', 'Home', 'End']) expect(await press(key)).toBeNull();
  });
});
