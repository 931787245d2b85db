import { spanMiddle, type Vec2 } from '../../geometry'
import { airOpenings, type AirOpening, type Scene } from '../../scene'
import { wallTop, type Opening } from '../../shell'
import type { AirWay } from './network'

/** A lid that lies flat is propped up by so much, m. Common practice, no source. */
const FLAT_M = 0.1

/** An opening for air before anything goes through it. */
export interface Place {
  readonly id: string
  readonly what: AirOpening['what']
  readonly at: Vec2
  readonly zMm: number
  readonly m2: number
  /** Which way its outer face looks: degrees from the front over the left side; undefined of what is in the roof. */
  readonly looksDeg: number | undefined
  readonly curve: AirWay['curve']
  /** From its lower edge to its upper, m: through a large opening warm air goes out above and cold comes in below. */
  readonly highM: number
  readonly blows: 'in' | 'out' | 'both'
}

const LOOKS = { left: 90, right: 270, rear: 180, roof: undefined } as const

/** What an opening of the body is for air. */
function cut(opening: Opening, roofMm: number): Omit<Place, 'id' | 'what' | 'at'> {
  const highMm = Math.abs(opening.headMm - opening.sillMm)
  const isFlat = opening.side === 'roof'
  return {
    zMm: isFlat ? roofMm : (opening.sillMm + opening.headMm) / 2,
    m2: Math.abs(opening.toMm - opening.fromMm) * highMm * 1e-6,
    looksDeg: LOOKS[opening.side],
    curve: undefined,
    highM: isFlat ? FLAT_M : highMm / 1000,
    blows: 'both',
  }
}

/** Every opening for air of a scene with its size, its height and what drives it. */
export function placesOf(scene: Scene): readonly Place[] {
  const roofMm = wallTop(scene.interior)
  return airOpenings(scene).flatMap(({ id, what, at, by }): readonly Place[] => {
    if ('opening' in by) return [{ id, what, at, ...cut(by.opening, roofMm) }]
    const {
      facts: { air },
      bounds,
    } = by.fitting
    if (air === undefined) return []
    return [
      {
        id,
        what,
        at,
        zMm: Math.min(spanMiddle(bounds.z), roofMm),
        m2: air.freeCm2 / 1e4,
        looksDeg: undefined,
        curve: air.curve.length === 0 ? undefined : air.curve,
        highM: FLAT_M,
        blows: air.way,
      },
    ]
  })
}
