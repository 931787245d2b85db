/** What a thing is made of, in lining and in furniture alike. Values recalled from memory; the sources are named. */
export interface Material {
  readonly densityKgM3: number
  /** W/mK; left out where heat through it is not asked, and for air, whose resistance depends on its thickness and the way the heat goes. */
  readonly conductivityWmK?: number
  readonly source: string
  /** Whether a flame beside it sets it on fire. */
  readonly burns: boolean
  /** Whether a joiner saws it to the wall on the spot. */
  readonly isSawn: boolean
  /** It bonds to the skin and does not come off it clean. */
  readonly bonds?: true
  /** Laid in pieces that only click into one another: heat and frost open their seams. */
  readonly clicks?: true
  /** Takes water up and swells, or stays damp. */
  readonly soaks?: true
}

const ISO_10456 = 'EN ISO 10456 (from memory)'
const FINNISH_PLYWOOD = `${ISO_10456}; density Handbook of Finnish Plywood`
const DATA_SHEET = 'typical data-sheet value'
const HANDBOOK = 'handbook value'
const PRACTICE = 'trade practice, no published source'

const INERT = { burns: false, isSawn: false } as const
const BURNS = { burns: true, isSawn: false } as const
const WOOD = { burns: true, isSawn: true } as const

/** Every material that linings and furniture are made of. */
export const MATERIALS = {
  pir: { ...BURNS, conductivityWmK: 0.022, densityKgM3: 32, source: DATA_SHEET },
  xps: { ...BURNS, conductivityWmK: 0.033, densityKgM3: 33, source: DATA_SHEET },
  elastomer: { ...BURNS, conductivityWmK: 0.036, densityKgM3: 60, source: DATA_SHEET },
  wool: { ...INERT, conductivityWmK: 0.039, densityKgM3: 18, source: DATA_SHEET },
  polyester: { ...BURNS, conductivityWmK: 0.042, densityKgM3: 20, source: DATA_SHEET },
  cork: { ...BURNS, conductivityWmK: 0.05, densityKgM3: 200, source: ISO_10456 },
  'birch-ply': { ...WOOD, conductivityWmK: 0.17, densityKgM3: 680, source: FINNISH_PLYWOOD },
  'spruce-ply': { ...WOOD, conductivityWmK: 0.13, densityKgM3: 460, source: FINNISH_PLYWOOD },
  'poplar-ply': { ...WOOD, conductivityWmK: 0.13, densityKgM3: 450, source: ISO_10456 },
  softwood: { ...WOOD, conductivityWmK: 0.13, densityKgM3: 500, source: ISO_10456 },
  vinyl: { ...BURNS, conductivityWmK: 0.25, densityKgM3: 1700, source: ISO_10456 },
  'click-vinyl': {
    ...BURNS,
    clicks: true,
    conductivityWmK: 0.25,
    densityKgM3: 1900,
    source: `${ISO_10456}; density ${DATA_SHEET}`,
  },
  felt: { ...BURNS, conductivityWmK: 0.06, densityKgM3: 200, source: ISO_10456 },
  air: { ...INERT, densityKgM3: 0, source: 'EN ISO 6946 (from memory)' },
  'spray-foam': { ...BURNS, bonds: true, conductivityWmK: 0.028, densityKgM3: 35, source: DATA_SHEET },
  'foil-foam': { ...BURNS, conductivityWmK: 0.037, densityKgM3: 30, source: DATA_SHEET },
  mdf: { ...WOOD, soaks: true, conductivityWmK: 0.14, densityKgM3: 600, source: ISO_10456 },
  hardboard: { ...WOOD, soaks: true, conductivityWmK: 0.18, densityKgM3: 800, source: ISO_10456 },
  chipboard: { ...WOOD, soaks: true, conductivityWmK: 0.14, densityKgM3: 600, source: ISO_10456 },
  'plastic-cladding': { ...BURNS, conductivityWmK: 0.17, densityKgM3: 1390, source: ISO_10456 },
  carpet: { ...BURNS, soaks: true, conductivityWmK: 0.06, densityKgM3: 200, source: ISO_10456 },
  'marine-vinyl': { ...BURNS, conductivityWmK: 0.17, densityKgM3: 1200, source: PRACTICE },
  aluminium: { ...INERT, conductivityWmK: 160, densityKgM3: 2700, source: `${HANDBOOK}; heat ${ISO_10456}` },
  steel: { ...INERT, conductivityWmK: 50, densityKgM3: 7850, source: `${HANDBOOK}; heat ${ISO_10456}` },
  polyethylene: { ...INERT, densityKgM3: 950, source: HANDBOOK },
  canvas: { ...BURNS, densityKgM3: 500, source: PRACTICE },
  foam: { ...BURNS, densityKgM3: 40, source: PRACTICE },
  water: { ...INERT, densityKgM3: 1000, source: HANDBOOK },
} as const satisfies Record<string, Material>

export type MaterialId = keyof typeof MATERIALS

/** Those that a floor, wall or roof is lined with, in the order in which they are offered. */
export const LINING_MATERIAL_IDS = [
  'pir',
  'xps',
  'elastomer',
  'wool',
  'polyester',
  'cork',
  'birch-ply',
  'spruce-ply',
  'poplar-ply',
  'softwood',
  'vinyl',
  'click-vinyl',
  'felt',
  'spray-foam',
  'foil-foam',
  'mdf',
  'hardboard',
  'chipboard',
  'plastic-cladding',
  'carpet',
  'marine-vinyl',
  'aluminium',
  'steel',
  'air',
] as const satisfies readonly MaterialId[]
export type LiningMaterialId = (typeof LINING_MATERIAL_IDS)[number]

export const materialOf = (id: MaterialId): Material => MATERIALS[id]

/** Mass in kg of a board or block of `material`, sides in mm. */
export const massOfBlock = (material: MaterialId, xMm: number, yMm: number, zMm: number): number =>
  MATERIALS[material].densityKgM3 * xMm * yMm * zMm * 1e-9
