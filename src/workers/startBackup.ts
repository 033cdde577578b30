import { wrap } from 'comlink';
import type { BackupApi } from './backupApi';

/** A worker that keeps a spare copy beside the database for as long as the page lives. @returns when there is no such copy any more */
export async function startBackup(name: string): Promise<void> {
  for (let outcome = 'again'; outcome === 'again';) {
    const worker = new Worker(new URL('./backup.worker.ts', import.meta.url), { type: 'module' });
    const failed = new Promise<'left'>((resolve) => (worker.onerror = () => resolve('left')));
    try {
      outcome = await Promise.race([wrap<BackupApi>(worker).guard(name), failed]);
    } finally {
      worker.terminate();
    }
  }
}
