export { STORED_VERSION } from './version';
export { UPGRADES, upgraded } from './upgrades';
export type { Upgrade } from './upgrades';
export { isPlain, plainOf, plainsOf } from './plain';
export type { Plain, PlainRecords } from './plain';
