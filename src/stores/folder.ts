import { useEventListener } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { reasonOf } from '@/core/basics/format/reason';
import {
  forgetFolder,
  keepFolder,
  nameDevice as storeName,
  storedFolder,
} from '@/storage/folder/keep';
import { maintenanceLock } from '@/storage/maintenanceLock';
import type { Look } from '@/storage/folder/look';
import type { startFolder } from '@/workers/startFolder';
import { useCopiesStore } from './copies';
import { nowIso, today } from './now';
import { DATABASE_NAME, useSavingStore } from './saving';

/** How the shared folder stands. */
export type FolderStatus =
  /** This browser cannot write into folders. */
  | { readonly kind: 'unable' }
  | { readonly kind: 'none' }
  /** Chosen, but the browser wants to be asked again. */
  | { readonly kind: 'asks' }
  | { readonly kind: 'shared' }
  | { readonly kind: 'gone' }
  | { readonly kind: 'failed'; readonly reason: string };

/** What other devices write is looked for this often, ms. */
const LOOK_EVERY_MS = 5000;
/** After a change has been saved the folder is written this much later, ms: a hand seldom stops at one. */
const WRITE_AFTER_MS = 1500;

/** A folder of the maker’s own: every change is written there too, and what other devices write there comes in. */
export const useFolderStore = defineStore('folder', () => {
  const saving = useSavingStore();
  const copies = useCopiesStore();
  const status = ref<FolderStatus>({ kind: window.showDirectoryPicker ? 'none' : 'unable' });
  const handle = shallowRef<FileSystemDirectoryHandle | null>(null);
  const last = shallowRef<Look | null>(null);
  const lookedAt = ref('');
  const isLooking = ref(false);
  /** Chosen just now: what is in it has not come in yet. */
  const isNew = ref(false);
  /** Records that other devices have brought since this page was opened. */
  const takenCount = ref(0);
  const folderName = computed(() => handle.value?.name ?? '');
  let lookAt: ReturnType<typeof startFolder> | null = null;
  let timer: ReturnType<typeof setTimeout> | null = null;
  let isWanted = false;

  /** Takes up the folder that was chosen in an earlier visit. */
  async function start(): Promise<void> {
    if (status.value.kind === 'unable') return;
    const stored = await storedFolder(DATABASE_NAME);
    if (!stored) return;
    handle.value = stored;
    const leave = (await stored.queryPermission?.({ mode: 'readwrite' })) ?? 'granted';
    if (leave === 'granted') await begin();
    else status.value = { kind: 'asks' };
  }

  /** @returns false where the maker chose nothing after all */
  async function choose(): Promise<boolean> {
    const chosen = await window
      .showDirectoryPicker?.({ id: 'rovack', mode: 'readwrite' })
      .catch((error: unknown) => {
        if (error instanceof DOMException && error.name === 'AbortError') return null;
        status.value = { kind: 'failed', reason: reasonOf(error) };
        return null;
      });
    if (!chosen) return false;
    await keepFolder(DATABASE_NAME, chosen);
    handle.value = chosen;
    isNew.value = true;
    void begin();
    return true;
  }

  /** The browser asks the maker whether this page may still write there. */
  async function allow(): Promise<void> {
    const leave = (await handle.value?.requestPermission?.({ mode: 'readwrite' })) ?? 'granted';
    if (leave === 'granted') await begin();
  }

  async function forget(): Promise<void> {
    handle.value = null;
    last.value = null;
    status.value = { kind: 'none' };
    await forgetFolder(DATABASE_NAME);
  }

  async function nameDevice(called: string): Promise<void> {
    await storeName(DATABASE_NAME, called);
    await look();
  }

  async function begin(): Promise<void> {
    status.value = { kind: 'shared' };
    await look();
  }

  /** One look at a time, over all tabs. What is asked for during one is looked at after it. */
  async function look(): Promise<void> {
    if (!handle.value || status.value.kind === 'asks') return;
    isWanted = true;
    if (isLooking.value) return;
    isLooking.value = true;
    try {
      while (isWanted && handle.value) {
        isWanted = false;
        await saving.flush();
        await navigator.locks.request(maintenanceLock(DATABASE_NAME), lookOnce);
      }
    } catch (error) {
      // Whatever went wrong with this look, there is a next one.
      status.value = { kind: 'failed', reason: reasonOf(error) };
    } finally {
      isLooking.value = false;
      next(LOOK_EVERY_MS);
    }
  }

  async function lookOnce(): Promise<void> {
    if (!handle.value) return;
    lookAt ??= (await import('@/workers/startFolder')).startFolder();
    const result = await lookAt(DATABASE_NAME, handle.value, {
      now: nowIso(),
      today: today(),
    });
    if (!handle.value) return;
    lookedAt.value = nowIso();
    isNew.value = false;
    if (!result.ok) {
      const { problem, reason } = result;
      status.value =
        problem === 'failed'
          ? { kind: 'failed', reason }
          : { kind: problem === 'gone' ? 'gone' : 'asks' };
      return;
    }
    const { said, written } = result.look;
    last.value = result.look;
    takenCount.value += result.look.takenCount;
    if (said.length > 0) saving.say(said);
    status.value =
      written.kind === 'failed' ? { kind: 'failed', reason: written.reason } : { kind: 'shared' };
    if (written.kind === 'new') copies.copied(lookedAt.value);
  }

  function next(afterMs: number): void {
    if (timer !== null) clearTimeout(timer);
    timer = setTimeout(() => void look(), afterMs);
  }

  // Whoever comes back from the other device sees what was made there.
  useEventListener(window, 'focus', () => void look());
  watch(
    () => saving.status.kind,
    (kind) => {
      if (kind === 'saved' && handle.value && !isLooking.value) next(WRITE_AFTER_MS);
    },
  );

  return {
    status,
    folderName,
    last,
    lookedAt,
    isLooking,
    isNew,
    takenCount,
    start,
    choose,
    allow,
    forget,
    nameDevice,
    look,
  };
});
