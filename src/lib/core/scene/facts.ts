import { placePoint, placePrism, prismBounds, type Box, type Prism } from '../geometry'
import type { HeatFact } from '../fittings'
import { block } from '../geometry'
import type { Placed } from './scene'

/** A source of heat where it is: over its own part of the top, or all of it. */
export interface PlacedHeat extends Omit<HeatFact, 'at'> {
  readonly box: Box
}

/** What of a fitting is hot, in the vehicle frame. */
export const heatOf = ({ facts, bounds, placement }: Placed): readonly PlacedHeat[] =>
  facts.heat.map(({ at, ...heat }) => ({
    ...heat,
    box: at === undefined ? bounds : prismBounds(placePrism(placement, at)),
  }))

/** Where in x something comes out of a fitting so far along its run from its middle. */
export const flueAt = ({ placement }: Placed, alongMm: number): number => placePoint(placement, [alongMm, 0])[0]

/** Tops of what can be stepped on, in z. */
export const treadsOf = ({ facts, placement }: Placed, outside: boolean): readonly number[] =>
  facts.treads.filter(({ isOutside }) => isOutside === outside).map(({ zMm }) => placement.at[2] + zMm)

/** The room before the face that warm air is blown from, so deep; undefined where none is. */
export function warmFaceOf({ facts: { blowsWarm }, placement }: Placed, deepMm: number): Prism | undefined {
  if (blowsWarm === undefined) return undefined
  const { x, z, yMm } = blowsWarm
  return placePrism(placement, block([x.min, yMm - deepMm, z.min], [x.max, yMm, z.max]))
}
