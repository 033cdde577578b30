import { runCommand } from './lib/command';
import { planFor } from './lib/planFor';

// Reads a problem (people, machines, places, jobs with their steps) and prints a plan with a bound of its lateness.
process.exitCode = runCommand('plan', { seconds: { type: 'string' } }, planFor);
