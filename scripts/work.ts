import { runCommand } from './lib/command';
import { workFor } from './lib/workFor';

// Reads a recipe or an exported Rovack file and prints the order of the work, with what breaks a rule.
process.exitCode = runCommand(
  'work',
  {
    family: { type: 'string' },
    method: { type: 'string' },
    school: { type: 'string' },
    pieces: { type: 'string' },
  },
  workFor,
);
