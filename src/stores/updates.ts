import { MINUTE_MS } from '@/core/basics/time';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { Workbox } from 'workbox-window';
import { whenUserIdle } from './userIdle';

/** How often a newer version is asked for while Rovack stays open. */
const ASK_EVERY_MS = 60 * MINUTE_MS;

/**
 * Rovack without its server: every file is kept by a service worker, and a newer version waits until the maker takes it in.
 * One tab takes it in for all; the others go on with what they have.
 */
export const useUpdatesStore = defineStore('updates', () => {
  /** A newer version is here, and waits. */
  const isWaiting = ref(false);
  /** Another tab took a newer version in: what this one has not loaded yet is gone. */
  const isLeftBehind = ref(false);
  let worker: Workbox | null = null;
  let isTaking = false;

  async function start(): Promise<void> {
    window.addEventListener('vite:preloadError', (event) => {
      event.preventDefault();
      isLeftBehind.value = true;
    });
    if (!('serviceWorker' in navigator) || import.meta.env.DEV) return;
    // Every file of the application is fetched and kept then: not beside the first screen, and under no hand that moves.
    await whenUserIdle();
    const { Workbox } = await import('workbox-window');
    const own = new Workbox('/sw.js');
    worker = own;
    own.addEventListener('waiting', () => (isWaiting.value = true));
    own.addEventListener('controlling', ({ isUpdate }) => {
      if (isTaking && isUpdate) window.location.reload();
      else if (isUpdate) isWaiting.value = false;
    });
    // Refused in some private windows: then the server is needed, and all else goes on.
    own.register().catch(() => undefined);
    setInterval(() => void own.update().catch(() => undefined), ASK_EVERY_MS);
  }

  function takeIn(): void {
    isTaking = true;
    worker?.messageSkipWaiting();
  }
  const reload = () => window.location.reload();

  return { isWaiting, isLeftBehind, start, takeIn, reload };
});
