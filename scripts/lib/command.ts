import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseArgs, type ParseArgsConfig } from 'node:util';
import type { z } from 'zod';

export type Answer =
  { readonly ok: true; readonly value: object } | { readonly ok: false; readonly message: string };

type Options = NonNullable<ParseArgsConfig['options']>;

/** A command that reads one recipe file and prints one JSON object: exit 0, or 2 with one line on standard error. */
export function runCommand(
  name: string,
  options: Options,
  answerFor: (text: string, values: Readonly<Record<string, unknown>>) => Answer,
): number {
  try {
    const { values, positionals } = parseArgs({
      args: process.argv.slice(2),
      allowPositionals: true,
      options,
    });
    const [file, ...others] = positionals;
    if (file === undefined || others.length > 0)
      return refuse(`name one recipe file: npm run --silent ${name} -- recipe.txt`);
    const answer = answerFor(readText(file), values);
    if (!answer.ok) return refuse(answer.message);
    process.stdout.write(`${JSON.stringify(answer.value, null, 2)}\n`);
    return 0;
  } catch (error) {
    return refuse(error instanceof Error ? error.message : String(error));
  }
}

/** Options as a schema has them, or which one does not fit. */
export function parseOptions<S extends z.ZodType>(
  schema: S,
  raw: Readonly<Record<string, unknown>>,
):
  | { readonly ok: true; readonly options: z.infer<S> }
  | { readonly ok: false; readonly message: string } {
  const parsed = schema.safeParse(raw);
  if (parsed.success) return { ok: true, options: parsed.data };
  const issue = parsed.error.issues[0];
  return { ok: false, message: `--${String(issue?.path[0])}: ${issue?.message}` };
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
