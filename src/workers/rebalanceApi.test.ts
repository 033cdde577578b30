import { expose, wrap } from 'comlink';
import { afterEach, expect, it } from 'vitest';
import { bodyFrom } from '../../tests/fixtures/bodies';

import { NO_WISHES } from '@/core/results/rebalance/wishes';
import { rebalance } from '@/core/results/rebalance/rebalance';
import { rebalanceApi, type RebalanceApi } from './rebalanceApi';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';

const { port1, port2 } = new MessageChannel();
afterEach(() => {
  port1.close();
  port2.close();
});

it('answers over a channel what the core answers', async () => {
  expose(rebalanceApi, port1);
  const remote = wrap<RebalanceApi>(port2);
  const body = bodyFrom('300 g baking soda\n150 g citric acid\n8 g castor oil');
  const here = rebalance(body, USUAL_CONDITIONS, NO_WISHES);
  const there = await remote.rebalance(body, USUAL_CONDITIONS, NO_WISHES, []);
  if (here.status !== 'changed' || there.status !== 'changed') throw new Error('both change');
  expect(there.changes).toEqual(here.changes);
});
