import { isCrawledIn, isDoor } from '../../shell'
import { aidedOf, type Brief, tallestOf } from '../../brief'
import { ACCESS_SOURCE, routeOf } from '../../people'
import type { Vec2, Vec3 } from '../../geometry'
import type { ServiceType } from '../../fittings'
import {
  insideDoor,
  isReachedFromDoor,
  isReachedOverBed,
  type Scene,
  type Walker,
  type Way,
  type WaySide,
} from '../../scene'
import { comfort, defineRule, practice, published } from '../define-rule'
import type { Draft, Remedy } from '../finding'
import { breadthsOf, type PassingPart, STANDARD_STATURE_MM, walkerOf } from '../walker'
import { narrowable, setHandle, shift } from '../ways-out'

type Aid = 'wheelchair' | 'walker' | undefined

declare module '../finding' {
  interface FactsByCode {
    'way-narrow': {
      readonly services: readonly ServiceType[]
      readonly between: readonly WaySide[]
      readonly person: string
      readonly statureMm: number
      /** What passes on either side, and how broad it is. */
      readonly sides: readonly { readonly part: PassingPart; readonly mm: number }[]
      /** What is lower is gone over. */
      readonly fromMm: number
      /** With which aid, if with one: then its own route is needed. */
      readonly aid: Aid
      readonly path: readonly Vec2[]
    }
    'way-shut': {
      readonly services: readonly ServiceType[]
      readonly between: readonly WaySide[]
      readonly fromMm: number
      readonly leastMm: number
      readonly path: readonly Vec2[]
    }
  }
}

/** Who needs the most room to pass, and how broad they are: a wheelchair or walker as published, else the tallest. */
function passing(
  brief: Brief,
  share: number,
): { readonly breadths: Readonly<Record<PassingPart, number>>; person: string; statureMm: number; aid: Aid } {
  const aided = aidedOf(brief)
  if (aided !== undefined) {
    const { person, aid } = aided
    const { routeMm } = routeOf(aid)
    const breadths = { shoulders: routeMm, hips: routeMm, legs: routeMm }
    return { breadths, person: person.label, statureMm: person.statureMm, aid }
  }
  const tallest = tallestOf(brief)
  const statureMm = tallest?.statureMm ?? STANDARD_STATURE_MM
  const shoulders = tallest?.measured?.shoulderBreadth ?? statureMm * share
  return {
    breadths: { ...breadthsOf(brief, tallest), shoulders },
    person: tallest?.label ?? '',
    statureMm,
    aid: undefined,
  }
}

/** What must pass on either side of a narrow place: beside what is low not the shoulders, but the hips or legs below them. */
function partsAt({ spareMm }: Way, { bands = [] }: Walker): readonly [PassingPart, PassingPart] {
  const part = (spare: number): PassingPart =>
    spare === 0 ? 'shoulders' : spare === bands[0]?.spareMm ? 'legs' : 'hips'
  return [part(spareMm[0]), part(spareMm[1])]
}

/** How near a door’s plane a place is in its doorway. */
const DOORWAY_MM = 150

/** Whether a place lies in a doorway that people come in by. */
function inDoorway({ interior }: Scene, at: Vec2): boolean {
  return interior.shell.openings.some((opening) => {
    if (!opening.entrance || !isDoor(opening)) return false
    const along = opening.side === 'rear' ? at[1] : at[0]
    return (
      (insideDoor(interior, opening, at) ?? Infinity) < DOORWAY_MM && along > opening.fromMm && along < opening.toMm
    )
  })
}

/** Ways whose narrowest places are nearer than this and alike to a few millimetres are narrow at the same place. */
const SAME_PLACE_MM = 120
const SAME_WIDTH_MM = 4

/** One narrow place is one fault, however many things lie behind it: ways are told together by where they are narrowest. */
function narrowPlaces(
  ways: readonly Way[],
): readonly { readonly way: Way; readonly fittings: readonly string[]; readonly services: readonly ServiceType[] }[] {
  const places: { way: Way; fittings: string[]; services: ServiceType[] }[] = []
  for (const way of ways) {
    const same = places.find(
      ({ way: { at, widthMm } }) =>
        Math.hypot(at[0] - way.at[0], at[1] - way.at[1]) < SAME_PLACE_MM &&
        Math.abs(widthMm - way.widthMm) <= SAME_WIDTH_MM,
    )
    if (same === undefined) places.push({ way, fittings: [way.fittingId], services: [...way.services] })
    else {
      same.fittings.push(way.fittingId)
      same.services.push(...way.services.filter((service) => !same.services.includes(service)))
    }
  }
  return places
}

