import { labelFor } from './lib/labelFor';
import { runCommand } from './lib/command';

// Reads a recipe or an exported Rovack file and prints what its label says in a market, and what is missing.
process.exitCode = runCommand(
  'label',
  {
    market: { type: 'string' },
    family: { type: 'string' },
    'net-g': { type: 'string' },
    claims: { type: 'string' },
    'for-whom': { type: 'string' },
  },
  labelFor,
);
