export { massOfBlock, MATERIAL_WORDS, MATERIALS, type Material, type MaterialId } from './materials'
export { LINING_MATERIAL_IDS, LINING_MATERIALS, type LiningMaterial, type LiningMaterialId } from './lining-materials'
