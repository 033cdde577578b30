import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { SaveStatus } from '@/storage/session/saveStatus';
import { openSession, type Session, type SessionEvents } from '@/storage/session/session';

/** The workshop’s, in this browser. */
export const DATABASE_NAME = 'rovack';

/** Which build this is; none in a test. */
const build = () => (import.meta.env.PROD ? __BUILD__ : null);

/** So long after the start what unites two sides is fetched, ms: the server may be gone when it is wanted. */
const AT_HAND_AFTER_MS = 8000;

/** How saving stands, and what was said when two tabs changed the same thing; the session itself does the work. */
export const useSavingStore = defineStore('saving', () => {
  const status = ref<SaveStatus>({ kind: 'saved' });
  /** Sentences the maker has not put away yet. */
  const said = ref<readonly string[]>([]);
  /** Is there a spare copy beside the database? null while nobody knows. */
  const isGuarded = ref<boolean | null>(null);
  let session: Session | null = null;

  async function open(
    events: Pick<SessionEvents, 'onAbsent' | 'onChanges' | 'onSettings' | 'onPast'>,
  ): Promise<Session> {
    session = await openSession(
      DATABASE_NAME,
      {
        ...events,
        onStatus: (next) => (status.value = next),
        onMessages: say,
      },
      build(),
    );
    return session;
  }

  /** A spare copy beside the database, as far as this browser has room for one. */
  async function guard(): Promise<void> {
    if (typeof Worker === 'undefined') return;
    setTimeout(
      () => void import('@/storage/merge/mergeSides').catch(() => undefined),
      AT_HAND_AFTER_MS,
    );
    const { startBackup } = await import('@/workers/startBackup');
    session?.expectBackup(true);
    isGuarded.value = true;
    await startBackup(DATABASE_NAME).catch(() => undefined);
    session?.expectBackup(false);
    isGuarded.value = false;
  }

  function say(sentences: readonly string[]): void {
    said.value = [...said.value, ...sentences];
  }
  const flush = (): Promise<void> => session?.flush() ?? Promise.resolve();
  const leave = () => session?.leave();
  const putAway = () => (said.value = []);

  return { status, said, isGuarded, say, open, guard, flush, leave, putAway };
});
