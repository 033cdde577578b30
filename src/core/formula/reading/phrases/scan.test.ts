import { describe, expect, it } from 'vitest';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { wordsOf } from '../words';
import { scan } from './scan';
import type { Phrase, Yield } from './types';

const phrasesOf = (text: string): readonly Phrase[] =>
  scan({ words: wordsOf(text), catalog: SHIPPED }, 0, text.length);
/** `amount:2 cups run:baking soda` */
const kindsOf = (text: string): string =>
  phrasesOf(text)
    .filter(({ kind }) => kind !== 'mark')
    .map(({ kind, from, to }) => `${kind}:${text.slice(from, to)}`)
    .join(' | ');
const yieldOf = (text: string): Yield => {
  const found = phrasesOf(text).find((phrase) => phrase.kind === 'yield');
  return found?.kind === 'yield' ? found.says : {};
};

describe('phrases', () => {
  it.each([
    ['2 cups baking soda', 'amount:2 cups | run:baking soda'],
    ['cream of tartar 25 g', 'run:cream of tartar | amount:25 g'],
    ['polysorbate 80 20 g', 'run:polysorbate 80 | amount:20 g'],
    ['a cup and a half of soda', 'amount:a cup and a half of | run:soda'],
    ['two hundred and fifty grams of kaolin', 'amount:two hundred and fifty grams of | run:kaolin'],
    ['58 % soda', 'amount:58 % | run:soda'],
    ['1/2 part citric acid', 'amount:1/2 part | run:citric acid'],
    ['2:1:1 soda', 'ratio:2:1:1 | run:soda'],
    ['Bowl 1: 1 g mica', 'run:Bowl | amount:1 | amount:1 g | run:mica'],
    ['a shot of vinegar', 'amount:a shot of | run:vinegar'],
    ['3 mugs of soda', 'amount:3 mugs of | run:soda'],
    ['1 tsp each of lime oil', 'amount:1 tsp each of | run:lime oil'],
    ['10 g cocoa butter, melted', 'amount:10 g | run:cocoa butter | doing:melted'],
    ['soda, lumps broken', 'run:soda | doing:lumps broken'],
    ['dye bloomed in 3 g water', 'run:dye | doing:bloomed in  | amount:3 g | run:water'],
    ['spray until it holds', 'doing:spray | until:until it holds'],
    ['soak 1 hour', 'doing:soak | time:1 hour'],
    ['soda in a big bowl', 'run:soda | remark:in a big bowl'],
    ['vinegar, a spoon at a time', 'run:vinegar | doing:a spoon at a time'],
    ['Whisk the soda', 'verb:Whisk | run:the soda'],
    ['baking soda mix it', 'run:baking soda | verb:mix | join:it'],
    ['fragrance called Windfall', 'run:fragrance | remark:called Windfall'],
    ['potato.. sorry tapioca', 'run:potato | correction:.. sorry | run:tapioca'],
    ['pink half gets 1 tsp mica', 'section:pink half gets | amount:1 tsp | run:mica'],
    ['Cornflour.....30 g', 'run:Cornflour | amount:30 g'],
    ['soda <b>2 cups</b>', 'run:soda | remark:<b> | amount:2 cups | remark:</b>'],
  ])('%s', (text, kinds) => {
    expect(kindsOf(text)).toBe(kinds);
  });

  it.each<[string, Yield]>([
    ['makes 6', { count: 6 }],
    ['Makes about 14 bricks', { count: 14, shape: 'cube' }],
    ['8 x 120g', { count: 8, pieceG: 120 }],
    ['12 pieces about 40g each', { count: 12, pieceG: 40 }],
    ['fills three 7 oz jars', { count: 3, pieceG: 7 * 28.349523125 }],
    ['four pouches of 7 oz', { count: 4, pieceG: 7 * 28.349523125 }],
    ['sachets of 80 g', { pieceG: 80 }],
    ['150 g bars', { pieceG: 150 }],
    ['two dozen minis', { count: 24 }],
    ['BOMBS x 10', { count: 10 }],
    ['10-12 tablets', { count: 11 }],
    ['2.5 inch', { sizeMm: 63.5 }],
    ['65 mm', { sizeMm: 65 }],
    ['half spheres', { shape: 'half sphere' }],
    ['400 g in all', { totalG: 400 }],
    ['total weight: 1.2 kg', { totalG: 1200 }],
    ['should give you 18 or so', { count: 18 }],
    ['makes 500 g', { totalG: 500 }],
    // Amounts, and no yields.
    ['2 bags of epsom salt', {}],
    ['3 mothballs', {}],
    ['2 cups', {}],
  ])('%s', (text, says) => {
    expect(yieldOf(text)).toEqual(says);
  });
});
