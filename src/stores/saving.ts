import { defineStore } from 'pinia';
import { ref } from 'vue';
import { openSession, type SaveStatus, type Session, type SessionEvents } from '@/storage/session';

/** How saving stands, and what was said when two tabs changed the same thing; the session itself does the work. */
export const useSavingStore = defineStore('saving', () => {
  const status = ref<SaveStatus>({ kind: 'saved' });
  /** Sentences the maker has not put away yet. */
  const said = ref<readonly string[]>([]);
  let session: Session | null = null;

  async function open(
    name: string,
    events: Pick<SessionEvents, 'onChanges' | 'onSettings'>,
  ): Promise<Session> {
    session = await openSession(name, {
      ...events,
      onStatus: (next) => (status.value = next),
      onSaid: (sentences) => (said.value = [...said.value, ...sentences]),
    });
    return session;
  }

  const flush = (): Promise<void> => session?.flush() ?? Promise.resolve();
  const leave = () => session?.leave();
  const putAway = () => (said.value = []);

  return { status, said, open, flush, leave, putAway };
});
