import { z } from 'zod'
import { LINING_MATERIAL_IDS, materialOf } from '../materials'

/** Total thickness of one face at most, in mm. */
export const MOST_LINING_MM = 150

const layerSchema = z.looseObject({
  material: z.enum(LINING_MATERIAL_IDS),
  mm: z.number().min(0.5).max(MOST_LINING_MM),
  battens: z
    .looseObject({ material: z.enum(LINING_MATERIAL_IDS), share: z.number().min(0.01).max(0.9) })
    .optional()
    .describe('Battens or ribs within the layer: of what, and which share of its area'),
})
export type Layer = Readonly<z.infer<typeof layerSchema>>

export const LINED_FACES = ['floor', 'wall', 'roof', 'door'] as const
/** A face of the body that is lined by layers of its own. */
export type LinedFace = (typeof LINED_FACES)[number]

const stack = z.array(layerSchema).max(8)
const layersSchema = z.looseObject({
  floor: stack.optional(),
  wall: stack.optional(),
  roof: stack.optional(),
  door: stack.optional(),
})
type Layers = Readonly<z.infer<typeof layersSchema>>

/** Where a face's total stands in a lining. Doors lose no room inside the body: theirs is told apart. */
export const TOTAL_OF: Record<LinedFace, 'floorMm' | 'wallMm' | 'roofMm' | 'doorMm'> = {
  floor: 'floorMm',
  wall: 'wallMm',
  roof: 'roofMm',
  door: 'doorMm',
}

const SUM_SLACK_MM = 0.01

export const thicknessOf = (layers: readonly Layer[]): number => layers.reduce((sum, { mm }) => sum + mm, 0)

const total = z.number().min(0).max(MOST_LINING_MM)

/** A lining by its totals; what a face is made of may be said too, and then adds up to its total. */
export const liningSchema = z
  .looseObject({
    floorMm: total,
    wallMm: total,
    roofMm: total,
    doorMm: total.optional(),
    layers: layersSchema.optional(),
  })
  .superRefine((lining, context) => {
    for (const face of LINED_FACES) {
      const layers = lining.layers?.[face]
      if (layers === undefined) continue
      const sum = thicknessOf(layers)
      const said = lining[TOTAL_OF[face]] ?? 0
      if (Math.abs(sum - said) > SUM_SLACK_MM)
        context.addIssue({
          code: 'custom',
          path: ['layers', face],
          message: `the layers add up to ${layers.map(({ mm }) => mm).join(' + ') || '0'} = ${sum} mm, not ${said}`,
        })
    }
  })
export type Lining = Readonly<z.infer<typeof liningSchema>>

/** The lining with one face made of `layers`, its total with them. */
export const withLayers = (lining: Lining, face: LinedFace, layers: readonly Layer[]): Lining => ({
  ...lining,
  [TOTAL_OF[face]]: thicknessOf(layers),
  layers: { ...lining.layers, [face]: [...layers] },
})

/** The lining with one face's total typed in: what it is made of is then open again. */
export function withTotal(lining: Lining, face: LinedFace, mm: number): Lining {
  const { layers, ...totals } = lining
  const kept = Object.entries(layers ?? {}).filter(([of]) => of !== face)
  const next = { ...totals, [TOTAL_OF[face]]: mm }
  return kept.length === 0 ? next : { ...next, layers: Object.fromEntries(kept) as Layers }
}

/** Mass of a square metre of lining, kg. */
export const arealMassKg = (layers: readonly Layer[]): number =>
  layers.reduce((sum, { material, mm, battens }) => {
    const own = materialOf(material).densityKgM3
    const mean =
      battens === undefined ? own : own * (1 - battens.share) + materialOf(battens.material).densityKgM3 * battens.share
    return sum + (mean * mm) / 1000
  }, 0)
