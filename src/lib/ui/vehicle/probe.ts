import { capital, person } from '$lib/core/text'
import type { LiningCost } from '$lib/core/suit'
import {
  cabSpace,
  depthAt,
  heightThere,
  type Interior,
  isAhead,
  isDoor,
  longestBoard,
  MOST_LINING_MM,
  throughDoor,
  widestAcross,
  widthThere,
} from '$lib/core/shell'
import { formatLength, type LengthUnit, sayLength } from '$lib/core/units'

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
  const length = (mm: number) => sayLength(Math.round(mm), unit)
  const walls = widthThere(interior, xMm, zMm)
  const heights = heightThere(interior, xMm, yMm)
  const ahead = isAhead(interior, xMm)
  const cab = cabSpace(interior)
  const nothing = (otherwise: string) =>
    !ahead
      ? otherwise
      : cab === undefined
        ? `The load space ends at ${length(interior.xSpan.max)} from the rear sill; no cab is open to it.`
        : `The cab, open to the load space, ends at ${length(cab.x.max)} from the rear sill and goes from ${length(cab.z.min)} to ${length(cab.z.max)} above the load floor.`
  const { min, max } = interior.xSpan
  const from = Math.min(Math.max(min, xMm - BERTH.longMm / 2), Math.max(min, max - BERTH.longMm))
  const across = ahead
    ? undefined
    : widestAcross(interior, { min: from, max: from + BERTH.longMm }, BERTH.longMm, {
        min: zMm,
        max: zMm + BERTH.thickMm,
      })
  const along = { min: Math.max(min, xMm - CARCASS.longMm / 2), max: Math.min(max, xMm + CARCASS.longMm / 2) }
  const side = yMm < 0 ? 'right' : 'left'
  const depth = ahead ? undefined : depthAt(interior, side, along, CARCASS.topMm, CARCASS.depthMm, zMm)
  return [
    {
      words: 'wide',
      figure: walls === undefined ? NONE : formatLength(walls.max - walls.min, unit),
      why: [
        walls === undefined
          ? nothing(`There are no walls ${length(zMm)} above the load floor.`)
          : `Level, from ${length(-walls.min)} right of the centreline to ${length(walls.max)} left of it, ${length(zMm)} above the load floor.`,
      ],
    },
    {
      words: 'high',
      figure: heights === undefined ? NONE : formatLength(heights.max - heights.min, unit),
      why: [
        heights === undefined
          ? nothing(`${length(Math.abs(yMm))} from the centreline is outside the walls.`)
          : `From ${length(heights.min)} to ${length(heights.max)} above the bare load floor, ${length(Math.abs(yMm))} from the centreline.`,
      ],
    },
    {
      words: 'bed across',
      figure: across === undefined ? NONE : formatLength(across.mm, unit),
      why: [
        `The longest mattress ${length(BERTH.longMm)} wide and ${length(BERTH.thickMm)} thick that lies across here on a platform ${length(zMm)} above the load floor.`,
        across === undefined
          ? 'None fits here.'
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

/** How a board of a section lies in the empty body, and which doors the longest goes in by. */
export function boardReadings(
  interior: Interior,
  wideMm: number,
  thickMm: number,
  unit: LengthUnit,
): readonly Reading[] {
  const section = `${sayLength(wideMm, unit)} × ${sayLength(thickMm, unit)}`
  const board = longestBoard(interior, wideMm, thickMm)
  const LIES = {
    straight: 'It lies straight along the vehicle.',
    slanted: `It lies slanted, ${board?.angleDeg}° to the length.`,
    raised: `It lies with one end raised, at ${board?.angleDeg}°.`,
  } as const
  const doors = interior.shell.openings.filter(isDoor)
  return [
    {
      words: 'longest that lies inside',
      figure: board === undefined ? NONE : formatLength(board.mm, unit),
      why: [
        board === undefined ? `No board of ${section} fits in this vehicle.` : LIES[board.lies],
        'Tried degree by degree in the empty lined load space, flat and on edge; one slanted both ways at once may be longer.',
      ],
    },
    ...doors.map((opening): Reading => {
      const through = throughDoor(interior, opening, wideMm, thickMm)
      return {
        words: `by the ${opening.label}`,
        figure: through === undefined ? NONE : formatLength(through.mm, unit),
        why: [
          through === undefined
            ? `A board of ${section} does not go through.`
            : through.path === 'straight'
              ? 'Pushed straight in.'
              : `Pushed in at ${Math.round(through.angleDeg)}° to the wall, its head to one end of the body, until its tail clears the jamb; then turned.`,
          'One straight push and one turn are tried, no more, with doors open and furniture out.',
        ],
      }
    }),
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
      : [`Wall lining costs ${widthPerWallMm.toFixed(2)} times its thickness in width, ${sayLength(1200, unit)} up.`]
  return [
    ...width,
    ...standing.map(({ label, statureMm, mostRoofMm }) => {
      const who = `${capital(person(label))}, ${sayLength(statureMm, unit)} tall,`
      if (mostRoofMm === undefined) return `${who} cannot stand up here even without roof lining.`
      if (mostRoofMm >= MOST_LINING_MM) return `${who} can stand up here under any roof lining.`
      return `${who} can stand up here under at most ${sayLength(mostRoofMm, unit)} of roof lining${mostRoofMm < roofMm ? ', less than there is' : ''}.`
    }),
  ]
}
