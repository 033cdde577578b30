import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { LookResult } from '@/workers/folderApi';
import { useFolderStore } from './folder';
import { useWorkshopStore } from './workshop';

/** What the worker answers, look by look; the last one stays. */
let answers: (() => Promise<LookResult>)[];
vi.mock('@/workers/startFolder', () => ({
  startFolder: () => () => (answers.length > 1 ? answers.shift() : answers[0])?.(),
}));

const whole = (written: 'new' | 'same'): LookResult => ({
  ok: true,
  look: {
    own: { id: 'own', device: '0123abcd', name: 'Desk', seq: 1 },
    peers: [],
    takenCount: 2,
    said: [],
    troubles: [],
    written: { kind: written, copies: [] },
  },
});
const failed = (problem: 'gone' | 'no-leave' | 'failed'): LookResult => ({
  ok: false,
  problem,
  reason: 'the drive hums',
});

async function chosen() {
  const folder = useFolderStore();
  await folder.choose();
  await vi.waitFor(() => expect(folder.isLooking).toBe(false));
  return folder;
}

describe('the folder as the screens see it', () => {
  beforeEach(async () => {
    vi.stubGlobal('window', {
      showDirectoryPicker: async () => ({ name: 'Harbor' }),
      addEventListener: () => {},
      removeEventListener: () => {},
    });
    vi.stubGlobal('navigator', {
      locks: { request: (_name: string, act: () => Promise<void>) => act() },
    });
    setActivePinia(createPinia());
    await useWorkshopStore().load();
  });

  it('is shared once it was looked through, and a copy outside is as young as that', async () => {
    answers = [async () => whole('new')];
    const folder = await chosen();
    expect(folder).toMatchObject({ isNew: false, takenCount: 2, status: { kind: 'shared' } });
    expect(useWorkshopStore().settings.copiedAt).toBe(folder.lookedAt);
  });

  it.each([
    ['gone', { kind: 'gone' }],
    ['no-leave', { kind: 'asks' }],
    ['failed', { kind: 'failed', reason: 'the drive hums' }],
  ] as const)('a look that ends as %s is said', async (problem, status) => {
    answers = [async () => failed(problem)];
    expect((await chosen()).status).toEqual(status);
  });

  it('a look that throws is said, and the next one goes through', async () => {
    answers = [() => Promise.reject(new Error('no worker')), async () => whole('same')];
    const folder = await chosen();
    expect(folder.status).toEqual({ kind: 'failed', reason: 'no worker' });
    await folder.look();
    expect(folder.status).toEqual({ kind: 'shared' });
  });

  it('is let go of: nothing is looked at any more', async () => {
    answers = [async () => whole('new')];
    const folder = await chosen();
    await folder.forget();
    answers = [async () => failed('gone')];
    await folder.look();
    expect(folder.status).toEqual({ kind: 'none' });
  });
});
