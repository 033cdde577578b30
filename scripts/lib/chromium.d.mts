export interface Machine {
  readonly env: Readonly<Record<string, string | undefined>>;
  readonly platform: string;
  readonly exists: (path: string) => boolean;
  readonly isRoot: boolean;
  readonly ownOf: () => string | null;
}
export function findChromium(machine?: Machine): string | null;
export function canInstall(machine?: Machine): boolean;
export const HOW_TO_GET_ONE: string;
