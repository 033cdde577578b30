import { expect, it } from 'vitest';
import { saveWords } from './saveMessages';

it('says that work is saved only when it is', () => {
  expect(saveWords({ kind: 'saved' })).toBe('Your work is saved.');
  expect(saveWords({ kind: 'saving' })).not.toContain('is saved');
  const failed = saveWords({ kind: 'failed', reason: 'no room is left' });
  expect(failed).toContain('is not saved (no room is left)');
  expect(failed).toContain('Export it');
});
