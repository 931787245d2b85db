export interface Material {
  readonly densityKgM3: number
  readonly source: string
}

/** Densities for estimating masses. Values recalled from memory; the sources are named. */
export const MATERIALS = {
  birchPly: { densityKgM3: 680, source: 'Handbook of Finnish Plywood' },
  sprucePly: { densityKgM3: 460, source: 'Handbook of Finnish Plywood' },
  poplarPly: { densityKgM3: 450, source: 'handbook value' },
  softwood: { densityKgM3: 500, source: 'handbook value' },
  aluminium: { densityKgM3: 2700, source: 'handbook value' },
  steel: { densityKgM3: 7850, source: 'handbook value' },
  polyethylene: { densityKgM3: 950, source: 'handbook value' },
  canvas: { densityKgM3: 500, source: 'common practice, no source' },
  foam: { densityKgM3: 40, source: 'common practice, no source' },
  water: { densityKgM3: 1000, source: 'handbook value' },
} as const satisfies Record<string, Material>

export type MaterialId = keyof typeof MATERIALS

export const MATERIAL_WORDS: Record<MaterialId, string> = {
  birchPly: 'birch ply',
  sprucePly: 'spruce ply',
  poplarPly: 'poplar ply',
  softwood: 'softwood',
  aluminium: 'aluminium',
  steel: 'steel',
  polyethylene: 'polyethylene',
  canvas: 'canvas',
  foam: 'foam',
  water: 'water',
}

/** Mass in kg of a board or block of `material`, sides in mm. */
export const massOfBlock = (material: MaterialId, xMm: number, yMm: number, zMm: number): number =>
  MATERIALS[material].densityKgM3 * xMm * yMm * zMm * 1e-9
