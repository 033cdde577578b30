import { appendFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

/** A header that promises 5,000 bytes of which none came: what a process leaves that dies between two writes to its log. */
const BROKEN_OFF = Buffer.from([0x11, 0x22, 0x33, 0x44, 0x88, 0x13, 0x01]);

/** Breaks the log of a profile’s databases off, while no browser has it open: the next start but one finds it damaged. */
export function tearLog(profileDir: string): void {
  const databases = join(profileDir, 'Default', 'IndexedDB');
  for (const place of readdirSync(databases).filter((name) => name.endsWith('.leveldb'))) {
    const logs = readdirSync(join(databases, place)).filter((name) => name.endsWith('.log'));
    const newest = logs.sort().at(-1);
    if (newest) appendFileSync(join(databases, place, newest), BROKEN_OFF);
  }
}
