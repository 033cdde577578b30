export { SOURCES } from './sources';
export type { SourceId, Sourced } from './sources';
export { BULK_STATES, PHASES, ROLES, TRAITS } from './types';
export type { BulkState, ChemicalShare, Phase, Role, Trait } from './types';
export type { Material } from './material';
export {
  MATERIALS,
  allMaterials,
  findMaterial,
  isInCatalog,
  likeIdOf,
  materialById,
  stockOwnMaterials,
} from './lookup';
export { newOwnMaterial } from './newOwnMaterial';
export { ownMaterialSchema, saidSchema } from './own';
export type { OwnMaterial, Said } from './own';
export type { MaterialId } from './lookup';
export { searchMaterials } from './search';
export { reactantsOf } from './reactants';
export { closestMaterial, recognizeMaterial } from './recognize';
export type { Recognition } from './recognize';
export { CAUTION_BY_TRAIT } from './knowledge';
export type { ProductUse, Restriction, UsualRate, Vegan } from './knowledge';
