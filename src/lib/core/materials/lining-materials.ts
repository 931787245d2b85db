/** What linings are made of. Values recalled from memory; the sources are named. */
export interface LiningMaterial {
  readonly name: string
  /** W/mK; undefined for an air layer, whose resistance depends on its thickness and the way the heat goes. */
  readonly conductivityWmK: number | undefined
  readonly densityKgM3: number
  readonly source: string
}

const ISO_10456 = 'EN ISO 10456 (from memory)'
const DATA_SHEET = 'typical data-sheet value'

export const LINING_MATERIALS = {
  pir: { name: 'rigid PIR board', conductivityWmK: 0.022, densityKgM3: 32, source: DATA_SHEET },
  xps: { name: 'extruded polystyrene', conductivityWmK: 0.033, densityKgM3: 33, source: DATA_SHEET },
  elastomer: { name: 'flexible elastomer', conductivityWmK: 0.036, densityKgM3: 60, source: DATA_SHEET },
  wool: { name: 'sheep’s wool', conductivityWmK: 0.039, densityKgM3: 18, source: DATA_SHEET },
  polyester: { name: 'polyester fibre', conductivityWmK: 0.042, densityKgM3: 20, source: DATA_SHEET },
  cork: { name: 'cork', conductivityWmK: 0.05, densityKgM3: 200, source: ISO_10456 },
  'birch-ply': {
    name: 'birch ply',
    conductivityWmK: 0.17,
    densityKgM3: 680,
    source: `${ISO_10456}; density Handbook of Finnish Plywood`,
  },
  'spruce-ply': {
    name: 'spruce ply',
    conductivityWmK: 0.13,
    densityKgM3: 460,
    source: `${ISO_10456}; density Handbook of Finnish Plywood`,
  },
  'poplar-ply': { name: 'poplar ply', conductivityWmK: 0.13, densityKgM3: 450, source: ISO_10456 },
  softwood: { name: 'softwood battens', conductivityWmK: 0.13, densityKgM3: 500, source: ISO_10456 },
  vinyl: { name: 'vinyl floor', conductivityWmK: 0.25, densityKgM3: 1700, source: ISO_10456 },
  felt: { name: 'felt or carpet', conductivityWmK: 0.06, densityKgM3: 200, source: ISO_10456 },
  air: { name: 'air gap, closed', conductivityWmK: undefined, densityKgM3: 0, source: 'EN ISO 6946 (from memory)' },
} as const satisfies Record<string, LiningMaterial>

export type LiningMaterialId = keyof typeof LINING_MATERIALS
export const LINING_MATERIAL_IDS = Object.keys(LINING_MATERIALS) as [LiningMaterialId, ...LiningMaterialId[]]
