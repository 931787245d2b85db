import { materialOf, type LiningMaterialId } from '../materials'
import type { Layer, LinedFace } from '../shell'

/** Inside and outside surface resistances in m²K/W, by where the heat goes. EN ISO 6946, from memory. */
const SURFACE: Record<LinedFace, { readonly inside: number; readonly flow: Flow }> = {
  floor: { inside: 0.17, flow: 'down' },
  wall: { inside: 0.13, flow: 'level' },
  door: { inside: 0.13, flow: 'level' },
  roof: { inside: 0.1, flow: 'up' },
}
const OUTSIDE = 0.04

type Flow = 'up' | 'level' | 'down'

/** Resistance of a closed air layer by its thickness in mm: EN ISO 6946, from memory; between the rows it is linear. */
const AIR: readonly (readonly [mm: number, up: number, level: number, down: number])[] = [
  [0, 0, 0, 0],
  [5, 0.11, 0.11, 0.11],
  [7, 0.13, 0.13, 0.13],
  [10, 0.15, 0.15, 0.15],
  [15, 0.16, 0.17, 0.17],
  [25, 0.16, 0.18, 0.19],
  [50, 0.16, 0.18, 0.21],
  [100, 0.16, 0.18, 0.22],
  [300, 0.16, 0.18, 0.23],
]

function airResistance(mm: number, flow: Flow): number {
  const column = { up: 1, level: 2, down: 3 }[flow] as 1 | 2 | 3
  const above = AIR.findIndex(([row]) => row >= mm)
  if (above <= 0) return AIR[above === 0 ? 0 : AIR.length - 1]![column]
  const [low, high] = [AIR[above - 1]!, AIR[above]!]
  return low[column] + ((high[column] - low[column]) * (mm - low[0])) / (high[0] - low[0])
}

const resistanceOf = (material: LiningMaterialId, mm: number, flow: Flow): number => {
  const { conductivityWmK } = materialOf(material)
  return conductivityWmK === undefined ? airResistance(mm, flow) : mm / 1000 / conductivityWmK
}

/** How a lined face lets heat through. Resistances in m²K/W. */
export interface Thermal {
  /** W/m²K. */
  readonly uValue: number
  readonly resistance: number
  /** The two limits whose mean the resistance is; alike where nothing bridges a layer. */
  readonly upper: number
  readonly lower: number
  readonly inside: number
  readonly outside: number
  /** Of each layer alone, its battens counted side by side with it. */
  readonly layers: readonly number[]
}

/**
 * U-value of a lined face by the method of EN ISO 6946 (combined method: the mean of an upper limit, heat going straight
 * through, and a lower limit, each layer at one temperature). The body's sheet is left out: a millimetre of steel or
 * aluminium resists next to nothing. Ribs that are not lined over, windows and doors' gaps are not in it.
 */
export function thermalOf(face: LinedFace, layers: readonly Layer[]): Thermal {
  const { inside, flow } = SURFACE[face]
  const paths = layers.map(({ material, mm, battens }) => {
    const own = { share: 1 - (battens?.share ?? 0), resistance: resistanceOf(material, mm, flow) }
    return battens === undefined
      ? [own]
      : [own, { share: battens.share, resistance: resistanceOf(battens.material, mm, flow) }]
  })
  const beside = (sides: readonly { share: number; resistance: number }[]): number =>
    1 / sides.reduce((sum, { share, resistance }) => sum + share / resistance, 0)
  const single = paths.map(beside)
  const lower = inside + single.reduce((sum, resistance) => sum + resistance, 0) + OUTSIDE
  const straight = paths.reduce<readonly { share: number; resistance: number }[]>(
    (ways, layer) =>
      ways.flatMap((way) =>
        layer.map(({ share, resistance }) => ({ share: way.share * share, resistance: way.resistance + resistance })),
      ),
    [{ share: 1, resistance: inside + OUTSIDE }],
  )
  const upper = beside(straight)
  const resistance = (upper + lower) / 2
  return { uValue: 1 / resistance, resistance, upper, lower, inside, outside: OUTSIDE, layers: single }
}
