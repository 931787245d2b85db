export interface Material {
  readonly densityKgM3: number
  readonly source: string
}

/** Densities for estimating masses. Values recalled from memory; the sources are named. */
export const MATERIALS = {
  birchPly: { densityKgM3: 680, source: 'Handbook of Finnish Plywood' },
  poplarPly: { densityKgM3: 450, source: 'handbook value' },
  aluminium: { densityKgM3: 2700, source: 'handbook value' },
  foam: { densityKgM3: 40, source: 'common practice, no source' },
  water: { densityKgM3: 1000, source: 'handbook value' },
} as const satisfies Record<string, Material>

export type MaterialId = keyof typeof MATERIALS

/** Mass in kg of a board or block of `material`, sides in mm. */
export const massOfBlock = (material: MaterialId, xMm: number, yMm: number, zMm: number): number =>
  MATERIALS[material].densityKgM3 * xMm * yMm * zMm * 1e-9

/** Mass in kg of sheet goods: `areaMm2` of `thicknessMm`. */
export const massOfSheet = (material: MaterialId, areaMm2: number, thicknessMm: number): number =>
  massOfBlock(material, areaMm2, 1, thicknessMm)
