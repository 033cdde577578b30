import { execFileSync } from 'node:child_process';

/** Asks the system for ports that nobody listens on; all are held at once, so that they differ. */
const SCRIPT = `
const { createServer } = require('node:net');
const servers = Array.from({ length: Number(process.argv[1]) }, () => createServer());
let open = 0;
for (const server of servers)
  server.listen(0, '127.0.0.1', () => {
    open += 1;
    if (open < servers.length) return;
    process.stdout.write(JSON.stringify(servers.map((one) => one.address().port)));
    for (const one of servers) one.close();
  });`;

/** @param count how many @returns at once: a configuration cannot wait */
export function freePorts(count: number): readonly number[] {
  return JSON.parse(
    execFileSync(process.execPath, ['-e', SCRIPT, String(count)], { encoding: 'utf8' }),
  ) as number[];
}
