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
  /** Its size is what it lets through as it stands: nobody opens it further. */
  readonly isSet?: boolean
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

/** From sill to head of a door’s window, m. Common practice, no source. */
const CAB_PANE_M = 0.4

/** Every opening for air of a scene with its size, its height and what drives it; of an open cab’s windows so much as is let down, cm². */
export function placesOf(scene: Scene, cabCm2: number): readonly Place[] {
  const roofMm = wallTop(scene.interior)
  return airOpenings(scene, cabCm2).flatMap(({ id, what, at, by }): readonly Place[] => {
    if ('cabCm2' in by)
      return [
        {
          id,
          what,
          at,
          zMm: by.zMm,
          m2: by.cabCm2 / 1e4,
          looksDeg: at[1] > 0 ? LOOKS.left : LOOKS.right,
          curve: undefined,
          highM: CAB_PANE_M,
          blows: 'both',
          isSet: true,
        },
      ]
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
