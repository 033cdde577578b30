import { cutOff, noJson, type FileProblemResult } from '../file/read';
import { CutOff } from './recordsOf';

/** The file is none that can be taken: thrown by its pages, before the first or in the middle. */
export class FileRefused extends Error {
  constructor(readonly result: FileProblemResult) {
    super(result.problem.message);
  }
}

/** What went wrong while a file was cut into its parts, as a refusal of the file where it is one. */
export function refusalOf(error: unknown): unknown {
  if (error instanceof CutOff) return new FileRefused(cutOff(error.line));
  return error instanceof SyntaxError ? new FileRefused(noJson()) : error;
}
