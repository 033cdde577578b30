import { answerFor } from './lib/answerFor';
import { runCommand } from './lib/command';

// Reads a recipe or an exported Rovack file and prints every reading and finding. See docs/architecture.md.
process.exitCode = runCommand(
  'evaluate',
  {
    family: { type: 'string' },
    method: { type: 'string' },
    'water-l': { type: 'string' },
    'alkalinity-mg-l': { type: 'string' },
    'temp-c': { type: 'string' },
    'humidity-pct': { type: 'string' },
    pieces: { type: 'string' },
    'piece-g': { type: 'string' },
    'sample-g': { type: 'string' },
    'vessel-l': { type: 'string' },
    wrap: { type: 'string' },
    'store-humidity-pct': { type: 'string' },
    'store-temp-c': { type: 'string' },
  },
  answerFor,
);
