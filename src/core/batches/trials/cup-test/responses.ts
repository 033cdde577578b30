/** What is watched in the cups. */
export const RESPONSES = ['gone-s', 'foam-cm', 'hard'] as const;
export type Response = (typeof RESPONSES)[number];

export const RESPONSE_WORDS: Readonly<
  Record<Response, { readonly title: string; readonly unit: string; readonly ask: string }>
> = {
  'gone-s': { title: 'how long it fizzes', unit: 's', ask: 'Seconds until it is gone' },
  'foam-cm': { title: 'foam', unit: 'cm', ask: 'Foam after a minute, cm' },
  hard: { title: 'how hard it gets', unit: 'of 10', ask: 'Hardness by the nail, 1 to 10' },
};
