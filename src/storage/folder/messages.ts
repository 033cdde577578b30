import { listed } from '@/core/basics/format/names';
import { counted } from '@/core/basics/format/numbers';

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
      return `Couldn’t read ${file}. It is incomplete or cut off. Rovack tries again.`;
    case 'newer':
      return `${file} comes from a newer Rovack. Reload this page to read it.`;
    case 'too-big':
      return `${file} is too large to read.`;
    case 'by-hand':
      return `${file} is an exported file. Use “Import a file” for it.`;
    case 'second-copy':
      return `${file} is a second copy of the file of ${trouble.of}, made by a sync tool. Rovack used what was new in it. You can delete it.`;
    case 'refused': {
      const { records } = trouble;
      const more = records.length - MOST_NAMED;
      const named = [...records.slice(0, MOST_NAMED), ...(more > 0 ? [`${more} more`] : [])];
      return `Couldn’t use ${counted(records.length, 'record')} of ${file}: ${listed(named)}.`;
    }
  }
}
