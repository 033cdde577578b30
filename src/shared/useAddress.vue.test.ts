import { flushPromises, mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { defineComponent, ref, type Ref } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import { useAddress, useAddressTab } from './useAddress';

const THINGS = ['a', 'b', 'c'];

/** A screen with two sides and a thing on it. */
async function screen(start: string, isSilent = false) {
  const chosen: Ref<string | null> = ref('a');
  const made: { side: Ref<string> } = { side: ref('') };
  const Screen = defineComponent({
    setup() {
      made.side = useAddressTab<string>(['room'], ['one', 'two'], 'one');
      useAddress({
        names: ['room', 'bare'],
        param: 'thing',
        to: 'room',
        isSilent,
        current: () => chosen.value,
        keyOf: (id) => `thing-${id}`,
        find: (key) => THINGS.find((id) => key === `thing-${id}` || key === id) ?? null,
        choose: (id) => (chosen.value = id),
      });
      return () => null;
    },
  });
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/bare', name: 'bare', component: Screen },
      { path: '/room/:thing?/:view?', name: 'room', component: Screen },
      { path: '/:lost(.*)*', name: 'lost', component: { render: () => null } },
    ],
  });
  await router.push(start);
  mount({ template: '<router-view />' }, { global: { plugins: [router] } });
  await flushPromises();
  const at = () => router.currentRoute.value;
  return {
    chosen,
    at,
    show: async (next: string) => {
      made.side.value = next;
      await flushPromises();
    },
    side: () => made.side.value,
    open: async (id: string | null) => {
      chosen.value = id;
      await flushPromises();
    },
    back: async () => {
      router.back();
      await flushPromises();
    },
    to: async (path: string) => {
      await router.push(path);
      await flushPromises();
    },
  };
}

describe('what is open on a screen', () => {
  it('stands in the address, of a bare one too', async () => {
    const { at, open } = await screen('/bare');
    expect(at().path).toBe('/room/thing-a');
    await open('b');
    expect(at().path).toBe('/room/thing-b');
  });

  it('is opened by an address, and again by back and forward', async () => {
    const { chosen, at, open, back } = await screen('/room/thing-c');
    expect(chosen.value).toBe('c');
    await open('b');
    await back();
    expect([chosen.value, at().path]).toEqual(['c', '/room/thing-c']);
  });

  it('has one address: an older one is put right and leaves nothing to go back to', async () => {
    const { at, to, back } = await screen('/room/thing-c');
    await to('/room/a');
    expect(at().path).toBe('/room/thing-a');
    await back();
    expect(at().path).toBe('/room/thing-c');
  });

  it('leaves its address when it is closed', async () => {
    const { at, open } = await screen('/room/thing-c/two');
    await open(null);
    expect(at().path).toBe('/room');
  });

  it('that moves on by itself is not walked through again by back', async () => {
    const { at, open, to, back } = await screen('/room/thing-a', true);
    await to('/elsewhere');
    await to('/room/thing-b');
    await open('c');
    expect(at().path).toBe('/room/thing-c');
    await back();
    expect(at().path).toBe('/elsewhere');
  });
});

describe('a side of a screen', () => {
  it('stands in the address, the first without a word of its own', async () => {
    const { at, show, side, back } = await screen('/room/thing-a');
    await show('two');
    expect(at().path).toBe('/room/thing-a/two');
    await show('one');
    expect(at().path).toBe('/room/thing-a');
    await back();
    expect([side(), at().path]).toEqual(['two', '/room/thing-a/two']);
  });

  it('stays open when another thing is opened on it', async () => {
    const { at, open, side } = await screen('/room/thing-a/two');
    await open('b');
    expect([side(), at().path]).toEqual(['two', '/room/thing-b/two']);
  });
});

describe('an address of nothing', () => {
  it.each(['/room/nowhere', '/room/thing-a/three'])(
    '%s stays as typed and says so',
    async (path) => {
      const { at, chosen } = await screen(path);
      expect([at().name, at().path]).toEqual(['lost', path]);
      expect(chosen.value).toBe('a');
    },
  );
});
