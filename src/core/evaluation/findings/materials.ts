import { isForSkin } from '../../formula';
import type { Material, Trait } from '../../materials';
import type { Examined, Finding, Rule } from '../types';
import { grams, listed, percent } from './words';

const practice = 'common practice';

/** What single materials ask for, in this family and this company. */
export const materialRules: Rule = (examined) => {
  const { materials, body, readings, conditions } = examined;
  const forSkin = isForSkin(body.family);
  const having = (trait: Trait) =>
    materials.filter((entry) => entry.material.traits.includes(trait) && entry.massG > 0);
  const say = (
    entries: Examined['materials'],
    code: string,
    severity: Finding['severity'],
    message: (names: string, massG: number) => string,
  ): readonly Finding[] => {
    if (entries.length === 0) return [];
    const massG = entries.reduce((sum, entry) => sum + entry.massG, 0);
    const names = listed(entries.map(({ material }) => material.name));
    return [{ code, severity, message: message(names, massG), source: practice }];
  };
  const isBorax = (material: Material) => material.id === 'borax';
  const hasAcid = materials.some(({ material }) => material.role === 'acid');
  const hasCarbonate = materials.some(({ material }) => material.traits.includes('strong-alkali'));
  return [
    ...(forSkin
      ? [
          ...say(
            materials.filter(({ material }) => isBorax(material)),
            'borax-in-bath-product',
            'stop',
            () => 'Borax never goes into a bath product. Take it out.',
          ),
          ...say(
            having('strong-alkali'),
            'alkali-in-bath-product',
            'stop',
            (names) => `${names} is too alkaline for skin. Use baking soda.`,
          ),
          ...say(
            having('not-for-skin').filter(
              ({ material }) => !isBorax(material) && !material.traits.includes('strong-alkali'),
            ),
            'not-for-skin',
            'stop',
            (names) => `${names} does not belong on skin. Take it out.`,
          ),
          ...say(
            having('detergent'),
            'detergent-bath-caution',
            'info',
            (names) =>
              `${names} foams: a foaming bath product has to carry its caution on the label (US 21 CFR 740.17, from memory).`,
          ),
        ]
      : say(
          having('skin-oil'),
          'oil-in-cleaning-piece',
          'advice',
          (names) =>
            `${names} leaves a film where you want none. Cleaning pieces need no skin oil.`,
        )),
    ...(hasCarbonate
      ? say(
          having('magnesium'),
          'magnesium-carbonate-scale',
          'warning',
          (names, massG) =>
            `${grams(massG)} of ${names} meets washing soda: magnesium carbonate, a white film on glass and pipes.`,
        )
      : []),
    ...(hasAcid
      ? say(
          having('sulfide-with-acid'),
          'ultramarine-with-acid',
          'warning',
          (names) =>
            `${names} gives hydrogen sulfide with acid: it smells of bad eggs. Use a lake or an acid-proof blue.`,
        )
      : []),
    ...say(
      having('weak-alcohol'),
      'weak-alcohol-water',
      'advice',
      (names, massG) =>
        `${names} (${grams(massG)}) brings water along; it is counted. 91 % alcohol or stronger brings less.`,
    ),
    ...say(
      materials.filter(({ material, massG }) => {
        const most = material.usualMaxPct?.value;
        return most !== undefined && (100 * massG) / readings.totalG > most;
      }),
      'color-over-rate',
      'advice',
      (names, massG) =>
        `${names} at ${percent((100 * massG) / readings.totalG)} of the mix is over its usual rate: it may stain tub and skin.`,
    ),
    ...(body.method === 'loose'
      ? []
      : say(
          having('hygroscopic'),
          'hygroscopic-salt',
          conditions.humidityPct > 50 ? 'warning' : 'info',
          (names) =>
            `${names} draws water: ${conditions.humidityPct > 50 ? `at ${conditions.humidityPct} % pieces go soft` : 'fine in this room, soft in a damp store'}. Wrap early and tight.`,
        )),
    ...say(
      having('drain'),
      'botanical-drain',
      'info',
      (names) => `${names} can clog a drain: a bag or a strainer.`,
    ),
    ...(forSkin
      ? say(
          having('skin-oil'),
          'slip-caution',
          'info',
          () => 'Oils make tubs and shower floors slippery: say so on the label.',
        )
      : []),
    ...say(
      having('irritating-dust'),
      'dust-caution',
      'info',
      (names) =>
        `${names}: the dust irritates nose, eyes and lungs. Mask, goggles, gloves, no fan across the bowl.`,
    ),
    ...say(
      having('flammable'),
      'flammable-vapor',
      'info',
      (names) => `${names}: the vapor burns. No flame, no oven, air the room.`,
    ),
  ];
};
