/** What is watched in the cups. */
export const RESPONSES = ['gone-s', 'foam-cm', 'hard'] as const;
export type Response = (typeof RESPONSES)[number];

export const RESPONSE_WORDS: Readonly<
  Record<Response, { readonly title: string; readonly unit: string; readonly ask: string }>
> = {
  'gone-s': { title: 'fizz time', unit: 's', ask: 'Seconds until gone' },
  'foam-cm': { title: 'foam', unit: 'cm', ask: 'Foam after a minute, cm' },
  hard: { title: 'hardness', unit: 'of 10', ask: 'Hardness by the fingernail, 1–10' },
};
