export {
  LINING_MATERIAL_IDS,
  massOfBlock,
  materialOf,
  MATERIALS,
  type LiningMaterialId,
  type MaterialId,
} from './materials'
