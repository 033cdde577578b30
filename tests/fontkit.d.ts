declare module 'fontkit' {
  export interface Font {
    readonly unitsPerEm: number;
    readonly characterSet: readonly number[];
    layout(text: string): { readonly advanceWidth: number };
  }
  export function create(bytes: Uint8Array): Font;
}