/** From the entrance one can walk to everything that the mode uses. */
export const wayWidth = defineRule({
  id: 'way-width',
  group: 'ways',
  modes: 'every',
  reads: ['scene', 'brief', 'ways'],
  gravity: { 'way-narrow': 'caution', 'way-shut': 'stop' },
  basis: published(
    `shoulder breadth 0.259, hip breadth 0.191 and twice the foot’s 0.055 of one’s height, beside what is higher than the hip, than the knee, and lower: Drillis & Contini 1966; a route of {915} for a wheelchair: ${ACCESS_SOURCE}; {700} for a walker’s frame and a hand on either side: trade practice, no published source`,
  ),
  tolerance: comfort(),
  parameters: {
    shoulders: {
      default: 0.259,
      min: 0.2,
      max: 0.4,
      unit: 'share',
      basis: published('Drillis & Contini 1966, as drawn in Winter (from memory)'),
    },
    leastMm: { default: 300, min: 200, max: 600, unit: 'mm', basis: practice('nobody squeezes through less') },
  },
  check: ({ scene, ways, brief, find, parameters }) => {
    const { breadths, ...who } = passing(brief, parameters.shoulders)
    // where one cannot stand nobody walks, and into a bed one gets straight from a door as well
    if (isCrawledIn(scene.interior)) return []
    const walked = ways().filter((way) => {
      const placed = find(way.fittingId)
      return placed === undefined || !(isReachedFromDoor(scene, placed) || isReachedOverBed(scene, placed))
    })
    const walker = walkerOf(brief)
    return narrowPlaces(walked).flatMap(({ way, fittings, services }): Draft<'way-narrow' | 'way-shut'>[] => {
      const parts = partsAt(way, walker)
      // half of what passes on one side and half of what passes on the other
      const wanted = Math.round((breadths[parts[0]] + breadths[parts[1]]) / 2)
      const common = {
        fittings,
        place: [way.at[0], way.at[1], 900] as Vec3,
        measured: way.gapMm,
        unit: 'mm' as const,
      }
      // where no shoulders pass, one sidles through less
      const leastMm = Math.round((parameters.leastMm * wanted) / breadths.shoulders)
      if (way.gapMm < leastMm) {
        const facts = { services, between: way.between, fromMm: way.fromMm, leastMm, path: way.path() }
        return [{ ...common, code: 'way-shut' as const, needed: leastMm, facts }]
      }
      // a published door is narrower than a published route
      const needed = who.aid !== undefined && inDoorway(scene, way.at) ? routeOf(who.aid).doorMm : wanted
      if (way.gapMm >= needed) return []
      const sides = parts.map((part) => ({ part, mm: Math.round(breadths[part]) }))
      const facts = { services, between: way.between, fromMm: way.fromMm, ...who, sides, path: way.path() }
      return [{ ...common, code: 'way-narrow' as const, needed, facts }]
    })
  },
  remedies: (input, finding) => {
    const missing =
      finding.code === 'way-narrow'
        ? finding.needed - finding.measured
        : Math.ceil(passing(input.brief, input.parameters.shoulders).breadths.shoulders) - finding.measured
    return finding.facts.between.flatMap((side): Remedy[] => {
      const placed = side.kind === 'fitting' ? input.find(side.id) : undefined
      if (placed === undefined) return []
      const remedies: Remedy[] = []
      const depthMm = narrowable(placed, 'front')
      if (depthMm !== undefined)
        remedies.push(...setHandle(input, placed, 'set-depth', 'front', Math.floor(depthMm - missing)))
      const lengthMm = narrowable(placed, 'end')
      if (lengthMm !== undefined)
        remedies.push(...setHandle(input, placed, 'set-length', 'end', Math.floor(lengthMm - missing)))
      remedies.push(
        ...shift(input, placed, 'shift-back', [-1, 0, 0], missing + 1),
        ...shift(input, placed, 'shift-forward', [1, 0, 0], missing + 1),
      )
      const { across } = placed.seat
      if (across.mm > 0 && across.from === 'left-wall')
        remedies.push(...shift(input, placed, 'shift-left', [0, 1, 0], Math.min(across.mm, missing + 1)))
      if (across.mm > 0 && across.from === 'right-wall')
        remedies.push(...shift(input, placed, 'shift-right', [0, -1, 0], Math.min(across.mm, missing + 1)))
      return remedies
    })
  },
})
