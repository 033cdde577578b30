import { counted } from '@/core/basics/format/numbers';
import { listed } from '@/core/basics/format/names';

import type { Trouble } from '../db/folderState';

const MOST_NAMED = 5;

/** A device as people call it. */
export function deviceName({
  device,
  name,
}: {
  readonly device: string;
  readonly name: string;
}): string {
  return name.trim() || `device ${device.slice(0, 4)}`;
}

export function sayTrouble(trouble: Trouble): string {
  const { file } = trouble;
  switch (trouble.code) {
    case 'half-written':
      return `${file} cannot be read: it is still being written, or cut off. It is looked at again.`;
    case 'newer':
      return `${file} is of a newer Rovack: load this one anew to read it.`;
    case 'too-big':
      return `${file} is too big to be read.`;
    case 'by-hand':
      return `${file} was exported by hand: take it in with “Import a file”.`;
    case 'second-copy':
      return `${file} is a second copy of what ${trouble.of} wrote, as a synchronizer makes them: what was new in it is taken in, and it may be deleted.`;
    case 'refused': {
      const { records } = trouble;
      const more = records.length - MOST_NAMED;
      const named = [...records.slice(0, MOST_NAMED), ...(more > 0 ? [`${more} more`] : [])];
      return `${counted(records.length, 'record')} of ${file} cannot be taken in: ${listed(named)}.`;
    }
  }
}
