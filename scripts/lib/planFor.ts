import { z } from 'zod';
import { planJobs } from '../../src/core/goods/planning/planJobs';
import { planProblemSchema } from '../../src/core/goods/planning/problem';
import { parseOptions, type Answer } from './command';

const optionsSchema = z.object({ seconds: z.coerce.number().min(0.05).max(600).default(5) });

/** The contract's answer for the text of a problem. */
export function planFor(text: string, rawOptions: Readonly<Record<string, unknown>>): Answer {
  const parsed = parseOptions(optionsSchema, rawOptions);
  if (!parsed.ok) return parsed;
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { ok: false, message: 'Couldn’t read the problem. It is not JSON.' };
  }
  const problem = planProblemSchema.safeParse(json);
  if (!problem.success) {
    const issue = problem.error.issues[0];
    return { ok: false, message: `${issue?.path.join('.') || 'the problem'}: ${issue?.message}` };
  }
  const result = planJobs(problem.data, {
    seconds: parsed.options.seconds,
    nowMs: () => performance.now(),
  });
  return result.ok ? { ok: true, value: result.value } : { ok: false, message: result.problem };
}
