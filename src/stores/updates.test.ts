import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useUpdatesStore } from './updates';

/** The service worker's side, in the hands of the test. */
const heard = new Map<string, (event: object) => void>();
const asked = { register: 0, update: 0, skip: 0 };
vi.mock('workbox-window', () => ({
  Workbox: class {
    addEventListener = (type: string, listener: (event: object) => void) =>
      heard.set(type, listener);
    register = async () => {
      asked.register += 1;
      if (asked.register > 1) throw new Error('refused');
    };
    update = async () => void (asked.update += 1);
    messageSkipWaiting = () => (asked.skip += 1);
  },
}));
const page = Object.assign(new EventTarget(), { location: { reload: vi.fn() } });
let updates: ReturnType<typeof useUpdatesStore>;

async function started(): Promise<void> {
  const starting = updates.start();
  await vi.advanceTimersByTimeAsync(2000);
  await starting;
}

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubEnv('DEV', false);
  vi.stubGlobal('window', page);
  vi.stubGlobal('navigator', { serviceWorker: {} });
  heard.clear();
  Object.assign(asked, { register: 0, update: 0, skip: 0 });
  page.location.reload.mockClear();
  setActivePinia(createPinia());
  updates = useUpdatesStore();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.unstubAllEnvs();
});

describe('Rovack without its server', () => {
  it('is kept once hands are still: nothing is fetched beside the first screen', async () => {
    const starting = updates.start();
    await vi.advanceTimersByTimeAsync(1999);
    expect(asked.register).toBe(0);
    await vi.advanceTimersByTimeAsync(1);
    await starting;
    expect(asked.register).toBe(1);
  });

  it('is not kept where the browser cannot, and nothing else is the worse for it', async () => {
    vi.stubGlobal('navigator', {});
    await started();
    expect(asked.register).toBe(0);
  });

  it('asks for a newer version every hour', async () => {
    await started();
    await vi.advanceTimersByTimeAsync(3_599_999);
    expect(asked.update).toBe(0);
    await vi.advanceTimersByTimeAsync(1);
    expect(asked.update).toBe(1);
  });
});

describe('a newer version', () => {
  const taken = (isUpdate: boolean) => heard.get('controlling')?.({ isUpdate });

  it('waits until the maker takes it in, and only then is the page loaded again', async () => {
    await started();
    expect(updates.isWaiting).toBe(false);
    heard.get('waiting')?.({});
    expect(updates.isWaiting).toBe(true);
    expect(page.location.reload).not.toHaveBeenCalled();
    updates.takeIn();
    expect(asked.skip).toBe(1);
    taken(true);
    expect(page.location.reload).toHaveBeenCalledOnce();
  });

  it('that another tab took in waits no more, and this page is left as it is', async () => {
    await started();
    heard.get('waiting')?.({});
    taken(true);
    expect(updates.isWaiting).toBe(false);
    expect(page.location.reload).not.toHaveBeenCalled();
  });

  it('is none when the first one takes the page over', async () => {
    await started();
    heard.get('waiting')?.({});
    updates.takeIn();
    taken(false);
    expect(page.location.reload).not.toHaveBeenCalled();
  });

  it('has thrown away what this page still wanted: it is said, and the page stays', async () => {
    await started();
    const gone = new Event('vite:preloadError', { cancelable: true });
    page.dispatchEvent(gone);
    expect(gone.defaultPrevented).toBe(true);
    expect(updates.isLeftBehind).toBe(true);
    updates.reload();
    expect(page.location.reload).toHaveBeenCalledOnce();
  });
});
