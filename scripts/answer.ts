import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { runCommand } from './lib/command';
import { COMMANDS, type CommandName } from './lib/commands';

// `npm run evaluate -- recipe.txt` and its like: the first argument is the command's name. See docs/architecture.md.
const [name, ...args] = process.argv.slice(2);
const { status, out, error } = runCommand(
  name ?? '',
  COMMANDS[name as CommandName],
  args,
  readText,
);
process.stdout.write(out);
process.stderr.write(error);
process.exitCode = status;

function readText(file: string): string {
  try {
    return readFileSync(resolve(process.env.INIT_CWD ?? '.', file), 'utf8');
  } catch (error) {
    throw new Error(`${file} could not be read: ${(error as NodeJS.ErrnoException).code}`, {
      cause: error,
    });
  }
}
