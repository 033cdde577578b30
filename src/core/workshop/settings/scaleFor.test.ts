import { expect, it } from 'vitest';
import { USUAL_SETTINGS } from './settings';
import { scaleFor } from './scaleFor';

it.each([
  ['simulated', true, 'simulated'],
  ['simulated', false, 'typed'],
  ['typed', true, 'typed'],
  ['serial', false, 'serial'],
] as const)('a %s scale, of the sample: %s, weighs as %s', (scaleSource, isSample, weighs) => {
  expect(scaleFor({ scaleSource }, isSample)).toBe(weighs);
});

it('an own workshop begins with weights that are typed', () => {
  expect(USUAL_SETTINGS.scaleSource).toBe('typed');
});
