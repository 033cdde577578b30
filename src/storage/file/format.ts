/** What a `.rovack.json` file calls itself. */
export const FORMAT_NAME = 'rovack-workshop';
