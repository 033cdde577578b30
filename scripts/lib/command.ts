import { parseArgs, type ParseArgsConfig } from 'node:util';
import type { z } from 'zod';

export type Answer =
  { readonly ok: true; readonly value: object } | { readonly ok: false; readonly message: string };

type Options = NonNullable<ParseArgsConfig['options']>;

/** A command that reads one recipe file and prints one JSON object. */
export interface Command {
  readonly options: Options;
  readonly answerFor: (text: string, values: Readonly<Record<string, unknown>>) => Answer;
}

/** What a command says: on standard output and 0, or one line on standard error and 2. */
export interface Said {
  readonly status: 0 | 2;
  readonly out: string;
  readonly error: string;
}

/** @param textOf reads the file that is named; throws where it cannot */
export function runCommand(
  name: string,
  { options, answerFor }: Command,
  args: readonly string[],
  textOf: (file: string) => string,
): Said {
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options,
    });
    const [file, ...others] = positionals;
    if (file === undefined || others.length > 0)
      return refused(`Name one recipe file, as in: npm run --silent ${name} -- recipe.txt`);
    const answer = answerFor(textOf(file), values);
    if (!answer.ok) return refused(answer.message);
    return { status: 0, out: `${JSON.stringify(answer.value, null, 2)}\n`, error: '' };
  } catch (error) {
    return refused(error instanceof Error ? error.message : String(error));
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

function refused(message: string): Said {
  return { status: 2, out: '', error: `${message.replace(/\s*\n\s*/g, ' ')}\n` };
}
