export const INPUTS_FILE: string;
export function inputsHash(root: string): string | null;
export function hashOf(root: string, paths: readonly string[]): string;
