import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { listed } from '@/core/basics/format/names';
import { counted } from '@/core/basics/format/numbers';
import { reasonOf } from '@/core/basics/format/reason';
import type { FilePreview, Receipt } from '@/storage/transfer/takeInFile';
import { workshopFileName } from '@/storage/file/write';
import { useCopiesStore } from './copies';
import { nowIso } from './now';
import { DATABASE_NAME, useSavingStore } from './saving';
import { useWorkshopStore } from './workshop';

/** A file on its way out or in, and how far it is. */
export interface Transferring {
  readonly kind: 'exporting' | 'reading' | 'taking';
  /** 0 to 1. */
  readonly share: number;
}

/** Text is handed to the browser in blobs of this size, characters: it need not keep them in memory. */
const BLOB_CHARS = 4_000_000;
const MOST_NAMED = 5;

/** The workshop as a file: written piece by piece, read page by page in a worker, and stopped whenever the maker likes. */
export const useTransferStore = defineStore('carrying', () => {
  const workshop = useWorkshopStore();
  const saving = useSavingStore();
  const job = ref<Transferring | null>(null);
  const file = shallowRef<File | null>(null);
  const preview = shallowRef<FilePreview | null>(null);
  const problem = ref('');
  const done = ref('');
  /** How to take the last import back. */
  const receipt = shallowRef<Receipt | null>(null);
  let stop = () => {};

  function begin(kind: Transferring['kind']): (share: number) => void {
    job.value = { kind, share: 0 };
    problem.value = '';
    done.value = '';
    receipt.value = null;
    return (share) => {
      if (job.value?.kind === kind) job.value = { kind, share };
    };
  }

  /** @returns the file, or null where the maker stopped it */
  async function exportAll(): Promise<{ readonly name: string; readonly blob: Blob } | null> {
    const now = nowIso();
    const onProgress = begin('exporting');
    let isStopped = false;
    stop = () => (isStopped = true);
    await saving.flush();
    const blobs: Blob[] = [];
    let text = '';
    for await (const piece of workshop.pieces(now, onProgress)) {
      if (isStopped) return null;
      text += piece;
      if (text.length < BLOB_CHARS) continue;
      blobs.push(new Blob([text]));
      text = '';
    }
    job.value = null;
    useCopiesStore().copied(nowIso());
    return {
      name: workshopFileName(now),
      blob: new Blob([...blobs, text], { type: 'application/json' }),
    };
  }

  async function read(chosen: File): Promise<void> {
    const onProgress = begin('reading');
    await saving.flush();
    const { startPreview } = await import('@/workers/startTransfer');
    const run = startPreview(DATABASE_NAME, chosen, onProgress);
    stop = run.cancel;
    const result = await run.result.catch(unreadable);
    job.value = null;
    if (!result.ok) {
      problem.value = `Couldn’t import ${chosen.name}. ${result.problem.message} Nothing changed.`;
      return;
    }
    file.value = chosen;
    preview.value = result;
  }

  /** @param say what came in, in words */
  async function takeIn(
    takesFilesVersion: boolean,
    say: (counts: FilePreview['fresh']) => string,
  ): Promise<void> {
    const chosen = file.value;
    if (!chosen || !preview.value) return;
    const { seen } = preview.value;
    putAway();
    const wasFirstVisit = workshop.isFirstVisit;
    const onProgress = begin('taking');
    await saving.flush();
    const { startTakeIn } = await import('@/workers/startTransfer');
    const run = startTakeIn(
      DATABASE_NAME,
      chosen,
      { takesFilesVersion, seen, now: nowIso() },
      onProgress,
    );
    stop = run.cancel;
    const result = await run.result.catch(unreadable);
    job.value = null;
    if (!result.ok) {
      problem.value = `Couldn’t import all of ${chosen.name}. ${result.problem.message} The records imported before that stay.`;
      return;
    }
    workshop.changeSettings(wasFirstVisit && result.settings ? result.settings : {});
    done.value = `Imported ${say(result.taken)}.`;
    if (result.said.length > 0) saving.say(result.said);
    receipt.value = result.receipt.length > 0 ? result.receipt : null;
  }

  /** The import as a whole is taken back; what was changed since stays. */
  async function undo(): Promise<void> {
    const of = receipt.value;
    if (!of) return;
    receipt.value = null;
    await saving.flush();
    const { startTakeBack } = await import('@/workers/startTransfer');
    const { undone, stayed } = await startTakeBack(DATABASE_NAME, of);
    done.value =
      stayed.length === 0
        ? `Undid the import of ${counted(undone, 'record')}.`
        : `Undid the import of ${counted(undone, 'record')}. You changed ${listed(stayed.slice(0, MOST_NAMED))} since, so that stays.`;
  }

  function cancel(): void {
    const kind = job.value?.kind;
    stop();
    job.value = null;
    done.value =
      kind === 'taking'
        ? 'Stopped. The records imported so far stay. Import the file again for the rest.'
        : 'Stopped. Nothing was changed.';
  }

  function putAway(): void {
    file.value = null;
    preview.value = null;
  }

  return { job, preview, problem, done, receipt, exportAll, read, takeIn, undo, cancel, putAway };
});

/** A file on a drive that was unplugged, or that changed while it was read. */
function unreadable(error: unknown) {
  const message = `The browser couldn’t read it (${reasonOf(error)}).`;
  return { ok: false, problem: { code: 'damaged', message } } as const;
}
