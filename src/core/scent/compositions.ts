import type { Material } from '../materials';
import type { ConstituentId } from './constituents';

/** Share of each constituent in an oil, 0 to 1 of its mass; typical, where the plant and the harvest leave a range. */
type Shares = Readonly<Partial<Record<ConstituentId, number>>>;

/**
 * Typical compositions by material id, from memory of published analyses: a start until the supplier's
 * document is on file. Citrus oils are taken as cold pressed.
 */
const COMPOSITIONS: Readonly<Record<string, Shares>> = {
  'lavender-essential-oil': {
    linalool: 0.35,
    'linalyl-acetate': 0.35,
    limonene: 0.005,
    geraniol: 0.008,
    coumarin: 0.001,
    camphor: 0.005,
  },
  'sweet-orange-essential-oil': { limonene: 0.95, linalool: 0.004, citral: 0.002, pinene: 0.006 },
  'lemon-essential-oil': {
    limonene: 0.68,
    pinene: 0.12,
    citral: 0.025,
    geraniol: 0.001,
    furocoumarins: 0.003,
  },
  'lime-essential-oil': { limonene: 0.5, pinene: 0.2, citral: 0.05, furocoumarins: 0.004 },
  'grapefruit-essential-oil': { limonene: 0.93, citral: 0.001, furocoumarins: 0.0004 },
  'bergamot-essential-oil': {
    limonene: 0.4,
    'linalyl-acetate': 0.28,
    linalool: 0.1,
    citral: 0.005,
    pinene: 0.08,
    furocoumarins: 0.003,
  },
  'mandarin-essential-oil': { limonene: 0.72, pinene: 0.03, linalool: 0.002 },
  'peppermint-essential-oil': { menthol: 0.42, cineole: 0.05, limonene: 0.03, pulegone: 0.015 },
  'spearmint-essential-oil': { carvone: 0.65, limonene: 0.18, cineole: 0.02 },
  'eucalyptus-essential-oil': { cineole: 0.75, limonene: 0.06, pinene: 0.1 },
  'tea-tree-essential-oil': {
    cineole: 0.03,
    limonene: 0.01,
    pinene: 0.03,
    'methyl-eugenol': 0.0002,
  },
  'rosemary-essential-oil': {
    cineole: 0.42,
    camphor: 0.12,
    pinene: 0.2,
    limonene: 0.03,
    linalool: 0.01,
  },
  'cedarwood-essential-oil': { pinene: 0.005 },
  'clove-bud-essential-oil': {
    eugenol: 0.82,
    isoeugenol: 0.0015,
    'methyl-eugenol': 0.0005,
    'benzyl-benzoate': 0.0005,
  },
  'cinnamon-leaf-essential-oil': {
    eugenol: 0.75,
    cinnamal: 0.02,
    'benzyl-benzoate': 0.03,
    linalool: 0.02,
    safrole: 0.005,
  },
  'cinnamon-bark-essential-oil': {
    cinnamal: 0.65,
    eugenol: 0.06,
    linalool: 0.04,
    'benzyl-benzoate': 0.01,
  },
  'ylang-ylang-essential-oil': {
    linalool: 0.1,
    'benzyl-benzoate': 0.07,
    'benzyl-salicylate': 0.03,
    farnesol: 0.02,
    geraniol: 0.01,
    isoeugenol: 0.005,
    eugenol: 0.003,
  },
  'patchouli-essential-oil': { pinene: 0.001 },
  'frankincense-essential-oil': { pinene: 0.45, limonene: 0.1, linalool: 0.005 },
  'cardamom-essential-oil': {
    cineole: 0.32,
    linalool: 0.05,
    'linalyl-acetate': 0.05,
    limonene: 0.03,
    geraniol: 0.008,
    'methyl-eugenol': 0.0005,
  },
  'wintergreen-essential-oil': { 'methyl-salicylate': 0.98 },
  'geranium-essential-oil': { citronellol: 0.3, geraniol: 0.15, linalool: 0.05, citral: 0.01 },
  'lemongrass-essential-oil': { citral: 0.78, geraniol: 0.06, limonene: 0.02 },
  'citronella-essential-oil': {
    geraniol: 0.22,
    citronellol: 0.12,
    limonene: 0.03,
    citral: 0.005,
    'methyl-eugenol': 0.001,
  },
  'palmarosa-essential-oil': { geraniol: 0.8, linalool: 0.03, farnesol: 0.01 },
  'clary-sage-essential-oil': { 'linalyl-acetate': 0.65, linalool: 0.15, limonene: 0.005 },
  'roman-chamomile-essential-oil': { pinene: 0.03, limonene: 0.005 },
  'ginger-essential-oil': { citral: 0.015, limonene: 0.02, cineole: 0.03, pinene: 0.03 },
  'black-pepper-essential-oil': { limonene: 0.18, pinene: 0.2, linalool: 0.005 },
  'juniper-berry-essential-oil': { pinene: 0.45, limonene: 0.05 },
  'cypress-essential-oil': { pinene: 0.5, limonene: 0.03 },
  'fir-needle-essential-oil': { pinene: 0.2, limonene: 0.08, camphor: 0.005 },
  'vetiver-essential-oil': {},
  'sandalwood-essential-oil': { farnesol: 0.005 },
  'neroli-essential-oil': {
    linalool: 0.35,
    limonene: 0.12,
    'linalyl-acetate': 0.06,
    farnesol: 0.015,
    geraniol: 0.02,
  },
  'thyme-essential-oil': { thymol: 0.45, linalool: 0.04, limonene: 0.01 },
  'basil-essential-oil': {
    linalool: 0.5,
    eugenol: 0.08,
    estragole: 0.02,
    cineole: 0.07,
    'methyl-eugenol': 0.002,
  },
  'bergamot-fcf-essential-oil': {
    limonene: 0.38,
    'linalyl-acetate': 0.3,
    linalool: 0.1,
    pinene: 0.07,
    citral: 0.006,
  },
  'lime-distilled-essential-oil': { limonene: 0.48, pinene: 0.05, cineole: 0.02, citral: 0.01 },
  'sweet-birch-essential-oil': { 'methyl-salicylate': 0.98 },
  'cassia-essential-oil': { cinnamal: 0.8, coumarin: 0.03, eugenol: 0.002 },
  'pine-essential-oil': { pinene: 0.55, limonene: 0.08 },
  'jasmine-essential-oil': {
    'benzyl-benzoate': 0.15,
    linalool: 0.06,
    eugenol: 0.025,
    farnesol: 0.01,
    geraniol: 0.005,
  },
  'litsea-essential-oil': { citral: 0.74, limonene: 0.13, linalool: 0.015, geraniol: 0.012 },
  'orange-five-fold-essential-oil': { limonene: 0.82, linalool: 0.025, citral: 0.01 },
  'lemon-five-fold-essential-oil': {
    limonene: 0.5,
    citral: 0.12,
    pinene: 0.04,
    furocoumarins: 0.003,
  },
  'patchouli-blend-essential-oil': { pinene: 0.001 },
  camphor: { camphor: 1 },
  menthol: { menthol: 1 },
  'vanilla-fragrance-oil': { vanillin: 0.1 },
};

/** @returns the shares, or undefined when nothing is on file for this material */
export function compositionOf({ likeId }: Pick<Material, 'likeId'>): Shares | undefined {
  return COMPOSITIONS[likeId];
}
