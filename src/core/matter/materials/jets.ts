import type { Material } from './material';
import type { Role } from './types';

const CLOGGING: ReadonlySet<Role> = new Set([
  'oil',
  'butter',
  'foamer',
  'botanical',
  'clay',
  'milk',
  'drying-powder',
  'sugar',
]);

/** Does it stay in the pipes and the pump of a jetted tub? Common practice. */
export function clogsJets({ role, traits }: Material): boolean {
  return CLOGGING.has(role) || traits.includes('for-the-top');
}
