/** Words of a text: letters and figures of any script, without accents and capitals. @example plainWords('Été, 2') // ['ete', '2'] */
export function plainWords(text: string): readonly string[] {
  return (
    text
      .normalize('NFKD')
      .replace(/\p{M}/gu, '')
      .toLocaleLowerCase('en-US')
      .match(/[\p{L}\p{N}]+/gu) ?? []
  );
}
