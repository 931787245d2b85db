import type { MaterialId } from '../materials'

export const MATERIAL_WORDS: Record<MaterialId, string> = {
  pir: 'rigid PIR board',
  xps: 'extruded polystyrene',
  elastomer: 'flexible elastomer',
  wool: 'sheep’s wool',
  polyester: 'polyester fibre',
  cork: 'cork',
  'birch-ply': 'birch ply',
  'spruce-ply': 'spruce ply',
  'poplar-ply': 'poplar ply',
  softwood: 'softwood',
  vinyl: 'vinyl floor',
  felt: 'felt or carpet',
  air: 'air gap, closed',
  aluminium: 'aluminium',
  steel: 'steel',
  polyethylene: 'polyethylene',
  canvas: 'canvas',
  foam: 'foam',
  water: 'water',
}
