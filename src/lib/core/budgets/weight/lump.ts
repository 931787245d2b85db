import { massesOf } from '../../fittings'
import { placePoint, type Vec3 } from '../../geometry'
import { keptOf, type Placed } from '../../scene'

/** What a fitting weighs by itself where it stands, and where the middle of that is, in the vehicle frame. */
export const lumpOf = keptOf(lump)

interface Lump {
  readonly kg: number
  readonly at: Vec3
}

function lump({ fitting, stance, placement }: Placed): Lump {
  const lumps = massesOf(fitting, stance)
  const kg = lumps.reduce((sum, lump) => sum + lump.kg, 0)
  const mean = (axis: 0 | 1 | 2): number =>
    kg > 0
      ? lumps.reduce((sum, lump) => sum + lump.kg * lump.at[axis], 0) / kg
      : lumps.reduce((sum, lump) => sum + lump.at[axis], 0) / Math.max(1, lumps.length)
  const [x, y] = placePoint(placement, [mean(0), mean(1)])
  return { kg, at: [x, y, placement.at[2] + mean(2)] }
}
