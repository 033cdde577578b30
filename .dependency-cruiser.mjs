/**
 * Arrows point one way: app -> stations, rooms -> shared -> ui, stores -> workers, storage, devices -> core; ui sees core only.
 * tests/layers.test.ts breaks each rule on purpose in a fixture and sees it caught.
 */
const root = process.env.LAYER_ROOT ?? '';
const at = (...folders) => `^${root}src/(${folders.join('|')})/`;

const only = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: at(from) },
  to: { path: `^${root}src/`, pathNot: at(from, ...allowed) },
});

/** The wings of core, from the ground up: a wing uses those before it, never one after it. */
const WINGS = [
  'basics',
  'matter',
  'formula',
  'results',
  'work',
  'tub',
  'batches',
  'practice',
  'workshop',
  'goods',
  'search',
];

const onlyEarlierWings = (wing, i) => ({
  name: 'a-wing-uses-those-before-it',
  severity: 'error',
  from: { path: `^${root}src/core/${wing}/`, pathNot: '\\.test\\.ts$' },
  to: {
    path: `^${root}src/core/`,
    pathNot: WINGS.slice(0, i + 1).map((one) => `^${root}src/core/${one}/`),
  },
});

export default {
  forbidden: [
    only('core-stands-alone', 'core', []),
    only('workers-see-core-and-storage', 'workers', ['core', 'storage']),
    only('storage-sees-core', 'storage', ['core']),
    only('devices-see-core', 'devices', ['core']),
    only('stores-look-down', 'stores', ['core', 'workers', 'storage', 'devices']),
    only('ui-sees-core', 'ui', ['core']),
    only('shared-looks-down', 'shared', ['core', 'workers', 'storage', 'devices', 'stores', 'ui']),
    only('stations-do-not-see-rooms', 'stations', [
      'core',
      'workers',
      'storage',
      'devices',
      'stores',
      'ui',
      'shared',
    ]),
    only('rooms-do-not-see-stations', 'rooms', [
      'core',
      'workers',
      'storage',
      'devices',
      'stores',
      'ui',
      'shared',
    ]),
    {
      name: 'a-station-does-not-see-another',
      severity: 'error',
      from: { path: `^${root}src/stations/([^/]+)/` },
      to: { path: `^${root}src/stations/`, pathNot: `^${root}src/stations/$1/` },
    },
    {
      name: 'core-knows-no-screen-and-no-store',
      comment:
        'zod, for rebalance quadprog, for the search minisearch, for days date-fns: the packages core may use, as they are pure',
      severity: 'error',
      from: { path: at('core'), pathNot: '\\.test\\.ts$' },
      to: {
        dependencyTypesNot: ['local', 'aliased-tsconfig', 'aliased'],
        pathNot: 'node_modules/(zod|quadprog|minisearch|date-fns)/',
      },
    },
    ...WINGS.map(onlyEarlierWings),
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '^(dist|tests/e2e)' },
  },
};
