import type { SaveStatus } from '@/storage/session/saveStatus';

/** How safe the work is right now, where something else went wrong. */
export function saveWords(status: SaveStatus): string {
  switch (status.kind) {
    case 'saved':
      return 'Your work is saved.';
    case 'saving':
      return 'Your work is being saved.';
    case 'failed':
      return `Your work is not saved (${status.reason}). Export it on the Workshop screen.`;
  }
}
