/** How it stands with what was changed last. */
export type SaveStatus =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'failed'; readonly reason: string };
