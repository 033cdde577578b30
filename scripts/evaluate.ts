import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { answerFor } from './lib/answerFor';

/** Reads a recipe or an exported Rovack file and prints one JSON object. See docs/architecture.md. */
function main(args: readonly string[]): number {
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        family: { type: 'string' },
        method: { type: 'string' },
        'water-l': { type: 'string' },
        'alkalinity-mg-l': { type: 'string' },
        'temp-c': { type: 'string' },
        'humidity-pct': { type: 'string' },
        pieces: { type: 'string' },
        'piece-g': { type: 'string' },
      },
    });
    const [file, ...others] = positionals;
    if (file === undefined || others.length > 0)
      return refuse('name one recipe file: npm run --silent evaluate -- recipe.txt');
    const answer = answerFor(readText(file), values);
    if (!answer.ok) return refuse(answer.message);
    process.stdout.write(`${JSON.stringify(answer.value, null, 2)}\n`);
    return 0;
  } catch (error) {
    return refuse(error instanceof Error ? error.message : String(error));
  }
}

function readText(file: string): string {
  try {
    return readFileSync(resolve(process.env.INIT_CWD ?? '.', file), 'utf8');
  } catch (error) {
    throw new Error(`${file} could not be read: ${(error as NodeJS.ErrnoException).code}`, {
      cause: error,
    });
  }
}

function refuse(message: string): number {
  process.stderr.write(`${message.replace(/\s*\n\s*/g, ' ')}\n`);
  return 2;
}

process.exitCode = main(process.argv.slice(2));
