import { expect, it } from 'vitest';
import type { RankedCause } from '@/core/batches/faults/rankCauses';
import { drawn } from '../../../tests/fixtures/mountInPage';
import CausesList from './CausesList.vue';

const cause = (id: string, change: Partial<RankedCause> = {}): RankedCause => ({
  id: id as RankedCause['id'],
  explains: [],
  title: `The ${id}`,
  share: 0.4,
  sureness: 'likely',
  speaksFor: [],
  speaksAgainst: [],
  change: 'Dry the room.',
  ...change,
});
const list = (causes: readonly RankedCause[]) => drawn(CausesList, { props: { causes } });

it('says of each cause how sure it is, what speaks for and against it, and what to change', () => {
  const text = list([
    cause('mix', {
      share: 0.625,
      speaksFor: ['it was wet', 'it was warm'],
      speaksAgainst: ['old'],
    }),
  ]).text();
  expect(text).toContain('likely, 63%');
  expect(text).toMatch(/For: it was wet.*it was warm/);
  expect(text).toContain('Against: old');
  expect(text).toContain('Next time: Dry the room.');
});

it('says plainly where nothing speaks for a cause', () => {
  const text = list([cause('mix')]).text();
  expect(text).toContain('Nothing in this batch points to it.');
  expect(text).not.toContain('Against:');
});

it('shows four causes and counts the rest', () => {
  const many = (count: number) => list(Array.from({ length: count }, (_, i) => cause(`c${i}`)));
  expect(many(4).findAll('li')).toHaveLength(4);
  expect(many(4).text()).not.toContain('not shown');
  expect(many(5).findAll('li')).toHaveLength(4);
  expect(many(5).text()).toContain('1 less likely cause not shown.');
  expect(many(7).text()).toContain('3 less likely causes not shown.');
});
