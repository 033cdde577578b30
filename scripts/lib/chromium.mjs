import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { platform } from 'node:os';

/** Where a Chromium usually is, by the kind of machine. */
const USUAL = {
  linux: ['/usr/bin/chromium', '/usr/bin/chromium-browser', '/snap/bin/chromium'],
  darwin: ['/Applications/Chromium.app/Contents/MacOS/Chromium'],
  win32: ['C:\\Program Files\\Chromium\\Application\\chrome.exe'],
};

/** What a search may ask of the machine; a test hands in its own. */
const MACHINE = {
  env: process.env,
  platform: platform(),
  exists: existsSync,
  isRoot: process.getuid?.() === 0,
  ownOf: () => playwrightsOwn(),
};

/**
 * The Chromium that browser tests, pictures and harnesses use: the one that `CHROMIUM` names, else one in a usual place,
 * else the test tool’s own.
 * @returns its path; null where there is none
 * @throws Error where `CHROMIUM` names a file that is not there
 */
export function findChromium(machine = MACHINE) {
  const named = machine.env.CHROMIUM;
  if (named) {
    if (machine.exists(named)) return named;
    throw new Error(`CHROMIUM names ${named}, and no file is there. Name the browser's program.`);
  }
  const usual = (USUAL[machine.platform] ?? []).find((path) => machine.exists(path));
  if (usual) return usual;
  const own = machine.ownOf();
  return own && machine.exists(own) ? own : null;
}

/** May this process install Debian's own? */
export function canInstall(machine = MACHINE) {
  return machine.platform === 'linux' && machine.isRoot && machine.exists('/etc/debian_version');
}

/** What to do where none is there and none can be installed. */
export const HOW_TO_GET_ONE =
  'No Chromium was found. Install one (on Debian: apt-get install chromium), or set CHROMIUM to the path of its program.';

/** Where the test tool would have put its own browser. */
function playwrightsOwn() {
  try {
    const script = "console.log(require('@playwright/test').chromium.executablePath())";
    return execFileSync(process.execPath, ['-e', script], { encoding: 'utf8' }).trim();
  } catch {
    return null;
  }
}
