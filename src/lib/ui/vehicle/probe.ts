import type { LiningCost } from '$lib/core/brief'
import { depthAt, heightsAt, MOST_LINING_MM, wallsAt, widestAcross, type Interior } from '$lib/core/shell'
import { formatLength, sayLength, type LengthUnit } from '$lib/core/units'

/** A point in the vehicle that is asked about. */
export interface Probe {
  readonly xMm: number
  readonly yMm: number
  readonly zMm: number
}

export interface Reading {
  readonly words: string
  readonly figure: string
  readonly why: readonly string[]
}

/** What a berth, a worktop and a carcass are taken to be where a reading needs one; common practice, no source. */
export const BERTH = { longMm: 1200, thickMm: 120 } as const
const CARCASS = { topMm: 900, depthMm: 500, longMm: 600 } as const

const NONE = 'none'

/** What the lined space is at a point, as a designer would ask it. */
export function readingsAt(interior: Interior, { xMm, yMm, zMm }: Probe, unit: LengthUnit): readonly Reading[] {
  const walls = wallsAt(interior, xMm, zMm)
  const heights = heightsAt(interior, xMm, yMm)
  const length = (mm: number) => sayLength(Math.round(mm), unit)
  const { min, max } = interior.xSpan
  const from = Math.min(Math.max(min, xMm - BERTH.longMm / 2), Math.max(min, max - BERTH.longMm))
  const across = widestAcross(interior, { min: from, max: from + BERTH.longMm }, BERTH.longMm, {
    min: zMm,
    max: zMm + BERTH.thickMm,
  })
  const along = { min: Math.max(min, xMm - CARCASS.longMm / 2), max: Math.min(max, xMm + CARCASS.longMm / 2) }
  const side = yMm < 0 ? 'right' : 'left'
  const depth = depthAt(interior, side, along, CARCASS.topMm, CARCASS.depthMm, zMm)
  return [
    {
      words: 'wide',
      figure: walls === undefined ? NONE : formatLength(walls.max - walls.min, unit),
      why: [
        walls === undefined
          ? `There are no walls ${length(zMm)} above the load floor.`
          : `Level, from ${length(-walls.min)} right of the centreline to ${length(walls.max)} left of it, ${length(zMm)} above the load floor.`,
      ],
    },
    {
      words: 'high',
      figure: heights === undefined ? NONE : formatLength(heights.max - heights.min, unit),
      why: [
        heights === undefined
          ? `${length(Math.abs(yMm))} from the centreline is outside the walls.`
          : `From ${length(heights.min)} to ${length(heights.max)} above the bare load floor, ${length(Math.abs(yMm))} from the centreline.`,
      ],
    },
    {
      words: 'bed across',
      figure: across === undefined ? NONE : formatLength(across.mm, unit),
      why: [
        `The longest mattress ${length(BERTH.longMm)} wide and ${length(BERTH.thickMm)} thick that lies across here on a platform ${length(zMm)} above the load floor.`,
        across === undefined
          ? 'None lies here.'
          : `From ${length(from)} to ${length(from + BERTH.longMm)} from the rear sill, wheel arches counted.`,
      ],
    },
    {
      words: `carcass, ${side}`,
      figure: depth === undefined ? NONE : formatLength(depth, unit),
      why: [
        `Depth left ${length(zMm)} above the load floor for a carcass whose worktop at ${length(CARCASS.topMm)} is ${length(CARCASS.depthMm)} deep and whose back is cut to the ${side} wall.`,
      ],
    },
  ]
}

/** What lining costs at one place, in sentences. */
export function sayLiningCost(
  { widthPerWallMm, standing }: LiningCost,
  roofMm: number,
  unit: LengthUnit,
): readonly string[] {
  const width =
    widthPerWallMm === undefined
      ? []
      : [`Each millimetre of wall takes ${widthPerWallMm.toFixed(2)} mm of width at ${sayLength(1200, unit)}.`]
  return [
    ...width,
    ...standing.map(({ label, statureMm, mostRoofMm }) => {
      const who = `${label}, ${sayLength(statureMm, unit)},`
      if (mostRoofMm === undefined) return `${who} does not stand here even without roof lining.`
      if (mostRoofMm >= MOST_LINING_MM) return `${who} stands under any roof lining here.`
      return `${who} ${mostRoofMm < roofMm ? 'lost' : 'loses'} standing height at ${sayLength(mostRoofMm, unit)} of roof lining.`
    }),
  ]
}
