import { runCommand } from './lib/command';
import { rebalancedFor } from './lib/rebalancedFor';

// Reads a recipe or an exported Rovack file and prints the smallest change that meets its windows and wishes.
process.exitCode = runCommand(
  'rebalance',
  {
    family: { type: 'string' },
    method: { type: 'string' },
    'humidity-pct': { type: 'string' },
    wish: { type: 'string', multiple: true },
    'total-g': { type: 'string' },
    ratio: { type: 'string' },
    spread: { type: 'string' },
  },
  rebalancedFor,
);
