import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const FIXTURE = 'tests/fixtures/broken-layers/';

interface Violation {
  readonly from: string;
  readonly to: string;
  readonly rule: { readonly name: string };
}

/** Runs the very rule the build runs, over the fixture. */
function violations(): readonly string[] {
  const result = spawnSync(
    'npx',
    ['depcruise', '--config', '.dependency-cruiser.mjs', '-T', 'json', `${FIXTURE}src`],
    { cwd: ROOT, encoding: 'utf8', env: { ...process.env, LAYER_ROOT: FIXTURE } },
  );
  const { summary } = JSON.parse(result.stdout) as { summary: { violations: Violation[] } };
  return summary.violations.map(
    ({ from, rule }) => `${from.slice(`${FIXTURE}src/`.length)}: ${rule.name}`,
  );
}

describe('the layer rule', () => {
  const found = violations();

  it.each([
    ['core reaches for a store', 'core/matter/chemistry/acids.ts: core-stands-alone'],
    [
      'core reaches for the interface library',
      'core/matter/chemistry/acids.ts: core-knows-no-screen-and-no-store',
    ],
    ['a wing reaches for a later one', 'core/basics/units/up.ts: a-wing-uses-those-before-it'],
    ['storage reaches for a store', 'storage/db/index.ts: storage-sees-core'],
    ['a store reaches for the interface', 'stores/up.ts: stores-look-down'],
    ['a drawn part reaches for a station', 'ui/index.ts: ui-sees-core'],
    ['a drawn part reaches for a store', 'ui/store.ts: ui-sees-core'],
    ['a shared feature reaches for a station', 'shared/index.ts: shared-looks-down'],
    ['a worker reaches for a store', 'workers/index.ts: workers-see-core-and-storage'],
    ['a device reaches for a store', 'devices/index.ts: devices-see-core'],
    ['a room reaches for a station', 'rooms/shelf/index.ts: rooms-do-not-see-stations'],
    ['two files need each other', 'core/basics/units/about.ts: no-circles'],
    ['a station reaches for another', 'stations/make/index.ts: a-station-does-not-see-another'],
    ['a station reaches for a room', 'stations/make/index.ts: stations-do-not-see-rooms'],
  ])('catches it when %s', (_what, violation) => {
    expect(found).toContain(violation);
  });

  it('has nothing against an arrow that points down', () => {
    expect(
      found.filter((line) => /core\/(basics\/units\/mass|matter\/chemistry\/down)/.test(line)),
    ).toEqual([]);
  });

  it('is broken on purpose in each of its rules', async () => {
    const path = '../.dependency-cruiser.mjs';
    const { default: config } = (await import(path)) as {
      default: { forbidden: readonly { name: string }[] };
    };
    const rules = (names: readonly (string | undefined)[]) => [...new Set(names)].sort();
    expect(rules(found.map((line) => line.split(': ')[1]))).toEqual(
      rules(config.forbidden.map(({ name }) => name)),
    );
  });
});
